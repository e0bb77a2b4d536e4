import type { Mm } from '../../units';

export interface ScaleCheck {
	/** What the straightened picture says, mm. */
	readonly found: Mm;
	/** How far it is off, as a share of the true length; positive: the picture shows it too long. */
	readonly error: number;
	readonly verdict: 'good' | 'off';
}

/** A picture within this is as good as the tape; beyond it the corners are not where they should be. */
const GOOD = 0.01;

/** Compares a length on the straightened face (ends in mm) with what the tape says of it. Source: methods 2. */
export function checkKnownLength(from: { readonly x: Mm; readonly y: Mm }, to: { readonly x: Mm; readonly y: Mm }, length: Mm): ScaleCheck {
	const found = Math.hypot(to.x - from.x, to.y - from.y);
	const error = found / length - 1;
	return { found, error, verdict: Math.abs(error) <= GOOD ? 'good' : 'off' };
}
