import type { CutReport } from '$core/sheets';

/** Cuts a file (SVG with a group `cut`), or says what it would spoil. A real one stands behind the same interface. */
export interface Cutter {
	cut(file: string): Promise<CutReport>;
}
