import { z } from 'zod';
import { formatLength, IdSchema, NameSchema, type Issue, type LengthUnit } from '../../units';
import { faceOf, type Part } from '../../piece';
import type { Motif } from '../motif';
import { partsOf } from '../partsOf';
import { PlacesSchema } from '../placesSchema';
import { rankChoices, takeChoice } from './choose';
import { goesOverEdge, isSeen, layItem } from './layItem';
import { motifIn } from './motifIn';
import { LARGEST_SCALE, LEAST_SCALE, toScale } from './scales';
import { isSpotOf, placeFromMiddle, SpotSchema } from './spot';
import type { ArrangementContext, ArrangementKind, Choice, LaidItem } from './types';

const OffsetSchema = z.number().min(-100_000).max(100_000);

export const AccentSchema = z
	.strictObject({
		kind: z.literal('accent'),
		id: IdSchema,
		name: NameSchema,
		motif: IdSchema,
		parts: PlacesSchema,
		scale: z.number().min(LEAST_SCALE).max(LARGEST_SCALE).meta({ description: 'As wished.' }),
		turn: z.number().min(-360).max(360).meta({ description: 'Degrees clockwise.' }),
		pairs: z
			.enum(['alike', 'facing'])
			.meta({ description: 'All one way; or those right of the middle mirrored, so that they face each other.' }),
		offset: z
			.strictObject({ x: OffsetSchema, y: OffsetSchema })
			.meta({ description: 'Off the middle of each knob, to the right (mirrored where the motif is) and down, mm.' }),
		picks: z.record(z.string(), z.string().max(80)),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'A motif behind each piece of hardware.' });
export type Accent = z.infer<typeof AccentSchema>;

/** A motif that is seen round its knob is at least so many times as large. */
const ROUND_KNOB = 1.8;
/** So much of the part stays clear on each side, and two neighbours so far apart, as a share of the motif. Source: methods 3 (suggested size). */
const CLEAR = 1 / 10;

/** A small motif behind each handle, as an accent. Source: craft 6. */
export const accent: ArrangementKind<Accent> = {
	word: 'Accent behind hardware',
	short: 'accent',
	of: 'motif',
	spreads: false,
	start: ({ id, name, motif, parts, scale }) => ({
		kind: 'accent',
		id,
		name,
		motif: motif!.id,
		parts,
		scale,
		turn: 0,
		pairs: 'facing',
		offset: { x: 0, y: 0 },
		picks: {},
		leftOut: []
	}),
	motifs: ({ motif }) => [motif],
	take: (arrangement, group, pick) => ({ ...arrangement, picks: { ...arrangement.picks, [group]: pick } }),
	createPlanner: () => (arrangement, context) => {
		const parts = partsOf(arrangement.parts, context.piece);
		const { motif } = motifIn(context, arrangement.motif);
		const withHardware = parts.filter(({ hardware }) => hardware.length > 0);
		const choices = withHardware.length === 0 ? [] : rankChoices(sizesFor(arrangement, motif, withHardware, context.unit));
		const group = takeChoice({ id: 'common', parts: parts.map(({ id }) => id), choices }, arrangement.picks['common']);
		const scale = group.choices[group.taken]?.scale ?? arrangement.scale;
		const items = withHardware.flatMap((part) => itemsOn(arrangement, scale, part, context));
		return {
			arrangement: arrangement.id,
			groups: choices.length > 0 ? [group] : [],
			items,
			issues: [],
			hints: hintsOf(items, parts, context)
		};
	},
	moveItem: (arrangement, item, centre) => {
		const way = item.mirrored ? -1 : 1;
		const { x, y } = arrangement.offset;
		return { ...arrangement, offset: { x: x + way * (centre.x - item.centre.x), y: y + centre.y - item.centre.y } };
	},
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: true,
	release: null,
	meansHardware: () => true
};

type SizeChoice = Choice<string> & { readonly scale: number };

