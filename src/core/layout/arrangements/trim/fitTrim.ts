import { type Mm, ROUNDED } from '../../../units';

export interface TrimWish {
	/** Of the run, mm. */
	readonly length: Mm;
	/** Of the mould, and what of it the cast loses as it dries. */
	readonly mould: Mm;
	readonly shrinkage: number;
	/** Along the run, where it crosses gaps that open: joints keep clear of them. */
	readonly gaps: readonly { readonly from: Mm; readonly to: Mm }[];
}

export interface TrimFit {
	/** Shared out as joints, or cut off at its ends. */
	readonly by: 'joints' | 'middle' | 'left' | 'right';
	readonly count: number;
	/** Of one cast when it is dry. */
	readonly cast: Mm;
	/** Between each two, filled with clay. */
	readonly joint: Mm;
	/** Cut off the first and the last cast. */
	readonly left: Mm;
	readonly right: Mm;
	/** Of the nearest joint to a gap; Infinity where there is none. */
	readonly clear: Mm;
	readonly cost: number;
	readonly terms: { readonly joint: number; readonly cut: number; readonly uneven: number; readonly near: number };
}

/** A joint keeps so far from a gap, or it breaks there. */
export const CLEAR_OF_GAP: Mm = 10;
/** Joints wider than this are no joints any more. */
const WIDEST_JOINT: Mm = 1.5;
const NEAR = 10;

/**
 * A run of equal casts, best first. The dry length is m (1 - q); where so many whole ones leave no more than 1.5 mm a joint, that is shared out;
 * else one more, and its surplus is trimmed off both ends: the left trim nearest half of it that keeps every joint 10 mm from a gap; or all of it
 * off one end. cost = joint / 1.5 + trimmed / cast + |left - right| / 2 cast, and 10 where a joint lies too near a gap. None where nothing is left
 * of a cast, or the run is shorter than nothing. Source: methods 8.
 */
export function fitTrim({ length, mould, shrinkage, gaps }: TrimWish): TrimFit[] {
	const cast = mould * (1 - shrinkage);
	if (!(cast > 0) || !(length > 0)) return [];
	const fits: TrimFit[] = [];
	const add = ({
		by,
		count,
		joint = 0,
		left = 0,
		right = 0
	}: Pick<TrimFit, 'by' | 'count'> & Partial<Pick<TrimFit, 'joint' | 'left' | 'right'>>) => {
		const clear = clearOf({ count, cast, joint, left, gaps });
		const terms = {
			joint: joint / WIDEST_JOINT,
			cut: (left + right) / cast,
			uneven: Math.abs(left - right) / (2 * cast),
			near: clear < CLEAR_OF_GAP - ROUNDED ? NEAR : 0
		};
		fits.push({ by, count, cast, joint, left, right, clear, terms, cost: terms.joint + terms.cut + terms.uneven + terms.near });
	};
	const whole = Math.floor(length / cast + ROUNDED);
	const over = Math.max(0, length - whole * cast);
	if (whole >= 1 && over <= WIDEST_JOINT * (whole - 1) + ROUNDED)
		add({ by: 'joints', count: whole, joint: whole > 1 ? over / (whole - 1) : 0 });
	if (over > ROUNDED) {
		const count = whole + 1;
		const surplus = count * cast - length;
		const left = leftTrim(count, cast, surplus, gaps);
		add({ by: 'middle', count, left, right: surplus - left });
		add({ by: 'left', count, left: surplus });
		add({ by: 'right', count, right: surplus });
	}
	return fits.sort((a, b) => a.cost - b.cost);
}

/** The trim at the left that is nearest half the surplus and keeps all joints clear; half of it where none does. */
function leftTrim(count: number, cast: Mm, surplus: Mm, gaps: TrimWish['gaps']): Mm {
	const half = surplus / 2;
	/** Trims that bring joint k too near a gap lie between two figures; the nearest allowed one is half, or the end of one of these. */
	const ends = gaps.flatMap(({ from, to }) =>
		Array.from({ length: count - 1 }, (_, k) => [(k + 1) * cast - to - CLEAR_OF_GAP, (k + 1) * cast - from + CLEAR_OF_GAP]).flat()
	);
	const allowed = [half, 0, surplus, ...ends]
		.filter((left) => left >= -ROUNDED && left <= surplus + ROUNDED)
		.filter((left) => clearOf({ count, cast, joint: 0, left, gaps }) >= CLEAR_OF_GAP - ROUNDED)
		.sort((a, b) => Math.abs(a - half) - Math.abs(b - half));
	return Math.min(surplus, Math.max(0, allowed[0] ?? half));
}

/** From the nearest joint to a gap, mm; 0 in one. */
function clearOf({
	count,
	cast,
	joint,
	left,
	gaps
}: {
	readonly count: number;
	readonly cast: Mm;
	readonly joint: Mm;
	readonly left: Mm;
	readonly gaps: TrimWish['gaps'];
}): Mm {
	let least = Infinity;
	for (let k = 1; k < count; k++) {
		const from = k * cast + (k - 1) * joint - left;
		for (const gap of gaps) least = Math.min(least, Math.max(0, gap.from - (from + joint), from - gap.to));
	}
	return least;
}
