import { z } from 'zod';
import { clothsFor } from '../washedTools';
import { limitsOf, place, step } from './fields';
import type { Places } from '../../layout';
import { STEP } from './defaults';
import { DUST_CAUTIONS } from './sand';
import type { CoatKind, Site } from './types';

export const DistressSchema = z
	.strictObject({
		kind: z.literal('distress'),
		...step,
		...place,
		way: z.enum(['dry', 'wet']).meta({ description: 'With paper, or with a damp cloth.' }),
		reach: z
			.enum(['top', 'under', 'ground'])
			.meta({ description: 'The top coat only softened, rubbed to the coat under it, or to the ground.' }),
		at: z
			.enum(['edges', 'heights', 'hands', 'all'])
			.meta({ description: 'Edges and corners, what stands up, where hands go, or all over.' })
	})
	.meta({ description: 'Rubbed through on purpose, as years would.' });
export type Distress = z.infer<typeof DistressSchema>;

/** Share of a surface that is rubbed. Starting figures of ours. */
const SHARE: Readonly<Record<Distress['at'], number>> = { edges: 0.12, heights: 0.15, hands: 0.06, all: 1 };
const GRIT: Readonly<Record<Distress['reach'], number>> = { top: 320, under: 180, ground: 80 };
const AT: Readonly<Record<Distress['at'], string>> = {
	edges: 'Along edges and corners, outwards over them; more at the foot and round the top than between.',
	heights: 'Over what stands up, flat and light, so that hollows keep their colour.',
	hands: 'Round knobs and keyholes, and where a hand pushes: a soft patch that thins out.',
	all: 'All over, along the grain, lighter in the middle than at the ends.'
};

const areaOf = ({ at }: Distress, { area, open }: Site) => (open?.area ?? area) * SHARE[at];

/** Source: craft 11. */
export const distress: CoatKind<Distress> = {
	...STEP,
	word: 'Distressing',
	phase: 'tone',
	starts: () => [
		{ text: 'Distressing dry', coat: newDistress('dry') },
		{ text: 'Distressing wet', coat: newDistress('wet') }
	],
	where: limitsOf,
	traits: ({ way }) => ({ distresses: true, keys: way === 'dry', wears: true }),
	work: (coat, site, rates) => areaOf(coat, site) / rates[coat.way === 'dry' ? 'distress-dry' : 'distress-wet'],
	tools: ({ way, reach, at }, _colours, _material, wiped) => [
		way === 'dry'
			? { tool: `abrasive paper ${GRIT[reach]}`, count: 1 }
			: { tool: 'damp cloth that does not lint', count: clothsFor(wiped === undefined ? undefined : wiped * SHARE[at]) }
	],
	steps: ({ way, reach, at }) => [
		way === 'dry'
			? `Grit ${GRIT[reach]}${reach === 'top' ? ': it only softens' : ''}; a folded piece, no block.`
			: 'A damp cloth over one finger, wrung out; turn it as soon as it is coloured. It works only on paint that water wakes.',
		AT[at],
		reach === 'top'
			? 'Stop before another colour shows.'
			: reach === 'under'
				? 'Stop when the coat under it shows; harder rubbing goes on to the next.'
				: 'Down to the ground at a few places only; let every layer show at their rim.',
		'Gone too far: lay that coat again there, and wear it again.'
	],
	cautions: DUST_CAUTIONS,
	look: () => ({ effect: 'none' }),
	detail: ({ way, at }) => `${way}, ${at === 'all' ? 'all over' : at === 'hands' ? 'where hands go' : at}`
};

const newDistress = (way: Distress['way'], on: Places = 'all'): Distress => ({
	kind: 'distress',
	id: 'distress',
	wait: null,
	on,
	way,
	reach: 'under',
	at: 'edges'
});
