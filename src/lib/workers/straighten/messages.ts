import type { Corners } from '$core/geometry';

/** One photograph to be straightened. */
export interface StraightenRequest {
	/** Where its bytes are. */
	readonly url: string;
	/** Its four corners, px. */
	readonly corners: Corners;
	/** What they are in truth, mm. */
	readonly width: number;
	readonly height: number;
}

export interface Straightened {
	readonly picture: ImageBitmap;
	readonly perMm: number;
}

/** 0 to 1; the picture is first unpacked, then straightened band by band. */
export type StraightenProgress = (done: number) => void;

export interface StraightenWorker {
	/** Null where a later request, or `cancel`, put it off, or the picture is not there. */
	straighten(request: StraightenRequest, onProgress: StraightenProgress): Promise<Straightened | null>;
	cancel(): void;
}
