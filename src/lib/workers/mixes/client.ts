import type { Mix, Pigment } from '$core/colour';
import { wrap, type Remote } from 'comlink';
import type { MixesWorker } from './worker';

/** A worker that finds mixes for a wished colour. */
export class MixesClient {
	#worker: Worker | null = null;
	#remote: Remote<MixesWorker> | null = null;
	#give: (() => void) | null = null;

	/** Null where it was stopped. */
	async find(wish: string, stock: readonly Pigment[]): Promise<Mix[] | null> {
		if (this.#remote === null) {
			this.#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
			this.#remote = wrap<MixesWorker>(this.#worker);
		}
		const stopped = new Promise<null>((resolve) => (this.#give = () => resolve(null)));
		const failed = new Promise<never>((_, reject) =>
			this.#worker!.addEventListener('error', () => reject(new Error('The mixes could not be tried.')), { once: true })
		);
		return Promise.race([this.#remote.findMixes(wish, stock), stopped, failed]);
	}

	/** What is under way is given up; the next search has a worker of its own. */
	stop(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.#remote = null;
		this.#give?.();
	}

	close(): void {
		this.stop();
	}
}
