import { z } from 'zod';
import { IdSchema } from '../../units';
import { BLEND_METHODS, BRUSH_SCHOOLS, USUAL_BLENDING } from '../methods/schema';
import { METHODS } from '../methods';
import type { Rates } from '../rates';
import { traitsOfMaterial } from '../traits';
import { stepsOfBlend } from './blendSteps';
import { FILM } from './defaults';
import { film, filmOf, wetWork } from './fields';
import { hiddenBy } from './hiddenBy';
import type { Schools } from '../schools';
import type { CoatKind } from './types';

export const BlendSchema = z.strictObject({
	kind: z.literal('blend'),
	...film,
	zone: IdSchema,
	method: z.enum(BLEND_METHODS),
	brushes: z.enum(BRUSH_SCHOOLS),
	drawers: z
		.enum(['in', 'out'])
		.optional()
		.meta({ description: 'Left in, to see the front as one (as without it), or taken out for clean edges.' }),
	...wetWork
});
export type Blend = z.infer<typeof BlendSchema>;

const amount = (coat: Blend) => FILM.amount(coat) * METHODS[coat.method].film;

export const blend: CoatKind<Blend> = {
	...FILM,
	word: 'Blended coat',
	phase: 'blend',
	materials: ['paint'],
	starts: ({ zones, paint, schools, hands }) =>
		zones.map(({ id, name }) => ({ text: `Blended coat: ${name}`, coat: newBlend(id, paint, schools, hands) })),
	where: ({ zone }) => ({ zone }),
	colour: ({ zone }) => ({ zone }),
	amount,
	traits: (coat, { material, zone, colourOf }) => {
		const { wet, drags, wears, runs = false } = METHODS[coat.method];
		const covers = zone !== null && !zone.leaves;
		const thinnest = Math.min(...(zone?.colours ?? []).map((id) => colourOf(id)?.opacity ?? 1));
		return {
			...traitsOfMaterial(material),
			film: true,
			wet: true,
			paints: true,
			blends: coat.times,
			mists: wet,
			runs,
			soaks: runs,
			drags,
			wears,
			decorates: true,
			covers,
			hides: covers && !wears && Number.isFinite(thinnest) ? hiddenBy(thinnest, amount(coat)) : 0
		};
	},
	takes({ method }, { shares }) {
		const { slip } = METHODS[method];
		const area = shares.reduce((sum, one) => sum + one.area, 0);
		return slip === undefined || area === 0 ? [...shares] : [...shares, { colour: null, material: slip, area }];
	},
	work: (coat, { shares }, rates) => (coat.times * shares.reduce((sum, { area }) => sum + area, 0)) / rateOfBlend(coat, rates),
	passes: ({ times, method }) => ({ count: times, rest: METHODS[method].rest }),
	sections: (coat, rates) => ({ rate: rateOfBlend(coat, rates), wet: METHODS[coat.method].wet, misted: METHODS[coat.method].misted }),
	worksWet: true,
	hands: ({ hands = 1 }) => hands,
	needs: ({ drawers }) => (drawers === 'out' ? ['drawers-out'] : []),
	tools: ({ method, brushes }, colours) => METHODS[method].tools(colours, brushes).filter(({ count }) => count > 0),
	steps: stepsOfBlend,
	look: ({ method }) => ({ effect: 'blend', hand: METHODS[method].hand })
};

/** m2 a minute, by all hands. */
const rateOfBlend = ({ method, hands = 1 }: Blend, rates: Rates): number => rates[method] * hands;

const newBlend = (
	zone: string,
	material: string,
	{ method = USUAL_BLENDING.method, brushes = USUAL_BLENDING.brushes, drawers }: Schools = {},
	hands = 1
): Blend => ({
	...filmOf('blend', material, 1),
	kind: 'blend',
	zone,
	method,
	brushes,
	...(drawers === 'out' ? { drawers } : {}),
	...(hands > 1 ? { hands } : {})
});
