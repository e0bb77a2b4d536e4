import { KnownAnswers, type Ask, type SlowQuestion } from '$core/plan';
import { AnswersClient } from '$lib/workers/answers/client';

interface Asked {
	readonly question: SlowQuestion<object, unknown>;
	readonly given: object;
}

/** Answers to what takes longer than a plan on the page may: a worker finds them, one after another, and the plan follows when one has come. */
export class SlowAnswers {
	readonly #known = new KnownAnswers();
	/** Another function after every answer, so that what hangs on it follows. */
	ask: Ask = $state.raw(this.#createAsk());
	readonly #client: Pick<AnswersClient, 'answer' | 'close'>;
	/** Of the last plan of what is kept; what no plan asks any more is not answered. */
	#waiting: Asked[] = [];
	#underWay: Asked | null = null;
	#isKept = false;

	constructor(client: Pick<AnswersClient, 'answer' | 'close'> = new AnswersClient()) {
		this.#client = client;
	}

	/** What is asked during this is answered: a plan of what is kept. Elsewhere (a drag, a trial) only what is known is told. */
	answering<T>(plan: () => T): T {
		this.#waiting = [];
		this.#isKept = true;
		try {
			return plan();
		} finally {
			this.#isKept = false;
			this.#next();
		}
	}

	/** The piece is left. */
	close(): void {
		this.#waiting = [];
		this.#client.close();
	}

	#createAsk(): Ask {
		return (question, given) => {
			const answer = this.#known.find(question, given);
			if (answer === undefined && this.#isKept) this.#waiting.push({ question: question as SlowQuestion<object, unknown>, given });
			return answer;
		};
	}

	#next(): void {
		if (this.#underWay) return;
		const asked = this.#waiting.shift();
		if (!asked) return;
		if (this.#known.find(asked.question, asked.given) !== undefined) return this.#next();
		this.#underWay = asked;
		void this.#client.answer(asked.question.name, asked.given).then(
			(answer) => {
				this.#known.keep(asked.question, asked.given, answer);
				this.#underWay = null;
				this.ask = this.#createAsk();
				this.#next();
			},
			/** A worker that failed is asked again with the next change; the others are. */
			() => {
				this.#underWay = null;
				this.#next();
			}
		);
	}
}
