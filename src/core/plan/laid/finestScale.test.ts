import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { finestScale, planProject } from '../index';

it.each(['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'])(
	'%s: what is laid finer than its sheet is hinted at, nothing else',
	(name) => {
		const read = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
		if (!read.ok) throw new Error(name);
		const plan = planProject(read.project);
		for (const [at, { id }] of read.project.layout.arrangements.entries()) {
			const own = plan.arrangements.find(({ arrangement }) => arrangement === id)!;
			const least = Math.min(...plan.items.filter((item) => item.arrangement === id && item.motif === own.motif).map(({ scale }) => scale));
			const hinted = plan.hints.some(
				({ code, path }) => (code === 'motif.clogs' || code === 'motif.tears') && path === `layout.arrangements[${at}].motif`
			);
			expect(least < finestScale(read.project, plan, id) - 1e-9, id).toBe(hinted);
		}
	}
);
