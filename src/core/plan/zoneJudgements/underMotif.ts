import { convertHexToLab, convertPaintToHex, mixPaints } from '../../colour';
import { depthOnPart, joinsOf, sharesAtDepth, type Laid, type PlacedOnPart, type Zone } from '../../layout';
import type { ZoneCase, ZoneJudgement } from './types';

/** Shading under a motif with more than this between its lightest and its darkest, L*, fights with it. */
const STRONG = 14;
const GRID = 7;
const STEPS = 16;

/** Shading too strong under a motif that will sit there. A narrower border is offered where it helps. Source: craft 4 (keep shading faint where a transfer will sit). */
export const underMotif: ZoneJudgement = (zoneCase) => {
	const { zone, laid, placements } = zoneCase;
	if (zone.leaves || zone.colours.length < 2) return [];
	const under = laid.flatMap((one) =>
		placements.filter(({ part }) => part === one.part.id).map((placement) => ({ laid: one.laid, placement, part: one.part }))
	);
	const strong = under.filter((one) => contrast(zoneCase, zone, one.laid, one.placement) > STRONG);
	if (strong.length === 0) return [];
	const { field } = zone;
	const eased =
		field.pattern === 'edge-shade'
			? Array.from({ length: STEPS - 1 }, (_, i): Zone => ({
					...zone,
					field: { ...field, border: Math.round(field.border * (1 - (i + 1) / STEPS)) }
				})).find((one) => strong.every((motif) => contrast(zoneCase, one, motif.laid, motif.placement) <= STRONG))
			: undefined;
	return [
		{
			code: 'under-motif',
			part: strong[0]!.part.id,
			says: `The shading is strong under ${strong.length === 1 ? 'a motif' : `${strong.length} motifs`}.`,
			why: 'From dark to light within one motif its colour reads as two; keep shading faint where a motif sits.',
			remedies:
				eased && eased.field.pattern === 'edge-shade'
					? [{ says: `Make the border ${eased.field.border} mm, clear of the motifs`, zone: eased }]
					: []
		}
	];
};

/** Lightest less darkest, L*, within the box of a motif. */
function contrast({ pigmentOf }: ZoneCase, zone: Zone, laid: Laid, { left, top, width, height }: PlacedOnPart): number {
	const joins = joinsOf(zone, laid.region);
	let [darkest, lightest] = [Infinity, -Infinity];
	const seen = new Map<string, number>();
	for (let row = 0; row < GRID; row++)
		for (let column = 0; column < GRID; column++) {
			const depth = depthOnPart(zone.field, laid, left + (column * width) / (GRID - 1), top + (row * height) / (GRID - 1));
			const shares = sharesAtDepth(joins, depth).map((share) => Math.round(share * 8));
			const key = shares.join();
			const l =
				seen.get(key) ??
				convertHexToLab(convertPaintToHex(mixPaints(shares.map((parts, i) => ({ ...pigmentOf(zone.colours[i]!), parts }))))).l;
			seen.set(key, l);
			darkest = Math.min(darkest, l);
			lightest = Math.max(lightest, l);
		}
	return lightest - darkest;
}
