import type { Mm } from '../../units';

export type Grading =
	| { readonly rule: 'equal' }
	| { readonly rule: 'arithmetic'; readonly first: Mm }
	| { readonly rule: 'difference'; readonly step: Mm }
	| { readonly rule: 'geometric'; readonly ratio: number };

/**
 * Sizes (mm) of so many drawers that share a length by a rule: equal; each larger than the one before by the same
 * amount, the first being given; by a given amount; or so many times the one before. They add up to the length. Null
 * where the rule leaves a drawer nothing. Source: craft 2 (graduated drawers).
 */
export function gradeSizes(total: Mm, count: number, grading: Grading): Mm[] | null {
	const sizes = sizesBy(total, count, grading);
	return sizes.every((size) => size > 0) ? sizes : null;
}

function sizesBy(total: Mm, count: number, grading: Grading): Mm[] {
	const places = Array.from({ length: count }, (_, i) => i);
	/** 0 + 1 + ... + (count - 1) */
	const steps = (count * (count - 1)) / 2;
	switch (grading.rule) {
		case 'equal':
			return places.map(() => total / count);
		case 'arithmetic': {
			const step = steps === 0 ? 0 : (total - count * grading.first) / steps;
			return steps === 0 ? [total] : places.map((i) => grading.first + i * step);
		}
		case 'difference': {
			const first = (total - steps * grading.step) / count;
			return places.map((i) => first + i * grading.step);
		}
		case 'geometric': {
			const sum = places.reduce((all, i) => all + grading.ratio ** i, 0);
			return places.map((i) => (total * grading.ratio ** i) / sum);
		}
	}
}
