import { z } from 'zod';
import { PlacesSchema } from '../../layout';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { CountSchema, film, filmOf, SideSchema } from './fields';
import type { CoatKind, Site } from './types';

export const TransferSchema = z
	.strictObject({
		kind: z.literal('transfer'),
		...film,
		on: PlacesSchema,
		width: SideSchema,
		height: SideSchema,
		pieces: CountSchema.meta({ description: 'Pieces that it is cut into.' })
	})
	.meta({ description: 'Printed film that is rubbed on; counted by its size.' });
export type Transfer = z.infer<typeof TransferSchema>;

const MM2 = 1e6;
const areaOf = ({ width, height }: Transfer, { area }: Site) => Math.min(area, (width * height) / MM2);

/** Source: craft 9. */
export const transfer: CoatKind<Transfer> = {
	...FILM,
	word: 'Transfer',
	phase: 'print',
	materials: ['transfer'],
	starts: () => [
		{
			text: 'Rub-on transfer',
			coat: { ...filmOf('transfer', 'rub-on-transfer', 1), kind: 'transfer', on: 'fronts', width: 300, height: 400, pieces: 1 }
		}
	],
	where: ({ on }) => ({ on }),
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, transfers: true, decorates: true }),
	takes: () => [],
	sheets: ({ width, height }) => ({ count: 1, width, height }),
	/** Each piece besides has to be cut out and laid out. */
	work: (coat, site, rates) => areaOf(coat, site) / rates.transfer + 2 * (coat.pieces - 1),
	tools: () => [
		{ tool: 'rubbing stick', count: 1 },
		{ tool: 'low-tack tape to hold it', count: 1 },
		{ tool: 'sharp blade', count: 1 }
	],
	steps: ({ pieces }) => [
		...(pieces > 1 ? [`Cut ${pieces} pieces out with their backing on, and lay all of them out before the first is rubbed.`] : []),
		'Position it, tape it, step back and look; only then take the backing off. The film touches nothing but its backing.',
		'Rub in sections from one side; lift a little, and lay it back where it still clings. Fine scrolls and letters cling most.',
		'Press it into grooves and over mouldings with a finger; sand what hangs over an edge off outwards.'
	],
	cautions: ['Blades: cut away from you.'],
	look: () => ({ effect: 'none' }),
	detail: ({ pieces }) => (pieces > 1 ? `${pieces} pieces` : '')
};
