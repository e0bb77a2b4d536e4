import type { Outline } from '../outline';

/** A shape that cannot be drawn with its figures: which one, and between which limits it must be, mm. */
export interface ShapeFault {
	readonly figure: string;
	readonly code: 'too-large' | 'too-few' | 'crossed' | 'outside';
	readonly most: number;
}

export type Shaped = { readonly ok: true; readonly outline: Outline } | { readonly ok: false; readonly fault: ShapeFault };

export type Side = 'top' | 'right' | 'bottom' | 'left';

export function shaped(outline: Outline): Shaped {
	return { ok: true, outline };
}
export function faulty(figure: string, code: ShapeFault['code'], most = 0): Shaped {
	return { ok: false, fault: { figure, code, most } };
}
