/**
 * A question that takes longer to answer than a plan that follows a hand may take. The plan does with what is known, and is made again when the
 * answer has come. How far it is searched is counted, not timed: whoever answers, the answer is the same.
 */
export interface SlowQuestion<Given extends object, Answer> {
	/** By which a worker finds it. */
	readonly name: string;
	/** What the answer hangs on: where these are the same, it is. The first is an object, with which the answer is forgotten. */
	readonly hangsOn: (given: Given) => readonly [object, ...unknown[]];
	/** Takes and gives plain data. */
	readonly answer: (given: Given) => Answer;
}

/** The answer to a question, or undefined where it is not known yet. */
export type Ask = <Given extends object, Answer>(question: SlowQuestion<Given, Answer>, given: Given) => Answer | undefined;

interface Known<Answer> {
	readonly rest: readonly unknown[];
	readonly answer: Answer;
}

/** Answers by what they hang on. */
export class KnownAnswers {
	readonly #byQuestion = new Map<string, WeakMap<object, Known<unknown>[]>>();

	/** What was kept for it; undefined where nothing was. */
	find<Given extends object, Answer>({ name, hangsOn }: SlowQuestion<Given, Answer>, given: Given): Answer | undefined {
		const [first, ...rest] = hangsOn(given);
		const known = this.#byQuestion
			.get(name)
			?.get(first)
			?.find((one) => one.rest.every((value, i) => Object.is(value, rest[i])));
		return known?.answer as Answer | undefined;
	}

	keep<Given extends object, Answer>({ name, hangsOn }: SlowQuestion<Given, Answer>, given: Given, answer: Answer): void {
		const [first, ...rest] = hangsOn(given);
		const answers = this.#byQuestion.get(name) ?? new WeakMap<object, Known<unknown>[]>();
		this.#byQuestion.set(name, answers);
		answers.set(first, [...(answers.get(first) ?? []), { rest, answer }]);
	}
}

/** Where nobody waits for a hand: every question is answered at once, and once. */
export function createAsk(): Ask {
	const known = new KnownAnswers();
	return (question, given) => {
		const found = known.find(question, given);
		if (found !== undefined) return found;
		const answer = question.answer(given);
		known.keep(question, given, answer);
		return answer;
	};
}
