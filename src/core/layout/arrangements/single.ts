import { z } from 'zod';
import { formatLength, IdSchema, NameSchema } from '../../units';
import { faceOf, type Part } from '../../piece';
import type { Issue } from '../../units';
import { partsOf } from '../partsOf';
import { PlacesSchema } from '../placesSchema';
import { goesOverEdge, isSeen, layItem } from './layItem';
import { motifIn } from './motifIn';
import { LARGEST_SCALE, LEAST_SCALE, toScale } from './scales';
import { isSpotOf, placeFromMiddle, SpotSchema } from './spot';
import { rankChoices, takeChoice } from './choose';
import type { ArrangementContext, ArrangementKind, Choice, ChoiceGroup, LaidItem } from './types';

const OffsetSchema = z.number().min(-100_000).max(100_000);

export const SingleSchema = z
	.strictObject({
		kind: z.literal('single'),
		id: IdSchema,
		name: NameSchema,
		motif: IdSchema,
		parts: PlacesSchema,
		at: z
			.enum(['centre', 'hardware'])
			.meta({ description: 'From the centre of each part, or from each knob, pull or other hardware on it.' }),
		offset: z
			.strictObject({ x: OffsetSchema, y: OffsetSchema })
			.meta({ description: 'Of its centre, to the right and down, mm; the same on every part.' }),
		scale: z.number().min(LEAST_SCALE).max(LARGEST_SCALE),
		turn: z.number().min(-360).max(360).meta({ description: 'Degrees clockwise.' }),
		mirrored: z.boolean(),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'One motif on each part, where the painter wants it.' });
export type Single = z.infer<typeof SingleSchema>;

/** One motif where the painter wants it; the same on every part at once. */
export const single: ArrangementKind<Single> = {
	word: 'Single motif',
	short: 'alone',
	of: 'motif',
	spreads: false,
	start: ({ id, name, motif, parts, scale }) => ({
		kind: 'single',
		id,
		name,
		motif: motif!.id,
		parts,
		at: 'centre',
		offset: { x: 0, y: 0 },
		scale,
		turn: 0,
		mirrored: false,
		leftOut: []
	}),
	motifs: ({ motif }) => [motif],
	take: (arrangement, _group, pick) => ({ ...arrangement, scale: toScale(Number(pick)) }),
	createPlanner: () => (arrangement, context) => {
		const parts = partsOf(arrangement.parts, context.piece);
		const items = parts.flatMap((part) => itemsOn(part, arrangement, context));
		return {
			arrangement: arrangement.id,
			groups: sizesOf(arrangement, parts, context),
			items,
			issues: [],
			hints: hintsOf(arrangement, items, parts, context)
		};
	},
	moveItem: (arrangement, item, centre) => ({
		...arrangement,
		offset: { x: arrangement.offset.x + centre.x - item.centre.x, y: arrangement.offset.y + centre.y - item.centre.y }
	}),
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: true,
	release: null,
	meansHardware: () => true
};

/** Turned by so many degrees more, to whole steps, kept within half a turn to both sides. */
export function turnSingle(one: Single, degrees: number, step = 1): Single {
	const turned = Math.round((one.turn + degrees) / step) * step;
	return { ...one, turn: ((((turned + 180) % 360) + 360) % 360) - 180 };
}

/** So many times as large, to a hundredth, within what a motif may be. */
export function scaleSingle(one: Single, times: number): Single {
	return { ...one, scale: toScale(one.scale * times) };
}

/** Between a fifth and two thirds of the front, by whichever side of it fills more, with a tenth clear: never a block. Source: methods 3 (suggested size). */
function hintOfSize(items: readonly LaidItem[], part: Part, path: string): Issue[] {
	const item = items.find((one) => one.part === part.id && one.cutBy.length === 0);
	if (!item) return [];
	const share = Math.max(item.width / part.width, item.height / part.height);
	const values = { part: part.name, share: Math.round(share * 100) };
	if (share < 1 / 5 - 0.005) return [{ code: 'single.looks-small', path: `${path}.scale`, values }];
	const least = Math.min(part.width, part.height) / 10;
	const isTight = Math.min(item.left, item.top, item.right, item.bottom) < least - 1e-6;
	return isTight ? [{ code: 'single.looks-tight', path: `${path}.scale`, values: { part: part.name, most: least } }] : [];
}

