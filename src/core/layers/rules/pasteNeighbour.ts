import type { Arc } from '../arcs';
import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersOver, type Layer, type Stack } from '../stackLayers';
import { openingsNear } from '../../layout';

/** A sheet with its border, and the hand that holds it, reach so far past its motifs, mm. */
const REACH = 35;

/** No sheet is laid over paste that is wet, even where its own openings lie beside it. Source: craft 12. */
export const pasteNeighbour: Rule = {
	id: 'paste-neighbour',
	risk: 'dry',
	satisfiedBy:
		'Waiting until the paste is dry before another sheet is laid within a hand of it; what lies further off may be worked at once.',
	arcs: (stack) => stack.layers.filter(({ traits }) => traits.raised && !traits.glued).flatMap((paste) => arcsFrom(stack, paste)),
	examples: {
		bad: [
			['a stencil in the corner of the sheet, over wet paste', 'beside | base; paste; stencil arrangement=buoys wait=30!'],
			['a second paste beside the first', 'beside | base; paste; paste arrangement=buoys wait=30!']
		],
		good: [
			['left to the plan', 'beside | base; paste; stencil arrangement=buoys'],
			['far from it', 'apart | base; paste; stencil arrangement=buoys wait=30'],
			['paint without a sheet', 'beside | base; paste; base on=frame wait=30']
		]
	}
};

function arcsFrom({ layers, ...stack }: Stack, before: Layer): Arc[] {
	const over = new Set(layersOver({ layers, ...stack }, before).map(({ layer }) => layer));
	return layers.slice(before.at + 1).flatMap((after) => {
		if (over.has(after) || after.openings === null || before.openings === null || !after.traits.wet) return [];
		const where = [...before.surfaces].filter(
			(surface) => after.surfaces.has(surface) && openingsNear(before.openings!, after.openings!, surface, REACH)
		);
		if (where.length === 0) return [];
		return [
			{
				rule: 'paste-neighbour',
				before,
				after,
				where,
				least: 'recoat' as const,
				asks: 'recoat' as const,
				most: null,
				kind: 'must' as const,
				what: (waited: string, needs: string) =>
					`Its sheet lies over wet paste ${waited} after ${nameCoat(before.coat, before.material)}, which needs ${needs}.`,
				why: 'The sheet presses the paste flat, and pulls it off with it.'
			}
		];
	});
}
