import { convertHexToLab, convertPaintToHex, mixPaints } from '../../colour';
import { depthOnPart, joinsOf, sharesAtDepth, type LaidField, type PlacedOnPart, type Zone } from '../../layout';
import type { Part } from '../../piece';
import { formatLength, SAME, toTape, type Mm } from '../../units';
import type { ZoneCase, ZoneJudgement } from './types';

/** Shading under a motif with more than this between its lightest and its darkest, L*, fights with it. */
const STRONG = 14;
/** Points along each side of a motif at which the depth of the field is asked: of what lies between them only the ends count. */
const GRID = 9;
/** Steps through one join. */
const THROUGH = 24;
const STEPS = 16;

interface Under {
	readonly laid: LaidField;
	readonly placement: PlacedOnPart;
	readonly part: Part;
}

/** Shading too strong under a motif that is printed on it: not under what was there before, nor under what stands up. A narrower border is offered where it helps. Source: craft 4 (keep shading faint where a transfer will sit). */
export const underMotif: ZoneJudgement = (zoneCase) => {
	const { zone, laid, printedOver } = zoneCase;
	if (zone.leaves || zone.colours.length < 2) return [];
	const under: Under[] = laid.flatMap((one) =>
		printedOver.filter(({ part }) => part === one.part.id).map((placement) => ({ laid: one.laid, placement, part: one.part }))
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

/** Lightness along the depth of a field, by what it hangs on: asked again for each motif. */
const KNOWN = new WeakMap<ZoneCase, Map<string, LightnessAt[]>>();
interface LightnessAt {
	readonly depth: Mm;
	readonly l: number;
}

/** Lightness from before the first join to after the last, closely through each. */
function lightnessThrough(zoneCase: ZoneCase, zone: Zone, laid: LaidField): readonly LightnessAt[] {
	const joins = joinsOf(zone, laid.region);
	const key = JSON.stringify([zone.colours, joins]);
	const known = KNOWN.get(zoneCase) ?? new Map<string, LightnessAt[]>();
	KNOWN.set(zoneCase, known);
	const through = known.get(key) ?? sampleLightness(zoneCase, zone, joins);
	known.set(key, through);
	return through;
}

function sampleLightness({ pigmentOf }: ZoneCase, { colours }: Zone, joins: ReturnType<typeof joinsOf>): LightnessAt[] {
	const at = (depth: Mm): LightnessAt => {
		const parts = sharesAtDepth(joins, depth).map((share, i) => ({ ...pigmentOf(colours[i]!), parts: share }));
		return { depth, l: convertHexToLab(convertPaintToHex(mixPaints(parts.filter(({ parts: share }) => share > 0)))).l };
	};
	/** A crisp join has two sides. */
	const stepsOf = (half: Mm) => (half > 0 ? Array.from({ length: THROUGH + 1 }, (_, i) => (2 * i) / THROUGH - 1) : [-1, 1]);
	return joins
		.flatMap(({ at: middle, half }) => stepsOf(half).map((step) => at(middle + step * Math.max(half, SAME))))
		.sort((a, b) => a.depth - b.depth);
}

/** Lightest less darkest, L*, of all that lies between the shallowest and the deepest point within the box of a motif. */
function contrast(zoneCase: ZoneCase, zone: Zone, laid: LaidField, { left, top, width, height }: PlacedOnPart): number {
	const through = lightnessThrough(zoneCase, zone, laid);
	let [shallow, deep] = [Infinity, -Infinity];
	for (let row = 0; row < GRID; row++)
		for (let column = 0; column < GRID; column++) {
			const depth = depthOnPart(zone.field, laid, left + (column * width) / (GRID - 1), top + (row * height) / (GRID - 1));
			shallow = Math.min(shallow, depth);
			deep = Math.max(deep, depth);
		}
	const ls = [lightnessAt(through, shallow), lightnessAt(through, deep)];
	for (const { depth, l } of through) if (depth > shallow && depth < deep) ls.push(l);
	return Math.max(...ls) - Math.min(...ls);
}

function lightnessAt(through: readonly LightnessAt[], depth: Mm): number {
	const next = through.findIndex((one) => one.depth >= depth);
	if (next < 0) return through.at(-1)!.l;
	const [after, before] = [through[next]!, through[next - 1] ?? through[next]!];
	const span = after.depth - before.depth;
	return span === 0 ? after.l : before.l + ((depth - before.depth) / span) * (after.l - before.l);
}
