import { convertHexToLab, convertPaintToHex, mixPaints } from '../../colour';
import { depthOnPart, joinsOf, sharesAtDepth, type Laid, type PlacedOnPart, type Zone } from '../../layout';
import type { Part } from '../../piece';
import { formatLength, toTape } from '../../units';
import type { ZoneCase, ZoneJudgement } from './types';

/** Shading under a motif with more than this between its lightest and its darkest, L*, fights with it. */
const STRONG = 14;
const GRID = 7;
const STEPS = 16;

interface Under {
	readonly laid: Laid;
	readonly placement: PlacedOnPart;
	readonly part: Part;
}

/** Shading too strong under a motif that will sit there. A narrower border is offered where it helps. Source: craft 4 (keep shading faint where a transfer will sit). */
export const underMotif: ZoneJudgement = (zoneCase) => {
	const { zone, laid, placements } = zoneCase;
	if (zone.leaves || zone.colours.length < 2) return [];
	const under: Under[] = laid.flatMap((one) =>
		placements.filter(({ part }) => part === one.part.id).map((placement) => ({ laid: one.laid, placement, part: one.part }))
	);
	const strong = under.filter((one) => contrast(zoneCase, zone, one.laid, one.placement) > STRONG);
	if (strong.length === 0) return [];
	const eased = narrower(zoneCase, strong);
	return [
		{
			code: 'under-motif',
			part: strong[0]!.part.id,
			says: `The shading is strong under ${strong.length === 1 ? 'a motif' : `${strong.length} motifs`}.`,
			why: 'From dark to light within one motif its colour reads as two; keep shading faint where a motif sits.',
			remedies: eased
				? [
						{
							says: `Make the border ${formatLength(eased.border, zoneCase.unit).text}, clear of the motifs`,
							zone: { ...zone, field: eased }
						}
					]
				: []
		}
	];
};

/** The widest border, in steps, at which none of the motifs has strong shading under it: it is halved in on, since a narrower one is never worse for a motif away from the edge. */
function narrower(zoneCase: ZoneCase, strong: readonly Under[]) {
	const { zone } = zoneCase;
	const { field } = zone;
	if (field.pattern !== 'edge-shade') return null;
	const borderAt = (step: number) => ({ ...field, border: toTape(field.border * (1 - step / STEPS), zoneCase.unit) });
	const does = (step: number) =>
		strong.every(({ laid, placement }) => contrast(zoneCase, { ...zone, field: borderAt(step) }, laid, placement) <= STRONG);
	let [no, yes] = [0, STEPS - 1];
	if (!does(yes)) return null;
	while (yes - no > 1) {
		const middle = (no + yes) >> 1;
		if (does(middle)) yes = middle;
		else no = middle;
	}
	return borderAt(yes);
}

/** Lightness of mixes that were asked for before, by the eighths of their colours as digits. */
const KNOWN = new WeakMap<ZoneCase, Map<number, number>>();
const EIGHTHS = 8;

/** Lightest less darkest, L*, within the box of a motif. */
function contrast(zoneCase: ZoneCase, zone: Zone, laid: Laid, { left, top, width, height }: PlacedOnPart): number {
	const { pigmentOf } = zoneCase;
	const joins = joinsOf(zone, laid.region);
	let [darkest, lightest] = [Infinity, -Infinity];
	const seen = KNOWN.get(zoneCase) ?? new Map<number, number>();
	KNOWN.set(zoneCase, seen);
	for (let row = 0; row < GRID; row++)
		for (let column = 0; column < GRID; column++) {
			const depth = depthOnPart(zone.field, laid, left + (column * width) / (GRID - 1), top + (row * height) / (GRID - 1));
			const shares = sharesAtDepth(joins, depth);
			let key = 0;
			for (const share of shares) key = key * (EIGHTHS + 1) + Math.round(share * EIGHTHS);
			let l = seen.get(key);
			if (l === undefined) {
				const parts = shares.map((share, i) => ({ ...pigmentOf(zone.colours[i]!), parts: Math.round(share * EIGHTHS) }));
				l = convertHexToLab(convertPaintToHex(mixPaints(parts))).l;
				seen.set(key, l);
			}
			darkest = Math.min(darkest, l);
			lightest = Math.max(lightest, l);
		}
	return lightest - darkest;
}
