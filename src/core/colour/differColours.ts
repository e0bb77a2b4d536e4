import { differenceCiede2000, parse } from './spaces';

const difference = differenceCiede2000();

/** CIEDE2000 between two colours #rrggbb. */
export function differColours(a: string, b: string): number {
	const [first, second] = [parse(a), parse(b)];
	if (!first || !second) throw new RangeError(`differColours expects #rrggbb, got ${a} and ${b}`);
	return difference(first, second);
}

export type NeighbourVerdict = 'one' | 'easy' | 'practise' | 'bridge';

/** How two colours that are to be blended stand to each other. Source: methods 10. */
export function judgeNeighbours(a: string, b: string): { readonly difference: number; readonly verdict: NeighbourVerdict } {
	const d = differColours(a, b);
	return { difference: d, verdict: d < 5 ? 'one' : d < 25 ? 'easy' : d < 45 ? 'practise' : 'bridge' };
}

export type Likeness = 'same' | 'very-near' | 'near' | 'not-far' | 'another';

/** How well a mix stands for a wished colour, by their CIEDE2000: under 1 no eye tells them apart. Where the others end is ours. */
export function judgeLikeness(difference: number): Likeness {
	return difference < 1 ? 'same' : difference < 3 ? 'very-near' : difference < 6 ? 'near' : difference < 12 ? 'not-far' : 'another';
}
