import { z } from 'zod';
import { ARRANGEMENTS, LAY_MODES } from '../../layout';
import { IdSchema } from '../../units';
import type { Material } from '../material';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, RoleSchema } from './fields';
import type { CoatKind, Need } from './types';

export const PasteSchema = z
	.strictObject({
		kind: z.literal('paste'),
		...film,
		arrangement: IdSchema,
		role: RoleSchema.optional(),
		colour: IdSchema.nullable().meta({ description: 'Stirred into it; null: it has its own.' }),
		lays: z.enum(['fewest', ...LAY_MODES]).meta({
			description:
				'How the repeat is worked: each lay over the last (chain), so from the middle to both sides (middle), by register marks (marks), or whichever has the fewest waits.'
		}),
		cut: z.boolean().meta({ description: 'A sheet of several repeats is cut up into its motifs.' }),
		lies: z.enum(['upright', 'flat', 'apart']).meta({
			description: 'How it is worked: as the face stands, on its back, or each drawer and door taken out and laid flat by itself.'
		})
	})
	.meta({
		description:
			'Raised work: paste trowelled through the motifs of an arrangement, sheet by sheet. Thickness 1 is the usual height of its material.'
	});
export type Paste = z.infer<typeof PasteSchema>;

const NEEDS: Readonly<Record<Paste['lies'], readonly Need[]>> = { upright: [], flat: ['face-up'], apart: ['drawers-out', 'face-up'] };

/** It rises under a heat gun. */
const doesPuff = (material: Material | null | undefined) => material?.paste?.puff ?? false;

/** Of tinted paste, what is colour. */
const TINT = 0.1;

/** Source: craft 3 and 7, methods 4 and 9. */
export const paste: CoatKind<Paste> = {
	...FILM,
	word: 'Paste',
	phase: 'print',
	materials: ['paste'],
	starts: ({ arrangements, schools }) =>
		arrangements.flatMap(({ id, name, kind }) =>
			ARRANGEMENTS[kind].of === 'motif'
				? [{ text: `Paste: ${name}`, coat: { ...newPaste(id), ...(schools?.paste === 'tinted' ? { material: 'tinted-paste' } : {}) } }]
				: []
		),
	where: ({ arrangement, role }) => ({ through: arrangement, ...(role === undefined ? {} : { role }) }),
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		decorates: true,
		raised: true,
		heated: doesPuff(material),
		puffs: doesPuff(material)
	}),
	takes: ({ colour }, { open, area }, material) => {
		const all = open?.area ?? area;
		const tint = shareOfPaint(material) ?? TINT;
		return colour === null
			? [{ colour: null, area: all }]
			: [
					{ colour: null, area: all, share: 1 - tint },
					{ colour, area: all, share: tint }
				];
	},
	work: ({ times }, { open, area, lays }, rates) =>
		times * ((open?.area ?? area) / rates.trowel + rates['lay-sheet'] * (lays?.count ?? open?.motifs ?? 0)),
	/** A wait between each two rounds, in which all that was laid dries. */
	passes: ({ times }, { lays }) => ({ count: times * Math.max(1, lays?.rounds ?? 1), rest: 0 }),
	lays: ({ lays, cut, lies }) => ({ mode: lays, cut, lies }),
	needs: ({ lies }) => NEEDS[lies],
	tools: (_coat, _colours, material) => [
		{ tool: 'trowel or old card', count: 1 },
		{ tool: 'tray of water to wash the sheet', count: 1 },
		...(doesPuff(material) ? [{ tool: 'heat gun', count: 1 }] : [])
	],
	steps: ({ colour }, { material = null }) => [
		...(colour === null ? [] : ['Stir the colour in until no streak is left; paste dries paler than it looks.']),
		...(doesPuff(material) ? [] : ['Stir in the water that has risen: paste that is too thin creeps under the sheet.']),
		'Tape the sheet to its marks. Trowel across at a low angle until every opening is full; take off what stands proud.',
		'Lift the sheet at once, straight up, while the paste is wet; wash it, and dry it, before the next lay.',
		...(doesPuff(material)
			? ['Heat it when all is laid: the gun 10 to 15 cm off, always moving, until it has risen and is matte. Nothing is sanded.']
			: [])
	],
	cautions: ['Wet paste in a drain sets: wash sheets and trowels over a bucket.', 'Sanding dry paste makes fine dust: wear a dust mask.'],
	look: () => ({ effect: 'relief', shoulder: 'rounded' }),
	detail: ({ role }) => role ?? ''
};

/** Of a paste that is mixed with paint, its share; null where its recipe has none, or it has no recipe. */
function shareOfPaint(material: Material | null): number | null {
	const recipe = material?.recipe ?? [];
	const sum = (of: typeof recipe) => of.reduce((all, { parts }) => all + parts, 0);
	const paint = sum(recipe.filter(({ of }) => of === 'paint'));
	return paint > 0 ? paint / sum(recipe) : null;
}

export const newPaste = (arrangement: string): Paste => ({
	...filmOf('paste', 'drywall-paste', 1),
	kind: 'paste',
	applicator: 'trowel',
	arrangement,
	colour: null,
	lays: 'fewest',
	cut: false,
	lies: 'upright'
});
