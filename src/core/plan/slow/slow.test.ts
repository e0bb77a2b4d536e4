import { describe, expect, it } from 'vitest';
import { colourRounds, QUICK, THOROUGH, type Conflicts } from '../../layout';
import { createRandom } from '../../layout/lays/random';
import { roundsOf } from '../laid/planLaysOf';
import { createAsk, KnownAnswers, SLOW_QUESTIONS, type Ask, type SlowQuestion } from './index';

describe('answers', () => {
	let count = 0;
	const question: SlowQuestion<{ readonly of: object; readonly width: number }, number> = {
		name: 'question',
		hangsOn: ({ of, width }) => [of, width],
		answer: ({ width }) => (count++, 10 * width)
	};
	const [of, other] = [{}, {}];

	it('hold for what they hang on, and for nothing else', () => {
		const known = new KnownAnswers();
		known.keep(question, { of, width: 1 }, 10);
		known.keep(question, { of, width: 2 }, 20);
		const found = [1, 2, 3].map((width) => known.find(question, { of, width }));
		expect([...found, known.find(question, { of: other, width: 1 })]).toEqual([10, 20, undefined, undefined]);
		expect(known.find({ ...question, name: 'another' }, { of, width: 1 })).toBeUndefined();
	});

	it('are found once each where they are asked for at once', () => {
		const ask = createAsk();
		expect([1, 1, 2, 1].map((width) => ask(question, { of, width }))).toEqual([10, 10, 20, 10]);
		expect(count).toBe(2);
	});

	it('of every question are found by a name of its own', () => {
		expect(new Set(SLOW_QUESTIONS.map(({ name }) => name)).size).toBe(SLOW_QUESTIONS.length);
	});
});

/** Lays of which each two are in conflict at one chance. */
function conflictsBy(seed: number, size: number, chance: number): Conflicts {
	const random = createRandom(seed);
	const near: number[][] = Array.from({ length: size }, () => []);
	for (let i = 0; i < size; i++)
		for (let j = 0; j < i; j++)
			if (random(1000) < chance * 1000) {
				near[i]!.push(j);
				near[j]!.push(i);
			}
	return near;
}

describe('the fewest rounds', () => {
	const asked: object[] = [];
	const told: Ask = (question, given) => {
		asked.push(given);
		return question.answer(given);
	};
	const hard = Array.from({ length: 12 }, (_, seed) => conflictsBy(seed, 70, 0.5)).find((conflicts) => {
		const { count, least } = colourRounds(conflicts, QUICK);
		return count !== least;
	})!;

	it('are not asked for where a quick search proves them', () => {
		expect(roundsOf({ conflicts: [[1], [0], []], among: 1 }, told)).toMatchObject({ count: 2, least: 2 });
		expect(asked).toEqual([]);
	});

	it('are those of the longer search as soon as they are known, and till then those that there are', () => {
		expect(roundsOf({ conflicts: hard, among: 1 }, told)).toEqual(colourRounds(hard, THOROUGH));
		expect(roundsOf({ conflicts: hard, among: 1 }, () => undefined)).toEqual(colourRounds(hard, QUICK));
		expect(asked).toEqual([{ conflicts: hard, among: 1 }]);
		/** Of many coats each has so little that the quick search is as good. */
		expect(roundsOf({ conflicts: hard, among: 60 }, told)).toEqual(colourRounds(hard, QUICK));
	});
});
