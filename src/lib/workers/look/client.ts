import { createSceneWriter, type Light, type Scene } from '$core/preview';
import { proxy, wrap, type Remote } from 'comlink';
import type { LookPicture, LookProgress, LookRequest, LookResult, LookWorker } from './messages';

export type { LookPicture } from './messages';

interface HiredWorker {
	readonly worker: Worker;
	readonly remote: Remote<LookWorker>;
	clients: number;
}

function hire(): HiredWorker {
	const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
	return { worker, remote: wrap<LookWorker>(worker), clients: 0 };
}

/** Workers that are shared by all places of the page: they stay, so that the next picture does not wait for one to start. */
const SHARED: HiredWorker[] = [];
const MOST = 3;

function share(): HiredWorker {
	const most = Math.min(MOST, Math.max(1, navigator.hardwareConcurrency ?? 1));
	const idle = SHARED.find(({ clients }) => clients === 0);
	if (idle) return idle;
	if (SHARED.length < most) SHARED.push(hire());
	return SHARED.reduce((least, hand) => (hand.clients < least.clients ? hand : least));
}

let count = 0;

/** Makes pictures of a piece for one place on the page, in a worker that is sent what changed and plans nothing. */
export class LookClient {
	readonly #id = ++count;
	readonly #hand: HiredWorker;
	readonly #own: boolean;
	#write = createSceneWriter();

	/** `own`: in a worker of its own, which ends with it; for pictures that are too large to stand beside others. */
	constructor(own = false) {
		this.#own = own;
		this.#hand = own ? hire() : share();
		this.#hand.clients++;
	}

	/** Resolves to false where a later call, or `cancel`, put it off. */
	look(
		scene: Scene,
		asked: Omit<LookRequest, 'scene' | 'client'>,
		onPicture: LookResult,
		onProgress: LookProgress = () => {}
	): Promise<boolean> {
		return this.#hand.remote.look({ client: this.#id, scene: this.#write(scene), ...asked }, proxy(onPicture), proxy(onProgress));
	}

	/** One large picture; null where it was cancelled. */
	makeOnce(scene: Scene, asked: { steps: number; scale: number; light?: Light }, onProgress: LookProgress): Promise<LookPicture | null> {
		return this.#hand.remote.makeOnce({ client: this.#id, scene: this.#write(scene), ...asked }, proxy(onProgress));
	}

	cancel(): void {
		void this.#hand.remote.cancel(this.#id);
	}

	close(): void {
		this.#hand.clients--;
		if (this.#own) this.#hand.worker.terminate();
		else void this.#hand.remote.forget(this.#id);
	}
}
