import { planProject, sourceOfScene } from '../src/core/plan';
import { copyPlanes, createPlanes, createRenderer, describeScene } from '../src/core/preview';
import { demo } from './plan';
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
