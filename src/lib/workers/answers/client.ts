import { wrap, type Remote } from 'comlink';
import type { AnswersWorker } from './worker';

/** A worker that answers what takes too long for a plan on the page; started with the first question. */
export class AnswersClient {
	#worker: Worker | null = null;
	#remote: Remote<AnswersWorker> | null = null;

	/** @param name - of a question of `SLOW_QUESTIONS`. Rejects where there is no worker to be had, too. */
	async answer(name: string, given: object): Promise<unknown> {
		this.#worker ??= new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
		this.#remote ??= wrap<AnswersWorker>(this.#worker);
		return this.#remote.answer(name, given);
	}

	close(): void {
		this.#worker?.terminate();
		[this.#worker, this.#remote] = [null, null];
	}
}
