import type { Motif } from '$core/layout';
import type { MotifFigures } from '$core/plan';
import { wrap, type Remote } from 'comlink';
import type { MotifsWorker } from './worker';

/** A worker that reads what a sheet can do with a motif; started when the first one is asked for. */
export class MotifsClient {
	#remote: Remote<MotifsWorker> | null = null;

	read(motif: Motif): Promise<MotifFigures> {
		this.#remote ??= wrap<MotifsWorker>(new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' }));
		return this.#remote.read(motif);
	}
}
