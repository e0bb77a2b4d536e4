import { createPlanner, planProject, sourceOfScene, type Plan } from '../src/core/plan';
import {
	copyPlanes,
	createPlanes,
	createRenderer,
	createSceneReader,
	createSceneWriter,
	describeScene,
	type SceneLayer
} from '../src/core/preview';
import type { Project } from '../src/core/project';
import { demo, DEMOS, readDemo } from './plan';
import { compare, print } from './ratio';

const COATS = 12;
const MILLIONS = 2e6;
const chest = describeScene(sourceOfScene(demo, planProject(demo)));
const films = chest.layers.filter(({ kind }) => kind !== 'none');
/** The coats of the demo chest over and over, a clear coat on top, until there are twelve. */
const layers = Array.from({ length: COATS }, (_, i) => (i === COATS - 1 ? films.at(-1)! : films[i % films.length]!));
const scene = { ...chest, layers: layers.map((layer, i) => ({ ...layer, coat: `coat-${i}` })) };
const scale = Math.sqrt(MILLIONS / (scene.width * scene.height));

/** Every byte of the planes of every coat read and written once: no picture can be cheaper. */
function barePass(scale: number, coats: number) {
	const planes = createPlanes(Math.round(scene.width * scale), Math.round(scene.height * scale));
	return () => {
		for (let i = 0; i < coats; i++) copyPlanes(planes);
	};
}

export async function benchLook(): Promise<void> {
	const TIME = 3000;
	print(
		await compare(
			`look, 2 million pixels, ${COATS} coats, cold`,
			() => createRenderer().render(scene, scale, COATS),
			'bare pass',
			barePass(scale, COATS),
			TIME
		)
	);
	for (const last of TONED)
		print(
			await compare(
				`look, 2 million pixels, last coat changed, a ${last.name}`,
				changeLast(last.layer),
				'a clear coat',
				changeLastCoat(),
				TIME
			)
		);
	const half = scale / Math.SQRT2;
	print(
		await compare(
			`look, 1 million pixels, ${COATS} coats, cold`,
			() => createRenderer().render(scene, half, COATS),
			'bare pass',
			barePass(half, COATS),
			TIME
		)
	);
	print(
		await compare(
			'look, 2 million pixels, 6 coats, cold',
			() => createRenderer().render(scene, scale, 6),
			'bare pass',
			barePass(scale, 6),
			TIME
		)
	);
	print(await compare('look, 2 million pixels, last coat changed', changeLastCoat(), 'bare pass', barePass(scale, 1), TIME));
	print(
		await compare(
			`look, quarter resolution, ${COATS} coats, cold`,
			() => createRenderer().render(scene, scale / 4, COATS),
			'bare pass',
			barePass(scale / 4, COATS),
			TIME / 2
		)
	);
	for (const name of DEMOS) await benchEdit(name);
}

/** From an edit that is planned already to the picture, as the page and its worker do it; and with a plan in the worker, as it was once. */
async function benchEdit(name: (typeof DEMOS)[number]): Promise<void> {
	const project = readDemo(name);
	const coats = project.finish.coats;
	const edited: Project = {
		...project,
		finish: {
			...project.finish,
			coats: coats.map((coat) => (coat.id === last(coats) && 'times' in coat ? { ...coat, times: coat.times + 1 } : coat))
		}
	};
	const pair = [project, edited].map((one): [Project, Plan] => [one, planProject(one)]);
	const scale = Math.sqrt(MILLIONS / 16 / (pair[0]![1].faces[0]!.width * pair[0]![1].faces[0]!.height));
	const sides = [createRenderer(), createRenderer()] as const;
	const [write, read, planner] = [createSceneWriter(), createSceneReader(), createPlanner()];
	let turn = 0;
	print(
		await compare(
			`look after one edit, without planning: ${name}`,
			() => {
				const [one, plan] = pair[turn++ % 2]!;
				return sides[0].render(read(structuredClone(write(describeScene(sourceOfScene(one, plan))))), scale, coats.length);
			},
			'planned again',
			() => {
				const one = structuredClone(pair[turn++ % 2]![0]);
				return sides[1].render(describeScene(sourceOfScene(one, planner(one))), scale, coats.length);
			}
		)
	);
}

/** The last one that leaves something. */
function last(coats: Project['finish']['coats']): string {
	return coats.findLast((coat) => 'times' in coat)!.id;
}

const ink = { hex: '#4a3320', cover: 0.5, sheen: 0.2, film: 15 };
const surfaces = [1, ...chest.fronts.map((_, i) => i + 2)];
const spots = chest.layers.flatMap((layer) => (layer.kind === 'stencil' ? layer.spots : []));
/** What is asked of the relief under it, or goes through motifs. */
const TONED: readonly { readonly name: string; readonly layer: SceneLayer }[] = [
	{ name: 'glaze', layer: { kind: 'glaze', coat: 'last', surfaces, ...ink } },
	{ name: 'gilding wax on high points', layer: { kind: 'gild', coat: 'last', surfaces, catches: 'heights', ...ink } },
	{
		name: 'gilding wax through motifs',
		layer: { kind: 'gild', coat: 'last', surfaces, catches: 'all', through: { spots, edge: 'soft' }, ...ink }
	},
	{ name: 'paste through motifs', layer: { kind: 'relief', coat: 'last', spots, shoulder: 'rounded', ...ink, film: 1000 } },
	{ name: 'sanding to bare', layer: { kind: 'bare', coat: 'last', surfaces, ground: chest.ground, grounds: {} } }
];

function changeLast(layer: SceneLayer) {
	const renderer = createRenderer();
	let turn = 0;
	return () => {
		const changed = { ...layer, coat: `last-${turn++ % 2}` };
		return renderer.render({ ...scene, layers: [...scene.layers.slice(0, -1), changed] }, scale, COATS);
	};
}

function changeLastCoat() {
	const renderer = createRenderer();
	renderer.render(scene, scale, COATS);
	let sheen = 0;
	return () => {
		sheen = (sheen + 0.01) % 0.3;
		const changed = scene.layers.map((layer, i) => (i === COATS - 1 && layer.kind === 'clear' ? { ...layer, sheen } : layer));
		return renderer.render({ ...scene, layers: changed }, scale, COATS);
	};
}
