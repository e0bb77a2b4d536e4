import type { Mm } from '../../units';
import type { ChainReading } from './chainReading';

export interface SquareCheck {
	/** How far the top stands to the right of the bottom, mm; negative: to the left. */
	readonly lean: Mm;
	/** The same as an angle, degrees: what its corners are off a right angle. */
	readonly degrees: number;
	/** The lean that reading errors of the diagonals can explain, mm. */
	readonly allowed: Mm;
	/** Contradicts: no four-sided face with equal opposite sides has these diagonals; one of the four readings is wrong. */
	readonly verdict: 'square' | 'out' | 'contradicts';
}

/**
 * Squareness from the two diagonals (mm) of a face so wide and high: rising^2 - falling^2 = 4 w h sin(lean), and
 * rising^2 + falling^2 = 2 (w^2 + h^2) where opposite sides are equal. Source: the law of cosines.
 */
export function checkSquare(width: ChainReading, height: ChainReading, falling: ChainReading, rising: ChainReading): SquareCheck {
	const [w, h, f, r] = [width.mm, height.mm, falling.mm, rising.mm];
	const lean = (r * r - f * f) / (4 * w);
	const allowed = ((f * falling.resolution + r * rising.resolution) / 2 / (4 * w)) * 2;
	const degrees = (Math.asin(Math.max(-1, Math.min(1, lean / h))) * 180) / Math.PI;
	const expected = Math.sqrt(w * w + h * h);
	const found = Math.sqrt((f * f + r * r) / 2);
	const slack = (w * width.resolution + h * height.resolution) / 2 / expected + (falling.resolution + rising.resolution) / 2;
	/** Two resolutions more: a tape held to a corner is read less well than one along an edge. */
	if (Math.abs(found - expected) > slack + 2 * Math.max(falling.resolution, rising.resolution) || Math.abs(lean) > h)
		return { lean, degrees, allowed, verdict: 'contradicts' };
	return { lean, degrees, allowed, verdict: Math.abs(lean) <= allowed + 1e-9 ? 'square' : 'out' };
}
