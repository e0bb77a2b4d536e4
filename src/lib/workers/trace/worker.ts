import { traceSilhouette, type Traced, type TraceWish } from '$core/formats';
import { expose } from 'comlink';

/** Longer sides are brought down to this: a stencil needs no more, px. */
const LONGEST = 1000;

/** A picture is opened once, and traced as often as its threshold is moved. */
let held: { readonly width: number; readonly height: number; readonly pixels: Uint8ClampedArray } | null = null;

const worker = {
	/** Opens a picture; null where it is none. Gives the ratio of its height to its width. */
	async open(file: Blob): Promise<number | null> {
		const bitmap = await createImageBitmap(file).catch(() => null);
		if (bitmap === null) return null;
		const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
		const [width, height] = [Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale))];
		const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
		context.imageSmoothingQuality = 'high';
		context.drawImage(bitmap, 0, 0, width, height);
		bitmap.close();
		held = { width, height, pixels: context.getImageData(0, 0, width, height).data };
		return height / width;
	},
	trace(wish: TraceWish, id: string, name: string): Traced {
		if (held === null) return { ok: false, issues: [{ code: 'picture.unknown', path: '' }] };
		return traceSilhouette(held, wish, id, name);
	}
};
export type TraceWorker = typeof worker;

expose(worker);
