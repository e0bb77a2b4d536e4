import { z } from 'zod';
import { ARRANGEMENTS, clayFor } from '../../layout';
import { IdSchema, UM_PER_MM } from '../../units';
import type { Material } from '../material';
import type { Rates } from '../rates';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf, RoleSchema } from './fields';
import type { CoatKind } from './types';

export const CastSchema = z
	.strictObject({
		kind: z.literal('cast'),
		...film,
		arrangement: IdSchema,
		role: RoleSchema.optional(),
		colour: IdSchema.nullable().meta({ description: 'Painted so on the bench before it is glued; null: bare, and painted where it lies.' }),
		lies: z.enum(['upright', 'flat']).meta({ description: 'How the face stands while the glue holds: upright, each is taped.' })
	})
	.meta({ description: 'Castings and applied ornament, glued where an arrangement lays them. As high as their mould.' });
export type Cast = z.infer<typeof CastSchema>;

/** It is counted, not pressed of clay; and of these some are bent when they are warm. */
const isPiece = (material: Material | null | undefined) => material?.casting?.piece ?? false;
const doesBend = (material: Material | null | undefined) => isPiece(material) && material!.casting!.bends !== null;
/** At the bench, before any glue. */
const madeFor = (material: Material | null | undefined, rates: Rates) => (isPiece(material) ? rates['fit-piece'] : rates['make-cast']);

/** Source: craft 3 and 8, methods 8. */
export const cast: CoatKind<Cast> = {
	...FILM,
	word: 'Castings',
	phase: 'print',
	materials: ['casting'],
	starts: ({ arrangements, schools, colours }) =>
		arrangements.flatMap(({ id, name, kind }) =>
			ARRANGEMENTS[kind].of === 'motif'
				? [{ text: `Castings: ${name}`, coat: { ...newCast(id), ...(schools?.castings === 'before' ? { colour: colours.at(-1)! } : {}) } }]
				: []
		),
	where: ({ arrangement, role }) => ({ through: arrangement, ...(role === undefined ? {} : { role }) }),
	colour: ({ colour }) => colour,
	film: (_coat, height) => (height ?? USUAL_HEIGHT) * UM_PER_MM,
	traits: (_coat, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		decorates: true,
		raised: true,
		glued: true,
		heated: doesBend(material)
	}),
	takes: (_coat, { open, moulded }, material) => (isPiece(material) ? [] : [{ colour: null, area: open?.area ?? 0, ml: clayFor(moulded) }]),
	work: ({ lies }, { open }, rates, material) => {
		const glued = rates['glue-cast'] + (lies === 'upright' ? rates['tape-cast'] : 0) + (doesBend(material) ? rates['bend-piece'] : 0);
		return (open?.motifs ?? 0) * (madeFor(material, rates) + glued);
	},
	bench: (_coat, { open }, rates, material) => (open?.motifs ?? 0) * madeFor(material, rates),
	passes: () => ({ count: 1, rest: 0 }),
	needs: ({ lies }) => (lies === 'flat' ? ['face-up'] : []),
	tools: ({ lies }, _colours, material) => [
		isPiece(material) ? { tool: 'pencil for the outlines', count: 1 } : { tool: 'blade to shave the back flat', count: 1 },
		...(doesBend(material)
			? [
					{ tool: 'heat gun', count: 1 },
					{ tool: 'board to warm it on', count: 1 },
					{ tool: 'pair of gloves', count: 1 }
				]
			: []),
		...(lies === 'upright' ? [{ tool: 'low-tack tape', count: 1 }] : [])
	],
	steps: ({ lies, colour }, { material = null }) => [
		...(isPiece(material) ? [] : ['Press the clay in, shave its back flat with the mould, turn it out on a board.']),
		isPiece(material)
			? 'Fit all of it dry on the piece and look; pencil round each. What is glued is not moved again.'
			: 'Lay all of it out dry on the piece and look, before anything is glued: what is glued is not moved again.',
		...(colour === null
			? []
			: [`Paint ${isPiece(material) ? 'them' : 'the casts'} on the bench, and let them dry, before they are glued.`]),
		...(doesBend(material)
			? ['Warm each on a board until it gives, front and back; bend it to its place, and let it go cold there: it keeps the bend.']
			: []),
		isPiece(material)
			? 'Thin glue on the back, from the middle of the run outwards; press, and wipe what comes out.'
			: 'Thin glue on the back, from the middle of the run outwards; press, wipe what comes out, fill the joints with a little clay.',
		...(doesBend(material) ? ['Warm it again where it stands off, gun moving, and press it down until it is cold.'] : []),
		lies === 'upright'
			? 'Tape each one until the glue holds, 30 minutes at least; heavy ones from below.'
			: 'Leave the face on its back until the glue holds, 30 minutes at least.'
	],
	cautions: ['Blades: cut away from you, and never towards the hand that holds.'],
	look: () => ({ effect: 'relief', shoulder: 'rounded' }),
	detail: ({ role, colour }) => [role ?? '', colour === null ? '' : 'painted first'].filter(Boolean).join(', ')
};

/** Of a motif that nobody says the height of, mm. */
const USUAL_HEIGHT = 5;

export const newCast = (arrangement: string): Cast => ({
	...filmOf('cast', 'air-dry-clay', 1),
	kind: 'cast',
	applicator: 'trowel',
	arrangement,
	colour: null,
	lies: 'flat'
});
