import type { Motif } from '$core/layout';
import type { MotifFigures } from '$core/plan';
import { wrap, type Remote } from 'comlink';
import type { MotifsWorker } from './worker';

/** A worker that reads what a sheet can do with a motif; started when the first one is asked for. */
export class MotifsClient {
	#worker: Worker | null = null;
	#remote: Remote<MotifsWorker> | null = null;

	read(motif: Motif): Promise<MotifFigures> {
		this.#worker ??= new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
		this.#remote ??= wrap<MotifsWorker>(this.#worker);
		return this.#remote.read(motif);
	}

	close(): void {
		this.#worker?.terminate();
		[this.#worker, this.#remote] = [null, null];
	}
}
