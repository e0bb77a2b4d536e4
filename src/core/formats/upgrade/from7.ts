import type { Loose } from './loose';

/**
 * Version 8 knows every step that a painter does, what a piece is for, and where the figures of a tin are from. All of that may be
 * absent, so that what version 7 said is said as it was.
 */
export function upgradeFrom7(document: Loose): Loose {
	return { ...document, version: 8 };
}
