import type { Project } from '$core/project';
import type { Sheet } from '$core/sheets';
import { wrap, type Remote } from 'comlink';
import type { MadePlan, PlanWorker } from './worker';

export type { MadePlan } from './worker';

/** A worker that plans a piece which takes too long for the page; started when it is first asked. */
export class PlanClient {
	#worker: Worker | null = null;
	#remote: Remote<PlanWorker> | null = null;
	/** Of what is under way. */
	readonly #fail = new Set<(error: Error) => void>();

	/** Rejects where it was stopped, or the worker failed. */
	plan(project: Project): Promise<MadePlan> {
		return this.#ask((remote) => remote.plan(project));
	}

	/** How long it takes from nothing, ms: the first time is slow for its own reasons. */
	time(): Promise<number> {
		return this.#ask((remote) => remote.time());
	}

	/** Its sheets; of what was planned last they are soon drawn. */
	pages(project: Project, paper: Project['paper']): Promise<Sheet[]> {
		return this.#ask((remote) => remote.pages(project, paper));
	}

	/** Ends what is under way; the next is planned from nothing. */
	stop(): void {
		this.#worker?.terminate();
		[this.#worker, this.#remote] = [null, null];
		for (const fail of this.#fail) fail(new Error('stopped'));
	}

	#ask<T>(question: (remote: Remote<PlanWorker>) => Promise<T>): Promise<T> {
		if (!this.#worker) {
			this.#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
			this.#worker.addEventListener('error', () => this.stop());
			this.#remote = wrap<PlanWorker>(this.#worker);
		}
		return new Promise<T>((resolve, reject) => {
			this.#fail.add(reject);
			question(this.#remote!)
				.then(resolve, reject)
				.finally(() => this.#fail.delete(reject));
		});
	}
}
