import { z } from 'zod';
import { lengthOfLine } from '../../geometry';
import { IdSchema, NameSchema, type Issue, type Mm } from '../../units';
import { faceOf, type Part } from '../../piece';
import { partsOf } from '../partsOf';
import { PlacesSchema } from '../placesSchema';
import { layShape } from './layItem';
import { isSpotOf, SpotSchema } from './spot';
import { bandInside, ringsAt } from './tape/bandInside';
import { tapesToMask } from './tape/tapes';
import type { ArrangementContext, ArrangementKind, LaidItem, Taping } from './types';

const MmSchema = z.number().min(0).max(5000);

export const FrameSchema = z
	.strictObject({
		kind: z.literal('frame'),
		id: IdSchema,
		name: NameSchema,
		parts: PlacesSchema,
		inset: MmSchema.meta({ description: 'From the edge of the part to the first line, mm.' }),
		lines: z
			.array(z.strictObject({ width: z.number().min(0.5).max(5000), gap: MmSchema }))
			.min(1)
			.max(4)
			.meta({ description: 'From the outside in: `line-1`, `line-2` ...; each with the ground left after it, mm.' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'Lines of tape that follow the outline of a part all round.' });
export type Frame = z.infer<typeof FrameSchema>;

/** A frame of one or several lines round a panel. Source: craft 5. */
export const frame: ArrangementKind<Frame> = {
	word: 'Frame of lines',
	short: 'frame',
	of: 'tape',
	spreads: false,
	start: ({ id, name, parts, shortest, round }) => ({
		kind: 'frame',
		id,
		name,
		parts,
		inset: Math.max(3, round(shortest / 12)),
		lines: [{ width: round(shortest < 200 ? 3 : 6), gap: 0 }],
		leftOut: []
	}),
	motifs: () => [],
	take: (arrangement) => arrangement,
	createPlanner: () => (arrangement, context) => {
		const parts = partsOf(arrangement.parts, context.piece);
		const laid = parts.map((part) => ({ part, items: linesOn(arrangement, part, context) }));
		return {
			arrangement: arrangement.id,
			groups: [],
			items: laid.flatMap(({ items }) => items),
			issues: laid.flatMap(({ part, items }) => noRoom(arrangement, part, items, context.path)),
			hints: [],
			taping: laid.map(({ part }) => tapingOf(arrangement, part, context.tapes))
		};
	},
	moveItem: (arrangement) => arrangement,
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: false,
	release: null,
	meansHardware: () => true
};

/** Each line between two distances from the edge, mm. */
function linesFrom({ inset, lines }: Pick<Frame, 'inset' | 'lines'>): { readonly from: Mm; readonly to: Mm }[] {
	let from = inset;
	return lines.map(({ width, gap }) => {
		const line = { from, to: from + width };
		from += width + gap;
		return line;
	});
}

function linesOn(arrangement: Frame, part: Part, { piece }: ArrangementContext): LaidItem[] {
	const face = faceOf(piece.faces, part.face);
	return linesFrom(arrangement).flatMap(({ from, to }, index) => {
		const place = String(index);
		if (arrangement.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) return [];
		const rings = bandInside(part.outline, from, to);
		return layShape({ arrangement: arrangement.id, place, index, role: `line-${index + 1}`, rings }, part, face) ?? [];
	});
}

function noRoom({ lines, leftOut }: Frame, part: Part, items: readonly LaidItem[], path: string): Issue[] {
	const wanted = lines.length - leftOut.filter((spot) => spot.part === part.id).length;
	return items.length < wanted
		? [{ code: 'frame.no-room', path: `${path}.inset`, values: { part: part.name, most: Math.min(part.width, part.height) / 2 } }]
		: [];
}

/** Each line has a mask along both its edges; what lies between the edge of the part and the first line is masked by one that reaches over the edge. */
function tapingOf(arrangement: Frame, part: Part, tapes: readonly Mm[]): Taping {
	const lines = linesFrom(arrangement);
	const edges = lines.flatMap(({ from, to }) => [from, to]);
	const bounds = [0, ...edges];
	const widest = Math.max(...tapes);
	const strips = lines.flatMap(({ from, to }, i): Taping['strips'] => {
		const before = { from: bounds[2 * i]!, to: from };
		const after = lines[i + 1] === undefined ? [{ from: to, to: to + widest }] : [];
		return [...(before.to - before.from > 1e-6 ? [before] : []), ...after].map((strip) => ({
			...strip,
			use: 'mask',
			tapes: strip.from === to ? [widest] : tapesToMask(strip.to - strip.from, tapes, strip.from === 0),
			length: lengthRound(part, strip.from === 0 ? strip.to : strip.from)
		}));
	});
	return { part: part.id, along: 'round', from: 'outline', edges, strips };
}

function lengthRound(part: Part, at: Mm): Mm {
	return ringsAt(part.outline, at).reduce((sum, points) => sum + lengthOfLine({ points, closed: true }), 0);
}
