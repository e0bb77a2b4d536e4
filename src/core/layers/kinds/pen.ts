import { z } from 'zod';
import { IdSchema } from '../../units';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { film, filmOf } from './fields';
import { ARRANGEMENTS } from '../../layout';
import type { CoatKind, Site } from './types';

export const PenSchema = z
	.strictObject({
		kind: z.literal('pen'),
		...film,
		arrangement: IdSchema,
		colour: IdSchema,
		width: z.number().min(0.3).max(15).meta({ description: 'Of the line, mm.' }),
		smudged: z.boolean().meta({ description: 'Drawn out with a finger while it is wet: a shadow rather than a line.' })
	})
	.meta({ description: 'A line drawn round the motifs of an arrangement.' });
export type Pen = z.infer<typeof PenSchema>;

const MM_PER_M = 1000;
const areaOf = ({ width }: Pen, { open }: Pick<Site, 'open'>): number => ((open?.edge ?? 0) * width) / MM_PER_M;

/** Source: craft 3. */
export const pen: CoatKind<Pen> = {
	...FILM,
	word: 'Pen line',
	phase: 'print',
	materials: ['ink'],
	starts: ({ arrangements, colours }) =>
		arrangements.flatMap(({ id, name, kind }) =>
			ARRANGEMENTS[kind].of === 'motif' ? [{ text: `Pen line round ${name}`, coat: newPen(id, colours.at(-1)!) }] : []
		),
	where: ({ arrangement }) => ({ through: arrangement }),
	colour: ({ colour }) => colour,
	traits: (_coat, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		decorates: true,
		inks: material?.thinned ?? 'water'
	}),
	takes: (coat, site) => [{ colour: coat.colour, area: areaOf(coat, site) }],
	work: (coat, { open }, rates) => (coat.times * (open?.edge ?? 0)) / rates.pen,
	tools: ({ smudged }) => [{ tool: 'pen or marker', count: 1 }, ...(smudged ? [{ tool: 'cotton bud', count: 4 }] : [])],
	steps: ({ smudged }) => [
		'Draw along the outline from the shoulder, the hand on a stick or a clean cloth; long lines first.',
		...(smudged ? ["Draw it outwards at once with a finger or a cotton bud, a hand's length at a time."] : []),
		'Let nothing wet touch it before it has been sealed, unless it is a spirit pen.'
	],
	look: () => ({ effect: 'none' }),
	detail: ({ smudged }) => (smudged ? 'smudged' : '')
};

const newPen = (arrangement: string, colour: string): Pen => ({
	...filmOf('pen', 'water-marker', 1),
	kind: 'pen',
	arrangement,
	colour,
	width: 1.5,
	smudged: true
});
