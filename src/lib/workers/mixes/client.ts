import type { Mix, Pigment } from '$core/colour';
import { wrap, type Remote } from 'comlink';
import type { MixesWorker } from './worker';

/** A worker that finds mixes for a wished colour. */
export class MixesClient {
	#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
	#remote: Remote<MixesWorker> = wrap<MixesWorker>(this.#worker);

	find(wish: string, stock: readonly Pigment[]): Promise<Mix[]> {
		return this.#remote.findMixes(wish, stock);
	}

	close(): void {
		this.#worker.terminate();
	}
}
