import { z } from 'zod';
import type { Places } from '../../layout';
import { limitsOf, place, step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const SandSchema = z.strictObject({
	kind: z.literal('sand'),
	...step,
	...place,
	grit: z.number().int().min(40).max(2000),
	bare: z.boolean().meta({ description: 'Down to the bare ground: all coats under it are taken off.' }),
	eases: z.number().min(0).max(20).optional().meta({ description: 'Taken off the meeting edges, mm.' })
});
export type Sand = z.infer<typeof SandSchema>;

export const DUST_CAUTIONS = [
	'Dust: a mask, extraction, or sand wet.',
	'Old paint may hold lead: test before sanding, and follow local rules or a licensed professional.'
] as const;

export const sand: CoatKind<Sand> = {
	...STEP,
	word: 'Sanding',
	phase: 'prepare',
	starts: ({ arrangements }) => [
		{ text: 'Sanding', coat: newSand('all') },
		{ text: 'Sanding to bare', coat: { ...newSand('all', 80), bare: true } },
		...arrangements.map(({ id, name }) => ({ text: `Rubbing relief back: ${name}`, coat: { ...newSand('all', 220), through: id } }))
	],
	where: limitsOf,
	traits: ({ bare, eases = 0 }) => ({ keys: true, bares: bare, eases }),
	work: ({ bare }, { area, open }, rates) => (open?.area ?? area) / rates[bare ? 'sand-to-bare' : 'sand-to-key'],
	tools: ({ through }) => [{ tool: through === undefined ? 'sanding block' : 'abrasive pad that gives', count: 1 }],
	steps: ({ bare, eases = 0, grit, through }, { write }) => [
		...(bare || eases > 0
			? []
			: [
					through === undefined
						? `Along the grain with ${grit}, light and even; lift at edges and corners, where it goes through first.`
						: `With ${grit} over a soft pad, only across what stands up, until burrs are gone or its colour shows.`
				]),
		...(bare ? ['Along the grain, until no old coat is left.', 'Veneer is 0.5 to 0.8 mm thin: stop at the first pale spot.'] : []),
		...(eases > 0 ? [`Take ${write(eases)} off every edge of these that meets another: measure before and after, at both ends.`] : [])
	],
	cautions: DUST_CAUTIONS,
	look: ({ bare, through }) => ({ effect: bare ? 'bare' : through === undefined ? 'none' : 'expose' }),
	detail: ({ grit, bare, through }) => (bare ? 'to bare' : through === undefined ? `grit ${grit}` : `burrs, grit ${grit}`)
};

export const newSand = (on: Places, grit = 180): Sand => ({ kind: 'sand', id: 'sand', wait: null, on, grit, bare: false });
