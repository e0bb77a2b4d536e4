import { z } from 'zod';
import { PlacesSchema } from '../../layout';
import { traitsOfMaterial } from '../traits';
import { FILM } from './defaults';
import { CountSchema, film, filmOf, SideSchema } from './fields';
import type { CoatKind, Site } from './types';

export const PaperSchema = z
	.strictObject({
		kind: z.literal('paper'),
		...film,
		on: PlacesSchema,
		width: SideSchema,
		height: SideSchema,
		pieces: CountSchema,
		edge: z.enum(['torn', 'cut', 'sanded']).meta({ description: 'How its edge is thinned out.' })
	})
	.meta({ description: 'Printed paper, with medium under it and over it; counted by its size.' });
export type Paper = z.infer<typeof PaperSchema>;

const MM2 = 1e6;
const areaOf = ({ width, height, pieces }: Paper, { area }: Site) => Math.min(area, (pieces * width * height) / MM2);

/** Source: craft 9. */
export const paper: CoatKind<Paper> = {
	...FILM,
	word: 'Paper',
	phase: 'print',
	materials: ['paper'],
	starts: () => [
		{
			text: 'Printed paper',
			coat: { ...filmOf('paper', 'printed-paper', 1), kind: 'paper', on: 'fronts', width: 300, height: 400, pieces: 1, edge: 'torn' }
		}
	],
	where: ({ on }) => ({ on }),
	traits: (_coat, { material }) => ({ ...traitsOfMaterial(material), film: true, wet: true, papers: true, decorates: true }),
	/** Under it and over it. */
	takes: (coat, site) => [{ colour: null, material: 'decoupage-medium', area: 2 * areaOf(coat, site) }],
	sheets: ({ width, height, pieces }) => ({ count: pieces, width, height }),
	work: (coat, site, rates) => areaOf(coat, site) / rates.paper,
	tools: () => [
		{ tool: 'soft brush for the medium', count: 1 },
		{ tool: 'roller, or a plastic card in a cloth', count: 1 }
	],
	steps: ({ edge }) => [
		edge === 'torn'
			? 'Tear its edge towards you, so that the white stays behind; never scorch it.'
			: edge === 'sanded'
				? 'Lay its edge over a board and sand it thin from behind.'
				: 'Cut it with a sharp blade along a steel edge, a hair smaller than its recess.',
		'Medium on the ground and on the back of the paper; wait a minute, lay it, and smooth it from the centre outwards.',
		'Medium over it, thin, beyond its edge; a second time when the first is dry.'
	],
	cautions: ['Paper edges are torn or sanded, not scorched: the look is the same without the fire.'],
	look: () => ({ effect: 'none' }),
	detail: ({ edge, pieces }) => `${edge} edge${pieces > 1 ? `, ${pieces} pieces` : ''}`
};
