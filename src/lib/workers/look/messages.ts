import type { Light, SceneUpdate } from '$core/preview';

/** One picture to be made. A later request puts an earlier one of the same client off. */
export interface LookRequest {
	/** Who asks: a worker makes pictures for several places of a page. */
	readonly client: number;
	/** What changed since the last request of this client, of either kind. */
	readonly scene: SceneUpdate;
	/** Steps of the order that are shown. */
	readonly steps: number;
	/** Pixels per mm of the last picture; quicker, coarser ones may come before it. */
	readonly scales: readonly number[];
	/** The lamp, where it is not the workshop's. */
	readonly light?: Light;
}

export interface LookPicture {
	readonly width: number;
	readonly height: number;
	readonly scale: number;
	readonly pixels: Uint8ClampedArray<ArrayBuffer>;
	readonly last: boolean;
}

/** Told after every layer. */
export type LookProgress = (laid: number, of: number) => void;
export type LookResult = (picture: LookPicture) => void;

export interface LookWorker {
	/** True when it came to its last picture, false when a later request put it off or it was cancelled. */
	look(request: LookRequest, onPicture: LookResult, onProgress: LookProgress): Promise<boolean>;
	/** One large picture, of which nothing is kept; null where a later request put it off or it was cancelled. */
	makeOnce(request: Omit<LookRequest, 'scales'> & { readonly scale: number }, onProgress: LookProgress): Promise<LookPicture | null>;
	cancel(client: number): void;
	/** Lets go of all that is kept for a client. */
	forget(client: number): void;
}
