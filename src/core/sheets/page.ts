import type { Mm } from '../units';

/** One printed page, mm from its top left corner: drawn on the screen and written to PDF from the same description. */
export interface Page {
	readonly width: Mm;
	readonly height: Mm;
	readonly title: string;
	readonly items: readonly PageItem[];
}

export type Ink = 'ink' | 'soft' | 'faint' | 'ember';

export type PageItem =
	| {
			readonly kind: 'line';
			readonly x1: Mm;
			readonly y1: Mm;
			readonly x2: Mm;
			readonly y2: Mm;
			readonly weight: Mm;
			readonly ink: Ink;
			readonly dashed?: boolean;
			readonly name?: string;
	  }
	| {
			readonly kind: 'rect';
			readonly x: Mm;
			readonly y: Mm;
			readonly width: Mm;
			readonly height: Mm;
			readonly weight: Mm;
			readonly ink: Ink;
			readonly fill?: string;
			readonly name?: string;
	  }
	| {
			readonly kind: 'circle';
			readonly x: Mm;
			readonly y: Mm;
			readonly radius: Mm;
			readonly weight: Mm;
			readonly ink: Ink;
			readonly fill?: string;
	  }
	| {
			readonly kind: 'rings';
			readonly rings: readonly (readonly number[])[];
			/** Rings that lie over each other are no holes. */
			readonly rule?: 'nonzero';
			readonly fill: string | null;
			readonly weight: Mm;
			readonly ink: Ink;
			readonly name?: string;
	  }
	/** `size` is the height of the type, mm; the point is on its baseline; turned by `turn` degrees, anticlockwise. */
	| {
			readonly kind: 'text';
			readonly x: Mm;
			readonly y: Mm;
			readonly text: string;
			readonly size: Mm;
			readonly ink: Ink;
			readonly anchor?: 'start' | 'middle' | 'end';
			readonly bold?: boolean;
			readonly turn?: number;
			readonly name?: string;
	  };

export const PAPERS: Readonly<Record<'a4' | 'letter', { readonly width: Mm; readonly height: Mm; readonly name: string }>> = {
	a4: { width: 210, height: 297, name: 'A4' },
	letter: { width: 215.9, height: 279.4, name: 'Letter' }
};

/** How a page lies before the painter. */
export type Lie = 'upright' | 'across';

/** Of a page of some paper as it lies, mm. */
export function sizeOfPage(paper: 'a4' | 'letter', lie: Lie): { readonly width: Mm; readonly height: Mm } {
	const { width, height } = PAPERS[paper];
	return lie === 'upright' ? { width, height } : { width: height, height: width };
}

/** Printers cannot reach nearer to the edge than this, mm. */
export const PAGE_MARGIN: Mm = 12;

export const INKS: Readonly<Record<Ink, string>> = { ink: '#24211e', soft: '#6b655c', faint: '#b9b2a6', ember: '#a83c14' };

export interface SheetFonts {
	/** TrueType or WOFF, with the Latin letters. */
	readonly regular: Uint8Array;
	readonly bold: Uint8Array;
}