/** As wished; as large as stays clear of the edges, and of its neighbours; and as small as still shows round its knob: cost = 2 |ln(s/s0)|, and 10 for each limit that it breaks. */
function sizesFor({ scale: wish, turn }: Accent, motif: Motif, parts: readonly Part[], unit: LengthUnit): SizeChoice[] {
	const radians = (turn * Math.PI) / 180;
	const [cos, sin] = [Math.abs(Math.cos(radians)), Math.abs(Math.sin(radians))];
	const [w, h] = [motif.width * cos + motif.height * sin, motif.width * sin + motif.height * cos];
	const limits = { edges: Infinity, neighbours: Infinity, knob: 0 };
	for (const part of parts) {
		const clear = CLEAR * Math.min(part.width, part.height);
		for (const [i, { centre, footprint }] of part.hardware.entries()) {
			const room = {
				x: 2 * (Math.min(centre.x, part.width - centre.x) - clear),
				y: 2 * (Math.min(centre.y, part.height - centre.y) - clear)
			};
			limits.edges = Math.min(limits.edges, room.x / w, room.y / h);
			limits.knob = Math.max(limits.knob, (ROUND_KNOB * Math.max(footprint.width, footprint.height)) / Math.max(w, h));
			for (const other of part.hardware.slice(i + 1)) {
				const [dx, dy] = [Math.abs(other.centre.x - centre.x), Math.abs(other.centre.y - centre.y)];
				limits.neighbours = Math.min(limits.neighbours, Math.max(dx / (w * (1 + CLEAR)), dy / (h * (1 + CLEAR))));
			}
		}
	}
	const at = (scale: number, reason: string): SizeChoice[] => {
		if (!(scale >= LEAST_SCALE && scale <= LARGEST_SCALE)) return [];
		const broken = [
			...(scale > limits.edges + 1e-9 ? ['too near an edge'] : []),
			...(scale > limits.neighbours + 1e-9 ? ['doubled at the next knob'] : []),
			...(scale < limits.knob - 1e-9 ? ['hidden under its knob'] : [])
		];
		const terms = { scale: 2 * Math.abs(Math.log(scale / wish)), limits: 10 * broken.length };
		return [
			{
				scale,
				pick: reason,
				cost: terms.scale + terms.limits,
				terms,
				title: `${formatLength(scale * motif.height, unit).text} high`,
				reason,
				warning: broken.length > 0 ? broken.join(', ') : null
			}
		];
	};
	const down = (scale: number) => Math.floor(scale * 100) / 100;
	return [
		...at(toScale(wish), 'the size you wished'),
		...at(down(Math.min(limits.edges, LARGEST_SCALE)), 'as large as leaves the edges clear'),
		...(limits.neighbours < LARGEST_SCALE ? at(down(limits.neighbours), 'as large as leaves its neighbours clear') : []),
		...at(Math.ceil(limits.knob * 100) / 100, 'as small as still shows round its knob')
	];
}

function itemsOn(
	{ id, motif: motifId, turn, pairs, offset, leftOut }: Accent,
	scale: number,
	part: Part,
	context: ArrangementContext
): LaidItem[] {
	const { motif, shape } = motifIn(context, motifId);
	const face = faceOf(context.piece.faces, part.face);
	return part.hardware.flatMap(({ centre: knob }, index) => {
		const place = String(placeFromMiddle(index, part.hardware.length));
		if (leftOut.some((spot) => isSpotOf(spot, { part: part.id, place, index }))) return [];
		const mirrored = pairs === 'facing' && knob.x > part.width / 2 + 0.5;
		const centre = { x: knob.x + (mirrored ? -1 : 1) * offset.x, y: knob.y + offset.y };
		return [
			layItem({ arrangement: id, place, index, centre, scale, turn: mirrored ? 0 - turn : turn, mirrored }, { motif, shape }, part, face)
		].filter(isSeen);
	});
}

function hintsOf(items: readonly LaidItem[], parts: readonly Part[], { path }: ArrangementContext): Issue[] {
	const bare = parts.filter(({ hardware }) => hardware.length === 0);
	const over = parts.flatMap((part) => {
		const count = items.filter((item) => item.part === part.id && goesOverEdge(item)).length;
		return count > 0 ? [{ code: 'run.over-edge', path, values: { part: part.name, count } }] : [];
	});
	return [...bare.map((part) => ({ code: 'single.no-hardware', path: `${path}.parts`, values: { part: part.name } })), ...over];
}
