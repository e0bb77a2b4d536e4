import { readFileSync } from 'node:fs';
import { readProjectText } from '../src/core/formats';
import { createPlanner, planProject } from '../src/core/plan';
import { compare, print } from './ratio';

const read = readProjectText(readFileSync(new URL('../demo/sail-loft-chest.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
export const demo = read.project;

export async function benchPlan(): Promise<void> {
	const planner = createPlanner();
	let wait = 0;
	const edit = () =>
		planner({
			...demo,
			finish: { ...demo.finish, coats: demo.finish.coats.map((coat) => (coat.id === 'clear' ? { ...coat, wait: ++wait % 500 } : coat)) }
		});
	print(await compare('plan of the demo chest after one edit of a coat', edit, 'whole plan from nothing', () => planProject(demo)));
}
