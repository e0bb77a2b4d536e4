import type { Lab } from '$core/colour';

/** Anything that reads the colour of a swatch it is laid on: the simulated one, or a real one behind the same call. */
export interface ColourReader {
	/** One reading; null where nothing lies under it. */
	read(): Promise<Lab | null>;
}
