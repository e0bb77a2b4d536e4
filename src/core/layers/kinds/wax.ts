import { z } from 'zod';
import { traitsOfMaterial } from '../traits';
import { formatWait, IdSchema } from '../../units';
import type { Material } from '../material';
import { FILM } from './defaults';
import type { Places } from '../../layout';
import { film, filmOf, limitsOf, place } from './fields';
import type { CoatKind } from './types';

export const WaxSchema = z.strictObject({
	kind: z.literal('wax'),
	...film,
	...place,
	colour: IdSchema.optional().meta({ description: 'What colours a tinted or chalky wax; that of its tin where nothing is said.' }),
	medium: z.number().min(1).max(30).optional().meta({ description: 'Parts of wax to one of what colours it, where it is mixed here.' }),
	reach: z.enum(['all', 'tips']).optional().meta({ description: 'Through motifs: all of them, or only their tips.' })
});
export type Wax = z.infer<typeof WaxSchema>;

export const wax: CoatKind<Wax> = {
	...FILM,
	word: 'Wax',
	phase: 'protect',
	materials: ['wax'],
	starts: () => [
		{ text: 'Wax', coat: newWax('all') },
		{ text: 'Dark wax', coat: { ...newWax('all'), material: 'dark-wax' } },
		{ text: 'White wax', coat: { ...newWax('all'), material: 'white-wax' } },
		{ text: 'Tinted wax', coat: { ...newWax('all'), material: 'tinted-wax' } },
		{ text: 'Chalky wax', coat: { ...newWax('all'), material: 'chalky-wax' } }
	],
	where: limitsOf,
	colour: ({ colour }) => colour ?? null,
	traits: ({ through }, { material }) => ({
		...traitsOfMaterial(material),
		film: true,
		wet: true,
		wipedIn: material?.dark ?? false,
		covers: through === undefined
	}),
	takes: ({ colour, medium, reach = 'all' }, { area, open }, material) => {
		const whole = (open?.area ?? area) * (reach === 'tips' ? (open?.tips ?? 1) : 1);
		const parts = medium ?? partsIn(material);
		if (colour === undefined || parts === null) return [{ colour: null, area: whole }];
		return [
			{ colour, area: whole, share: 1 / (1 + parts) },
			{ colour: null, area: whole, share: parts / (1 + parts) }
		];
	},
	tools: ({ applicator }) => [
		{ tool: applicator, count: 1 },
		{ tool: 'lint-free cloth to buff', count: 1 }
	],
	steps: ({ reach, medium, colour }, { touchDry, material }) => [
		...(colour !== undefined && (medium ?? partsIn(material)) !== null
			? [`Work one part of colour into ${medium ?? partsIn(material)} of clear wax with a knife until no streak is left.`]
			: []),
		reach === 'tips'
			? 'A touch on a small stiff brush, only at the tips of the motif, and fade it inwards with a cloth.'
			: 'Rub it on thin, a small area at a time, into the brush marks; take off at once what stands on it.',
		...(material?.dark ? ['Wipe it back while it is fresh; clear wax on the cloth lifts what is too dark.'] : []),
		`Leave it${touchDry === undefined ? '' : ` ${formatWait(touchDry)}`} until it is dull, then buff along the grain with a clean cloth that you turn often.`
	],
	look: () => ({ effect: 'clear' }),
	detail: ({ reach }, material) => [material?.dark ? wordDark(material) : '', reach === 'tips' ? 'tips' : ''].filter(Boolean).join(', ')
};

/** Parts of wax to one of colour, by its recipe; null where it comes coloured. */
function partsIn(material: Material | null | undefined): number | null {
	const parts = (of: 'wax' | 'paint') => material?.recipe?.find((one) => one.of === of)?.parts;
	const [wax, paint] = [parts('wax'), parts('paint')];
	return wax === undefined || paint === undefined ? null : wax / paint;
}

/** `dark`, `white`, `tinted`: the first word of what it is called. */
const wordDark = ({ name }: Material) => name.split(/[ ,]/)[0]!.toLowerCase();

export const newWax = (on: Places): Wax => ({ ...filmOf('wax', 'clear-wax', 1), kind: 'wax', on, applicator: 'cloth' });
