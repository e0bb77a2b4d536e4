import { solveHomography, straightSize, warpRows, type Corners, type PixelSource } from '$core/geometry';
import { expose, transfer } from 'comlink';
import type { StraightenWorker } from './messages';

/** Rows between two breaths, so that a cancel is heard. */
const BAND = 96;
const UNPACKED = 0.3;
let current = 0;
/** The photograph that was unpacked last: corners are moved many times on one picture. */
let kept: { readonly url: string; readonly source: PixelSource } | null = null;

const breathe = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

const worker: StraightenWorker = {
	async straighten({ url, corners, width, height }, onProgress) {
		const mine = ++current;
		onProgress(0);
		const source = await unpack(url);
		if (!source || mine !== current) return null;
		onProgress(UNPACKED);
		const size = straightSize(corners, width, height);
		const target: Corners = [
			{ x: 0, y: 0 },
			{ x: size.width, y: 0 },
			{ x: size.width, y: size.height },
			{ x: 0, y: size.height }
		];
		const back = solveHomography(target, corners);
		const out = new Uint8ClampedArray(size.width * size.height * 4);
		for (let from = 0; from < size.height; from += BAND) {
			const to = Math.min(size.height, from + BAND);
			warpRows(source, back, out, { width: size.width, from, to });
			onProgress(UNPACKED + ((1 - UNPACKED) * to) / size.height);
			await breathe();
			if (mine !== current) return null;
		}
		const picture = await createImageBitmap(new ImageData(out, size.width, size.height));
		return transfer({ picture, perMm: size.perMm }, [picture]);
	},
	cancel() {
		current++;
	}
};

async function unpack(url: string): Promise<PixelSource | null> {
	if (kept?.url === url) return kept.source;
	const response = await fetch(url);
	if (!response.ok) return null;
	const bitmap = await createImageBitmap(await response.blob());
	const { width, height } = bitmap;
	const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
	context.drawImage(bitmap, 0, 0);
	bitmap.close();
	const source = { width, height, pixels: context.getImageData(0, 0, width, height).data };
	kept = { url, source };
	return source;
}

expose(worker);
