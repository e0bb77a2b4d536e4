import { readFileSync } from 'node:fs';
import { readProjectText } from '../src/core/formats';
import { createPlanner, planProject } from '../src/core/plan';
import type { Project } from '../src/core/project';
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
	const planner = createPlanner();
	let wait = 0;
	const edit = () =>
		planner({
			...demo,
			finish: { ...demo.finish, coats: demo.finish.coats.map((coat) => (coat.id === 'clear' ? { ...coat, wait: ++wait % 500 } : coat)) }
		});
	print(await compare('plan of the demo chest after one edit of a coat', edit, 'whole plan from nothing', () => planProject(demo)));
}
