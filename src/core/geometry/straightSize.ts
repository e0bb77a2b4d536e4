import type { Corners } from './homography';

/** A straightened picture is no finer than the photograph, and has no more pixels than this. */
const MOST_PIXELS = 12e6;

/** The size (px) and the fineness (px per mm) of the straightened picture of a face so wide and high (mm), clicked at four corners (px). */
export function straightSize(
	corners: Corners,
	width: number,
	height: number
): { readonly width: number; readonly height: number; readonly perMm: number } {
	const side = (a: number, b: number) => Math.hypot(corners[a]!.x - corners[b]!.x, corners[a]!.y - corners[b]!.y);
	const finest = Math.max(side(0, 1) / width, side(3, 2) / width, side(0, 3) / height, side(1, 2) / height);
	const perMm = Math.min(finest, Math.sqrt(MOST_PIXELS / (width * height)));
	return { width: Math.max(1, Math.round(width * perMm)), height: Math.max(1, Math.round(height * perMm)), perMm };
}
