import { z } from 'zod';
import { intersectRings, lengthWithin, subtractRings, type Ring } from '../../geometry';
import { IdSchema, NameSchema, type Mm } from '../../units';
import { faceOf, isBoxOutline, type Part } from '../../piece';
import { partsOf } from '../partsOf';
import { PlacesSchema } from '../placesSchema';
import { layShape } from './layItem';
import { isSpotOf, SpotSchema } from './spot';
import { bandInside, ringsAt } from './tape/bandInside';
import { tapesToMask } from './tape/tapes';
import type { ArrangementContext, ArrangementKind, LaidItem, TapeStrip, Taping } from './types';

const SIDES = ['top', 'right', 'bottom', 'left'] as const;
type LineSide = (typeof SIDES)[number];

export const LineSchema = z
	.strictObject({
		kind: z.literal('line'),
		id: IdSchema,
		name: NameSchema,
		parts: PlacesSchema,
		sides: z.array(z.enum(SIDES)).min(1).max(4).meta({ description: 'Along which edges of each part.' }),
		inset: z.number().min(0).max(5000).meta({ description: 'From that edge to the line, mm; 0: on the very edge.' }),
		width: z.number().min(0.5).max(5000),
		ends: z.number().min(0).max(5000).meta({ description: 'Left clear at both ends of a straight edge, mm.' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'A line of tape along edges: a metallic one hides a ragged edge.' });
export type Line = z.infer<typeof LineSchema>;

/** A single line along edges of a part. Source: craft 5. */
export const line: ArrangementKind<Line> = {
	word: 'Line along an edge',
	short: 'line',
	of: 'tape',
	spreads: false,
	start: ({ id, name, parts, shortest, round }) => ({
		kind: 'line',
		id,
		name,
		parts,
		sides: ['bottom'],
		inset: 0,
		width: round(shortest < 100 ? 3 : 6),
		ends: 0,
		leftOut: []
	}),
	motifs: () => [],
	take: (arrangement) => arrangement,
	createPlanner: () => (arrangement, context) => {
		const parts = partsOf(arrangement.parts, context.piece);
		return {
			arrangement: arrangement.id,
			groups: [],
			items: parts.flatMap((part) => linesOn(arrangement, part, context)),
			issues: parts.flatMap((part) =>
				hasRoom(arrangement, part)
					? []
					: [{ code: 'frame.no-room', path: `${context.path}.inset`, values: { part: part.name, most: Math.min(part.width, part.height) } }]
			),
			hints: [],
			taping: parts.flatMap((part) => arrangement.sides.map((side) => tapingOf(arrangement, side, part, context.tapes)))
		};
	},
	moveItem: (arrangement) => arrangement,
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: false,
	release: null,
	meansHardware: () => true
};

function hasRoom({ inset, width }: Line, part: Part): boolean {
	if (inset + width > Math.min(part.width, part.height)) return false;
	return isBoxOutline(part.outline) || ringsAt(part.outline, inset).length > 0;
}

function linesOn(arrangement: Line, part: Part, { piece }: ArrangementContext): LaidItem[] {
	const face = faceOf(piece.faces, part.face);
	return SIDES.filter((side) => arrangement.sides.includes(side)).flatMap((side) => {
		const place = String(SIDES.indexOf(side));
		if (arrangement.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) return [];
		const rings = isBoxOutline(part.outline) ? withoutCorners(arrangement, side, part) : alongOutline(arrangement, side, part);
		return layShape({ arrangement: arrangement.id, place, index: Number(place), role: 'line-1', rings }, part, face) ?? [];
	});
}

/** A corner where two lines meet belongs to the one that runs level: it is painted once. */
function withoutCorners(arrangement: Line, side: LineSide, part: Part): Ring[] {
	const own = straight(arrangement, side, part);
	if (side === 'top' || side === 'bottom') return [own];
	const level = (['top', 'bottom'] as const)
		.filter(
			(other) =>
				arrangement.sides.includes(other) &&
				!arrangement.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place: String(SIDES.indexOf(other)) }))
		)
		.map((other) => straight(arrangement, other, part));
	return level.length === 0 ? [own] : subtractRings([own], level);
}

function straight({ inset, width, ends }: Line, side: LineSide, part: Part): number[] {
	const box = (x: Mm, y: Mm, w: Mm, h: Mm) => [x, y, x + w, y, x + w, y + h, x, y + h];
	switch (side) {
		case 'top':
			return box(ends, inset, part.width - 2 * ends, width);
		case 'bottom':
			return box(ends, part.height - inset - width, part.width - 2 * ends, width);
		case 'left':
			return box(inset, ends, width, part.height - 2 * ends);
		case 'right':
			return box(part.width - inset - width, ends, width, part.height - 2 * ends);
	}
}

/** What of an outline that is no box lies towards a side, seen from its middle. */
function towards(side: LineSide, { width: w, height: h }: Part): number[] {
	const far: Readonly<Record<LineSide, readonly number[]>> = {
		top: [0, 0, w, 0],
		right: [w, 0, w, h],
		bottom: [w, h, 0, h],
		left: [0, h, 0, 0]
	};
	return [...far[side], w / 2, h / 2];
}

function alongOutline({ inset, width }: Line, side: LineSide, part: Part) {
	return intersectRings(bandInside(part.outline, inset, inset + width), [towards(side, part)]);
}

/** Of a box from its left or its top edge; of any other outline from the outline itself, as long as what of it lies towards that side. */
function tapingOf(line: Line, side: LineSide, part: Part, tapes: readonly Mm[]): Taping {
	const { inset, width, ends } = line;
	const mask = (from: Mm, to: Mm, own: readonly Mm[], length: Mm): TapeStrip => ({ from, to, use: 'mask', tapes: own, length });
	const widest = Math.max(...tapes);
	if (!isBoxOutline(part.outline)) {
		const sector = towards(side, part);
		const runAt = (by: Mm) => ringsAt(part.outline, by).reduce((sum, points) => sum + lengthWithin({ points, closed: true }, [sector]), 0);
		const strips = [
			mask(inset + width, inset + width + widest, [widest], runAt(inset + width)),
			...(inset > 0 ? [mask(0, inset, tapesToMask(inset, tapes, true), runAt(inset))] : [])
		];
		return { part: part.id, along: 'edge', side, from: 'outline', edges: [inset, inset + width], strips };
	}
	const isLevel = side === 'top' || side === 'bottom';
	const [across, run] = isLevel ? [part.height, part.width] : [part.width, part.height];
	const first = side === 'top' || side === 'left';
	const from = first ? inset : across - inset - width;
	const inside = first ? ([from + width, from + width + widest] as const) : ([from - widest, from] as const);
	const outside = first ? ([0, inset] as const) : ([across - inset, across] as const);
	const length = run - 2 * ends;
	return {
		part: part.id,
		along: isLevel ? 'level' : 'upright',
		from: isLevel ? 'top' : 'left',
		edges: [from, from + width],
		strips: [
			mask(inside[0], inside[1], [widest], length),
			...(inset > 0 ? [mask(outside[0], outside[1], tapesToMask(inset, tapes, true), length)] : [])
		]
	};
}
