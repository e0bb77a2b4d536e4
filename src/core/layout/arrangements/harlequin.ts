import { z } from 'zod';
import { formatLength, IdSchema, NameSchema, type Mm } from '../../units';
import { faceOf, type Part } from '../../piece';
import { partsOf } from '../partsOf';
import { PlacesSchema } from '../placesSchema';
import { rankChoices, takeChoice } from './choose';
import { layShape } from './layItem';
import { isSpotOf, SpotSchema } from './spot';
import type { ArrangementContext, ArrangementKind, Choice, LaidItem } from './types';

export const HarlequinSchema = z
	.strictObject({
		kind: z.literal('harlequin'),
		id: IdSchema,
		name: NameSchema,
		parts: PlacesSchema,
		width: z.number().min(3).max(5000).meta({ description: 'Of a diamond from point to point, as wished, mm.' }),
		ratio: z.number().min(0.2).max(5).meta({ description: 'Its height to its width, as wished.' }),
		picks: z.record(z.string(), z.string().max(80)).meta({ description: 'By part id, or "common": half diamonds across and down.' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'Diamonds whose points meet the edges: `diamond-1` and `diamond-2` in turn.' });
export type Harlequin = z.infer<typeof HarlequinSchema>;

const WEIGHTS = { width: 2, ratio: 2 };
/** More diamonds than these on a part are a texture. */
const MOST = 1500;

export interface HarlequinFit {
	/** Half diamonds across and down: whole numbers, so that points meet all four edges. */
	readonly across: number;
	readonly down: number;
	readonly width: Mm;
	readonly height: Mm;
	readonly cost: number;
	readonly terms: { readonly width: number; readonly ratio: number };
}

/**
 * Diamonds in halves so that points meet edges (mm), best first: cost = 2 |ln(w/w0)| + 2 |ln((h/w)/ratio)|. Around the wished
 * counts two more to each side are tried: further off both terms only grow. Source: methods 3.
 */
export function fitDiamonds(
	size: { readonly width: Mm; readonly height: Mm },
	wish: { readonly width: Mm; readonly ratio: number }
): HarlequinFit[] {
	const fits: HarlequinFit[] = [];
	const near = (count: number) => [-2, -1, 0, 1, 2].map((off) => Math.round(count) + off).filter((count) => count >= 1);
	for (const across of near((2 * size.width) / wish.width)) {
		const width = (2 * size.width) / across;
		const downs = new Set([...near((2 * size.height) / (wish.width * wish.ratio)), ...near((2 * size.height) / (width * wish.ratio))]);
		for (const down of downs) {
			const height = (2 * size.height) / down;
			const terms = {
				width: WEIGHTS.width * Math.abs(Math.log(width / wish.width)),
				ratio: WEIGHTS.ratio * Math.abs(Math.log(height / width / wish.ratio))
			};
			fits.push({ across, down, width, height, terms, cost: terms.width + terms.ratio });
		}
	}
	return fits.sort((a, b) => a.cost - b.cost);
}

/** A field of diamonds. Source: craft 5, methods 3. */
export const harlequin: ArrangementKind<Harlequin> = {
	word: 'Harlequin',
	short: 'harlequin',
	of: 'tape',
	spreads: true,
	firstRole: 'diamond-1',
	start: ({ id, name, parts, shortest, round }) => ({
		kind: 'harlequin',
		id,
		name,
		parts,
		width: Math.max(10, round(shortest / 4)),
		ratio: 1.6,
		picks: {},
		leftOut: []
	}),
	motifs: () => [],
	take: (arrangement, group, pick) => ({ ...arrangement, picks: { ...arrangement.picks, [group]: pick } }),
	createPlanner: () => (arrangement, context) => {
		const parts = partsOf(arrangement.parts, context.piece);
		const sizes = new Map<string, Part[]>();
		for (const part of parts) {
			const key = `${part.width.toFixed(3)} ${part.height.toFixed(3)}`;
			sizes.set(key, [...(sizes.get(key) ?? []), part]);
		}
		const groups = [...sizes.values()].map((like) => {
			const choices = rankChoices(
				fitDiamonds(like[0]!, arrangement)
					.filter(({ across, down }) => across * down < MOST)
					.map((fit) => wordDiamonds(fit, context))
			);
			const id = sizes.size === 1 ? 'common' : like[0]!.id;
			return takeChoice({ id, parts: like.map(({ id: part }) => part), choices }, arrangement.picks[id]);
		});
		const items = groups.flatMap(({ choices, taken, parts: ids }) =>
			taken < 0
				? []
				: ids.flatMap((id) =>
						diamondsOn(
							arrangement,
							choices[taken]!.fit,
							parts.find((part) => part.id === id)!,
							context
						)
					)
		);
		const dense = groups.filter(({ taken }) => taken < 0).map(({ parts: [id] }) => parts.find((part) => part.id === id)!);
		return {
			arrangement: arrangement.id,
			groups,
			items,
			issues: dense.map(({ name }) => ({ code: 'harlequin.too-many', path: `${context.path}.width`, values: { part: name, most: MOST } })),
			hints: []
		};
	},
	moveItem: (arrangement) => arrangement,
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: false,
	release: null,
	meansHardware: () => true
};

function wordDiamonds(fit: HarlequinFit, { unit }: ArrangementContext): Choice<string> & { readonly fit: HarlequinFit } {
	const write = (mm: Mm) => formatLength(mm, unit, 0.1).text;
	const count = (halves: number) => `${halves % 2 === 0 ? halves / 2 : halves / 2 === 0.5 ? '1/2' : `${Math.floor(halves / 2)} 1/2`}`;
	return {
		fit,
		pick: `${fit.across} ${fit.down}`,
		cost: fit.cost,
		terms: fit.terms,
		title: `${count(fit.across)} across, ${count(fit.down)} down`,
		reason: `${write(fit.width)} wide, ${write(fit.height)} high: ${(fit.height / fit.width).toFixed(2)} to 1`,
		warning: null
	};
}

/** Centres lie where half steps across and down are both even, or both odd; the corner of the part is the centre of one. */
function diamondsOn(arrangement: Harlequin, fit: HarlequinFit, part: Part, { piece }: ArrangementContext): LaidItem[] {
	const face = faceOf(piece.faces, part.face);
	const [w, h] = [fit.width / 2, fit.height / 2];
	const items: LaidItem[] = [];
	for (let row = 0; row <= fit.down; row++)
		for (let column = row % 2; column <= fit.across; column += 2) {
			const place = `${column},${row}`;
			if (arrangement.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) continue;
			const [x, y] = [column * w, row * h];
			const rings = [[x, y - h, x + w, y, x, y + h, x - w, y]];
			const item = layShape(
				{ arrangement: arrangement.id, place, index: items.length, role: `diamond-${(row % 2) + 1}`, rings },
				part,
				face
			);
			if (item) items.push(item);
		}
	return items;
}
