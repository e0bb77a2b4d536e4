import { measureMotif, type Motif } from '$core/layout';
import { createPlanner, planProject, readMotif, type MotifFigures } from '$core/plan';
import type { Project } from '$core/project';
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { SheetFigures } from './SheetFigures.svelte';

const project = JSON.parse(readFileSync('tests/fixtures/reed-chest.json', 'utf8')) as Project;
const motif = project.layout.motifs[0]! as Motif;

it('is read once for each drawing, elsewhere; the plan has it as soon as it has come, as if it had been worked out with it', async () => {
	const asked: { motif: Motif; answer: (figures: MotifFigures) => void }[] = [];
	const sheets = new SheetFigures((motif) => new Promise((answer) => asked.push({ motif, answer })));
	const planner = createPlanner();
	const figures = (motifs: readonly Motif[]) =>
		planner({ ...project, layout: { ...project.layout, motifs: motifs as never } }, sheets.known).motifs;
	const answer = async (at: number) => {
		asked[at]!.answer(readMotif({ motif: asked[at]!.motif, shape: measureMotif(asked[at]!.motif) }));
		await Promise.resolve();
	};
	sheets.ask([motif]);
	expect(figures([motif])).toEqual([]);
	await answer(0);
	expect(figures([motif])).toEqual(planProject(project).motifs.slice(0, 1));

	const turned: Motif = { ...motif, mirror: false };
	sheets.ask([turned]);
	expect(figures([turned])).toHaveLength(1);
	expect(asked).toHaveLength(1);

	const wider: Motif = { ...motif, width: motif.width * 2 };
	sheets.ask([wider, wider]);
	expect(asked).toHaveLength(2);
	expect(figures([wider])).toEqual([]);
	await answer(1);
	expect(figures([wider])).toHaveLength(1);
});

it('asks again after a worker that failed', async () => {
	let calls = 0;
	const sheets = new SheetFigures(() => (calls++ === 0 ? Promise.reject(new Error('out of memory')) : new Promise(() => {})));
	sheets.ask([motif]);
	await new Promise((resolve) => setTimeout(resolve));
	sheets.ask([motif]);
	sheets.ask([motif]);
	expect(calls).toBe(2);
});
