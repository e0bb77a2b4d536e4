import type { Traced, TraceWish } from '$core/formats';
import { wrap, type Remote } from 'comlink';
import type { TraceWorker } from './worker';

/** A worker that traces silhouettes. */
export class TraceClient {
	#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
	#remote: Remote<TraceWorker> = wrap<TraceWorker>(this.#worker);

	open(file: Blob): Promise<number | null> {
		return this.#remote.open(file);
	}

	trace(wish: TraceWish, id: string, name: string): Promise<Traced> {
		return this.#remote.trace(wish, id, name);
	}

	close(): void {
		this.#worker.terminate();
	}
}
