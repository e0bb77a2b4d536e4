import { createPlanner, planProject, SLOW_QUESTIONS, type SlowQuestion } from '$core/plan';
import type { Project } from '$core/project';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { SlowAnswers } from './SlowAnswers.svelte';

const project = JSON.parse(readFileSync('tests/fixtures/reed-chest.json', 'utf8')) as Project;
const { motifs } = project.layout;

/** A worker that answers when it is told to. */
function workerByHand() {
	const asked: { name: string; given: object; answer: () => Promise<void>; fail: () => Promise<void> }[] = [];
	const settled = () => new Promise<void>((resolve) => setTimeout(resolve));
	const answer = (name: string, given: object) =>
		new Promise<unknown>((resolve, reject) =>
			asked.push({
				name,
				given,
				answer: () => {
					resolve(SLOW_QUESTIONS.find((one) => one.name === name)!.answer(given as never));
					return settled();
				},
				fail: () => {
					reject(new Error('out of memory'));
					return settled();
				}
			})
		);
	return { asked, client: { answer, close: () => {} } };
}

describe('what a sheet can do with a motif', () => {
	const withMotifs = (changed: typeof motifs): Project => ({ ...project, layout: { ...project.layout, motifs: changed } });

	it('is asked once for each drawing, one after another; the plan has it as soon as it has come, as if it had been worked out with it', async () => {
		const { asked, client } = workerByHand();
		const answers = new SlowAnswers(client);
		const planner = createPlanner();
		const figures = (changed: typeof motifs) => answers.answering(() => planner(withMotifs(changed), answers.ask).motifs);
		const [first, second] = [motifs[0]!, { ...motifs[0]!, id: 'second', width: motifs[0]!.width * 2 }];
		expect(figures([first, second])).toEqual([]);
		expect(figures([first, second])).toEqual([]);
		expect(asked).toHaveLength(1);
		const before = answers.ask;
		await asked[0]!.answer();
		expect(answers.ask).not.toBe(before);
		expect(figures([first, second])).toEqual(planProject(project).motifs.slice(0, 1));
		await asked[1]!.answer();
		expect(figures([first, second])).toEqual(planProject(withMotifs([first, second])).motifs);
		/** One of which only the sheet is told otherwise is the same drawing. */
		expect(figures([{ ...first, mirror: false }, second])).toHaveLength(2);
		expect(asked).toHaveLength(2);
	});
});

describe('any question', () => {
	const question: SlowQuestion<{ readonly n: number }, number> = { name: 'twice', hangsOn: (given) => [given], answer: ({ n }) => 2 * n };
	const [one, two, three] = [{ n: 1 }, { n: 2 }, { n: 3 }];
	const open = () => {
		const calls: { given: object; give: (value: unknown) => void; fail: () => void }[] = [];
		const answers = new SlowAnswers({
			answer: (_, given) => new Promise((give, reject) => calls.push({ given, give, fail: () => reject(new Error('gone')) })),
			close: () => {}
		});
		const settled = () => new Promise<void>((resolve) => setTimeout(resolve));
		return { answers, calls, settled };
	};

	it('asked while a hand is followed, is not answered: only what is known is told', async () => {
		const { answers, calls, settled } = open();
		expect(answers.ask(question, one)).toBeUndefined();
		expect(calls).toEqual([]);
		answers.answering(() => answers.ask(question, one));
		calls[0]!.give(2);
		await settled();
		expect(answers.ask(question, one)).toBe(2);
		expect(answers.ask(question, { n: 1 })).toBeUndefined();
	});

	it('that no plan asks any more is passed over', async () => {
		const { answers, calls, settled } = open();
		answers.answering(() => [one, two].map((given) => answers.ask(question, given)));
		answers.answering(() => answers.ask(question, three));
		calls[0]!.give(2);
		await settled();
		expect(calls.map(({ given }) => given)).toEqual([one, three]);
	});

	it('is asked again by the next plan where a worker failed, and the others meanwhile', async () => {
		const { answers, calls, settled } = open();
		const ask = () => answers.answering(() => [one, two].map((given) => answers.ask(question, given)));
		ask();
		calls[0]!.fail();
		await settled();
		expect(calls.map(({ given }) => given)).toEqual([one, two]);
		calls[1]!.give(4);
		await settled();
		expect(ask()).toEqual([undefined, 4]);
		expect(calls.map(({ given }) => given)).toEqual([one, two, one]);
	});
});
