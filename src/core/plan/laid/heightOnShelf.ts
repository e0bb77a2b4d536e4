import type { Mm } from '../../units';

/** Of its width, what a long piece counts as its height. */
const OF_WIDTH = 3 / 4;

/** How tall a piece counts (mm) where several stand side by side at one scale: a long one must not run over its place. */
export function heightOnShelf({ width, height }: { readonly width: Mm; readonly height: Mm }): Mm {
	return Math.max(height, width * OF_WIDTH, 1);
}
