import { proxy, wrap, type Remote } from 'comlink';
import type { LookPicture, LookProgress, LookRequest, LookResult, LookWorker } from './messages';

export type { LookPicture, LookRequest } from './messages';

/** A worker that makes pictures of a piece; one for each place on the page that shows one. */
export class LookClient {
	#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
	#remote: Remote<LookWorker> = wrap<LookWorker>(this.#worker);

	/** Resolves to false where a later call, or `cancel`, put it off. */
	look(request: LookRequest, onPicture: LookResult, onProgress: LookProgress = () => {}): Promise<boolean> {
		return this.#remote.look(request, proxy(onPicture), proxy(onProgress));
	}

	/** One large picture; null where it was cancelled. */
	makeOnce(request: Parameters<LookWorker['makeOnce']>[0], onProgress: LookProgress): Promise<LookPicture | null> {
		return this.#remote.makeOnce(request, proxy(onProgress));
	}

	cancel(): void {
		void this.#remote.cancel();
	}

	close(): void {
		this.#worker.terminate();
	}
}