/** Of the front, by its width for what is wide and by its height for what is tall: the suggested sizes, and what leaves a tenth clear on each side. Source: methods 3 (suggested size). */
const SHARES = [
	{ share: 1 / 2, reason: 'half of the front, as most begin' },
	{ share: 2 / 3, reason: 'two thirds: as large as is suggested' },
	{ share: 4 / 5, reason: 'as large as leaves a tenth clear on each side' },
	{ share: 1 / 3, reason: 'a third: quiet' },
	{ share: 1 / 5, reason: 'a fifth: as small as is suggested' }
];

/** As it is, the sizes that exist, and those that are suggested for the least of its parts: cost = 2 |ln(s/s of half the front)|. */
function sizesOf({ scale, motif: id }: Single, parts: readonly Part[], context: ArrangementContext): ChoiceGroup[] {
	if (parts.length === 0) return [];
	const { motif } = motifIn(context, id);
	/** The scale at which it is as wide, or as high, as the least of its parts. */
	const full = Math.min(...parts.map(({ width, height }) => Math.min(width / motif.width, height / motif.height)));
	const write = (mm: number) => formatLength(mm, context.unit).text;
	const at = (size: number, reason: string): Choice<string> => {
		const terms = { scale: 2 * Math.abs(Math.log(size / (full / 2))) };
		return {
			pick: size.toFixed(2),
			cost: terms.scale,
			terms,
			scale: size,
			title: `${write(size * motif.width)} by ${write(size * motif.height)}`,
			reason,
			warning: size > full + 1e-6 ? 'larger than the front' : null
		};
	};
	const sizes =
		motif.sizes?.map((size) => at(size, 'a size that exists')) ?? SHARES.map(({ share, reason }) => at(toScale(share * full), reason));
	const own = sizes.some(({ pick }) => pick === scale.toFixed(2)) ? sizes : [...sizes, at(scale, 'as you set it')];
	const choices = rankChoices(own);
	return [takeChoice({ id: 'common', parts: parts.map((part) => part.id), choices }, scale.toFixed(2))];
}

function itemsOn(
	part: Part,
	{ id, motif: motifId, at, offset, scale, turn, mirrored, leftOut }: Single,
	context: ArrangementContext
): LaidItem[] {
	const { piece } = context;
	const { motif, shape } = motifIn(context, motifId);
	const face = faceOf(piece.faces, part.face);
	const anchors = at === 'centre' ? [{ x: part.width / 2, y: part.height / 2 }] : part.hardware.map(({ centre }) => centre);
	return anchors.flatMap((anchor, index) => {
		const place = String(placeFromMiddle(index, anchors.length));
		if (leftOut.some((spot) => isSpotOf(spot, { part: part.id, place, index }))) return [];
		const centre = { x: anchor.x + offset.x, y: anchor.y + offset.y };
		return [layItem({ arrangement: id, place, index, centre, scale, turn, mirrored }, { motif, shape }, part, face)].filter(isSeen);
	});
}

function hintsOf({ at, leftOut }: Single, items: readonly LaidItem[], parts: readonly Part[], { path }: ArrangementContext): Issue[] {
	const bare = at === 'hardware' ? parts.filter(({ hardware }) => hardware.length === 0) : [];
	const over = parts.flatMap((part) => {
		const count = items.filter((item) => item.part === part.id && goesOverEdge(item)).length;
		return count > 0 ? [{ code: 'run.over-edge', path, values: { part: part.name, count } }] : [];
	});
	/** Where it would lie there is nothing. */
	const nowhere =
		at === 'centre' ? parts.filter(({ id }) => !leftOut.some((spot) => spot.part === id) && !items.some((item) => item.part === id)) : [];
	const sized = at === 'centre' ? parts.flatMap((part) => hintOfSize(items, part, path)) : [];
	/** One that is centred on hardware is meant to lie under it. */
	const under =
		at === 'hardware'
			? []
			: parts.flatMap((part) => {
					const count = items.filter((item) => item.part === part.id && item.touches.length > 0).length;
					return count > 0 ? [{ code: 'single.on-knob', path: `${path}.offset`, values: { part: part.name } }] : [];
				});
	return [
		...under,
		...nowhere.map((part) => ({ code: 'single.nowhere', path: `${path}.offset`, values: { part: part.name } })),
		...sized,
		...bare.map((part) => ({ code: 'single.no-hardware', path: `${path}.at`, values: { part: part.name } })),
		...over
	];
}
