import { convertHexToLab } from './lab';
import { differColours } from './differColours';

export interface Contrast {
	/** Difference (CIEDE2000) from the nearest of what is under it. */
	readonly difference: number;
	/** Of lightness alone, L*, from the nearest. */
	readonly lightness: number;
}

/** How far a colour stands out from all of some others; null where there are none. Source: CIEDE2000. */
export function leastContrast(hex: string, under: readonly string[]): Contrast | null {
	if (under.length === 0) return null;
	const { l } = convertHexToLab(hex);
	return {
		difference: Math.min(...under.map((other) => differColours(hex, other))),
		lightness: Math.min(...under.map((other) => Math.abs(l - convertHexToLab(other).l)))
	};
}

/** Below `lost` (CIEDE2000) a motif is not seen at arm's length; from `seen` on it is seen across a room. Figures to begin from, tried on the demo pieces by eye. */
const JUDGED = { lost: 12, seen: 25 };

export function judgeContrast({ difference }: Contrast): 'lost' | 'quiet' | 'clear' {
	return difference < JUDGED.lost ? 'lost' : difference < JUDGED.seen ? 'quiet' : 'clear';
}
