import { readFileSync } from 'node:fs';
import { readProjectText } from '../src/core/formats';
import { createPlanner, planProject } from '../src/core/plan';
import { newClear, newWax, type Coat } from '../src/core/layers';
import type { Arrangement, Motif } from '../src/core/layout';
import { addArrangement, type Project } from '../src/core/project';
import { compare, print } from './ratio';

export const DEMOS = ['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'] as const;
const textOf = (demo: string) => readFileSync(new URL(`../demo/${demo}.json`, import.meta.url), 'utf8');

export function readDemo(demo: (typeof DEMOS)[number]): Project {
	const read = readProjectText(textOf(demo));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
}

export const demo = readDemo('sail-loft-chest');

export async function benchPlan(): Promise<void> {
	for (const name of DEMOS) {
		const [project, text] = [readDemo(name), textOf(name)];
		print(
			await compare(
				`plan from nothing: ${name}`,
				() => planProject(project),
				'its file read and checked',
				() => readProjectText(text)
			)
		);
	}
	for (const [name, project] of [
		...DEMOS.map((name) => [name, readDemo(name)] as const),
		['25 steps, three of them through motifs', longOrder()] as const
	])
		await benchEdit(name, project);
	await benchField();
	for (const name of DEMOS) await benchManySteps(name);
}

/** The same piece with ten steps and with forty, its own and clear coats on all or on the fronts: from nothing, and after a change. */
async function benchManySteps(name: (typeof DEMOS)[number]): Promise<void> {
	const project = readDemo(name);
	const { coats } = project.finish;
	const more = Array.from({ length: 40 }, (_, i): Coat => ({ ...newClear(i % 3 === 0 ? 'all' : 'fronts'), id: `seal-${i}`, times: 1 }));
	const withSteps = (count: number) => ({ ...project, finish: { ...project.finish, coats: [...coats, ...more].slice(0, count) } });
	await benchEdit(`${name}, 40 steps`, withSteps(40));
	const [ten, forty] = [withSteps(10), withSteps(40)];
	print(
		await compare(
			`plan from nothing: ${name}, 40 steps`,
			() => planProject(forty),
			'10 steps',
			() => planProject(ten)
		)
	);
}

/** A field of casts on a door with an arched panel and a border round it, pulled: all of it is laid, judged and timed again. */
async function benchField(): Promise<void> {
	const paths = [{ d: 'M12 0L15 9L24 12L15 15L12 24L9 15L0 12L9 9Z', rule: 'nonzero' as const }];
	const boss: Motif = { id: 'boss', name: 'Boss', width: 24, height: 24, paths, mould: { height: 5, shrinkage: 0.05 } };
	const { project, id } = addArrangement({ project: readDemo('chart-cabinet'), motif: boss, kind: 'grid' });
	const planner = createPlanner();
	let at = 0;
	const move = () => {
		at++;
		const offset = { x: (at % 30) * 0.7, y: (at % 20) * 0.3 };
		const moved = project.layout.arrangements.map((one) =>
			one.id === id ? ({ ...one, parts: ['door-1'], gap: { across: 2, down: 2 }, offset } as Arrangement) : one
		);
		return planner({ ...project, layout: { ...project.layout, arrangements: moved } }, () => undefined);
	};
	const field = move();
	const count = field.items.filter(({ arrangement }) => arrangement === id).length;
	print(await compare(`one move of ${count} casts on a door`, move, 'whole plan from nothing', () => planProject(project)));
}

/** A change of the last coat, again and again: the whole plan follows, its order judged. */
async function benchEdit(name: string, project: Project): Promise<void> {
	const planner = createPlanner();
	const last = project.finish.coats.at(-1)!.id;
	let wait = 0;
	const edit = () =>
		planner({
			...project,
			finish: { ...project.finish, coats: project.finish.coats.map((coat) => (coat.id === last ? { ...coat, wait: ++wait % 500 } : coat)) }
		});
	print(await compare(`one edit of a coat: ${name}`, edit, 'whole plan from nothing', () => planProject(project)));
}

/** The demo chest with as many steps as a piece takes that is toned, printed in two tones and gilded. */
function longOrder(): Project {
	const { coats } = demo.finish;
	const stencil = coats.find(({ id }) => id === 'stencil')!;
	const toned = { ...stencil, id: 'toned', colour: { zone: 'glow' } } as Coat;
	const tops = { ...newWax('all'), id: 'tops', through: 'reeds' };
	const more = Array.from({ length: 13 }, (_, i): Coat => ({ ...newClear(i % 2 === 0 ? 'all' : 'drawers'), id: `seal-${i}`, times: 1 }));
	return { ...demo, finish: { ...demo.finish, coats: [...coats.slice(0, 8), toned, ...more, ...coats.slice(8), tops] } };
}
