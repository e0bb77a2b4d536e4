import { proxy, wrap, type Remote } from 'comlink';
import type { Straightened, StraightenProgress, StraightenRequest, StraightenWorker } from './messages';

export type { Straightened } from './messages';

/** A worker that straightens photographs of a face. */
export class StraightenClient {
	#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
	#remote: Remote<StraightenWorker> = wrap<StraightenWorker>(this.#worker);

	straighten(request: StraightenRequest, onProgress: StraightenProgress): Promise<Straightened | null> {
		return this.#remote.straighten(request, proxy(onProgress));
	}

	cancel(): void {
		void this.#remote.cancel();
	}

	close(): void {
		this.#worker.terminate();
	}
}
