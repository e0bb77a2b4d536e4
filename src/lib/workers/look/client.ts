import { createSceneWriter, type Scene } from '$core/preview';
import { proxy, wrap, type Remote } from 'comlink';
import type { LookPicture, LookProgress, LookRequest, LookResult, LookWorker } from './messages';

export type { LookPicture } from './messages';

/** A worker that makes pictures of a piece; one for each place on the page that shows one. It is sent what changed, and plans nothing. */
export class LookClient {
	#worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
	#remote: Remote<LookWorker> = wrap<LookWorker>(this.#worker);
	#write = createSceneWriter();

	/** Resolves to false where a later call, or `cancel`, put it off. */
	look(scene: Scene, asked: Omit<LookRequest, 'scene'>, onPicture: LookResult, onProgress: LookProgress = () => {}): Promise<boolean> {
		return this.#remote.look({ scene: this.#write(scene), ...asked }, proxy(onPicture), proxy(onProgress));
	}

	/** One large picture; null where it was cancelled. */
	makeOnce(scene: Scene, asked: { steps: number; scale: number }, onProgress: LookProgress): Promise<LookPicture | null> {
		return this.#remote.makeOnce({ scene: this.#write(scene), ...asked }, proxy(onProgress));
	}

	cancel(): void {
		void this.#remote.cancel();
	}

	close(): void {
		this.#worker.terminate();
	}
}
