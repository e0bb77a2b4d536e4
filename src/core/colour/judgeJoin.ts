import { converter } from './spaces';
import { differColours, judgeNeighbours, type NeighbourVerdict } from './differColours';
import { convertPaintToHex, mixPaints } from './mixPaints';
import type { Pigment } from './pigments';

const toLch = converter('lch65');

/** Both ends must have more chroma than this for their middle to be called mud, and less makes it muddy. Source: methods 10. */
const COLOURFUL = 15;
/** A loss of this share of the chroma of the ends is named. */
const LOST = 0.5;
const WARM: readonly [number, number] = [20, 110];
/** Lighter than both wishes by more than this, L*, is named. */
const PALER = 1;

export type Mud = 'muddy' | 'browned' | 'greyed';

export interface Bridge {
	/** Ids from the stock, in the order in which they go between. */
	readonly colours: readonly string[];
	/** The largest step that is left, CIEDE2000. */
	readonly worst: number;
}

export interface JoinJudgement {
	readonly difference: number;
	readonly verdict: NeighbourVerdict;
	/** What the two become half and half, #rrggbb. */
	readonly middle: string;
	readonly mud: Mud | null;
	/** The middle comes out lighter than both. */
	readonly paler: boolean;
	/** From the stock: the best single colour between, and the best pair where it does better; none where nothing is asked for. */
	readonly bridges: readonly Bridge[];
}

/**
 * How two colours blend into each other: their difference, whether their middle (half and half after tinting strength)
 * turns to mud or too pale, and what of the stock would bridge them. Source: methods 10.
 */
export function judgeJoin(first: Pigment, second: Pigment, stock: readonly Pigment[]): JoinJudgement {
	const [a, b] = [first.hex, second.hex];
	const { difference, verdict } = judgeNeighbours(a, b);
	const { middle, mid, mud } = blendHalves(first, second);
	const [from, to] = [lchOf(a), lchOf(b)];
	const paler = mid.l > Math.max(from.l, to.l) + PALER;
	return {
		difference,
		verdict,
		middle,
		mud,
		paler,
		bridges: mud !== null || verdict === 'bridge' ? findBridges(first, second, difference, stock) : []
	};
}

interface Lch {
	readonly l: number;
	readonly c: number;
	readonly h?: number | undefined;
}

const lchOf = (hex: string): Lch => toLch(hex)!;

/** Half and half after tinting strength. */
function blendHalves(first: Pigment, second: Pigment): { readonly middle: string; readonly mid: Lch; readonly mud: Mud | null } {
	const middle = convertPaintToHex(
		mixPaints([
			{ ...first, parts: 1 },
			{ ...second, parts: 1 }
		])
	);
	const mid = lchOf(middle);
	return { middle, mid, mud: nameMud(lchOf(first.hex), lchOf(second.hex), mid) };
}

function nameMud(from: Lch, to: Lch, mid: Lch): Mud | null {
	if (from.c <= COLOURFUL || to.c <= COLOURFUL) return null;
	if (mid.c < COLOURFUL) return 'muddy';
	if (1 - mid.c / ((from.c + to.c) / 2) <= LOST) return null;
	const hue = mid.h ?? 0;
	return hue >= WARM[0] && hue <= WARM[1] ? 'browned' : 'greyed';
}

/** All singles, then all pairs: few enough to be tried. One that turns to mud on its way to either side bridges nothing. */
function findBridges(a: Pigment, b: Pigment, whole: number, stock: readonly Pigment[]): Bridge[] {
	const isClean = (one: Pigment, other: Pigment) => blendHalves(one, other).mud === null;
	const steps = stock.map((pigment) => ({ pigment, from: differColours(a.hex, pigment.hex), to: differColours(pigment.hex, b.hex) }));
	let single: Bridge = { colours: [], worst: whole };
	for (const { pigment, from, to } of steps) {
		const worst = Math.max(from, to);
		if (worst < single.worst && isClean(a, pigment) && isClean(pigment, b)) single = { colours: [pigment.id], worst };
	}
	let pair: Bridge = { colours: [], worst: single.worst };
	for (const one of steps) {
		if (one.from >= pair.worst || !isClean(a, one.pigment)) continue;
		for (const other of steps) {
			if (other.to >= pair.worst || other === one) continue;
			const worst = Math.max(one.from, differColours(one.pigment.hex, other.pigment.hex), other.to);
			if (worst < pair.worst && isClean(one.pigment, other.pigment) && isClean(other.pigment, b))
				pair = { colours: [one.pigment.id, other.pigment.id], worst };
		}
	}
	return [single, pair].filter(({ colours }) => colours.length > 0);
}
