/** More pixels than this are not made of one face. */
const MOST_PIXELS = 2_400_000;
/** A little finer than the window shows it, in steps: the picture is not made again for every pixel of the window. */
const FINER = 1.5;
const STEPS = 4;

/** Pixels per mm for a picture of a face (mm) that the window shows at `shown` px per mm. */
export function pixelsPerMm(shown: number, face: { readonly width: number; readonly height: number }): number {
	return Math.min(Math.ceil(shown * FINER * STEPS) / STEPS, Math.sqrt(MOST_PIXELS / (face.width * face.height)));
}
