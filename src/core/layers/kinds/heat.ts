import { z } from 'zod';
import { limitsOf, place, step } from './fields';
import { STEP } from './defaults';
import type { CoatKind } from './types';

export const HeatSchema = z
	.strictObject({
		kind: z.literal('heat'),
		...step,
		...place,
		does: z.enum(['raise', 'bend', 'dry']).meta({ description: 'Raises puffed paste again, softens an ornament, or dries thin paste.' })
	})
	.meta({ description: 'A heat gun or a hair dryer as a step of its own.' });
export type Heat = z.infer<typeof HeatSchema>;

const FIRST: Readonly<Record<Heat['does'], string>> = {
	raise: 'Section by section, the gun 10 to 15 cm off and always moving, until it has risen and gone matte.',
	bend: 'Warm it until it gives, press it close along its whole length, and hold it until it is cold.',
	dry: 'A hair dryer on low, two hands off, moving; thin paste and films only: plaster cracks, paint blisters.'
};

/** Source: craft 3 and 15. */
export const heat: CoatKind<Heat> = {
	...STEP,
	word: 'Heat',
	phase: 'print',
	starts: ({ arrangements }) => [
		{ text: 'Heat: drying with a hair dryer', coat: { kind: 'heat', id: 'heat', wait: null, on: 'all', does: 'dry' } },
		...arrangements.map(({ id, name }) => ({
			text: `Heat: ${name}`,
			coat: { kind: 'heat' as const, id: 'heat', wait: null, on: 'all' as const, through: id, does: 'raise' as const }
		}))
	],
	where: limitsOf,
	traits: ({ does }) => ({ heated: does !== 'dry' }),
	work: (_coat, { area, open }, rates) => (open?.area ?? area) / rates.heat,
	tools: ({ does }) => [{ tool: does === 'dry' ? 'hair dryer' : 'heat gun', count: 1 }],
	steps: ({ does }) => [FIRST[does], 'Let it go cold before anything touches it.'],
	cautions: [
		'Heat guns burn, and can release fumes from old coatings: fresh air, gloves, nothing that burns near by.',
		'Never near solvent, wax, oil or fresh spirit.'
	],
	detail: ({ does }) => (does === 'dry' ? 'hair dryer' : does)
};
