import { GROUNDS, type GroundId } from '../../piece';
import { lightnessOf } from '../coloursSeen';
import type { Rule } from '../findings';
import { colourOf } from '../kinds';
import { newPrime } from '../kinds/prime';
import { isBared, layersOn, type Layer, type Stack } from '../stackLayers';

/** From here on (L*) a colour shows what bleeds into it; under darker ones it is lost. A starting figure of ours. */
const LIGHT = 60;

/** Knots, old stain and old varnish come through a light colour. Source: craft 12. */
export const bleedBlock: Rule = {
	id: 'bleed-block',
	risk: 'look',
	satisfiedBy: 'A shellac primer under a light colour on knotty, stained or varnished wood; under dark colours clear shellac, or none.',
	check: (stack) =>
		stack.layers.flatMap((layer) => {
			if (!layer.traits.paints || !layer.traits.covers || !isLight(stack, layer)) return [];
			const where = [...layer.surfaces].filter((surface) => doesBleed(stack, surface, layer.at) && isFirst(stack, layer, surface));
			if (where.length === 0) return [];
			return [
				{
					kind: 'should' as const,
					what: `A light colour goes on ${GROUNDS[stack.groundOf(where[0]!) as GroundId].name}, with nothing under it that keeps stains back.`,
					coat: layer.coat.id,
					where,
					why: 'Resin and old stain wander up through paint: yellow and brown marks come days later, through any number of coats.',
					remedies: [
						{
							label: 'Shellac primer before it',
							edits: [{ op: 'insert', at: layer.at, coat: { ...newPrime(stack.placesFor(where)), material: 'shellac-primer' } }]
						}
					]
				}
			];
		}),
	examples: {
		bad: [
			['a light colour on old varnish', 'ground=varnished | clean; sand; base colour=hull-white!'],
			['on knotty wood that is sanded bare', 'ground=knotty | sand bare; base colour=hull-white!'],
			['a water primer keeps nothing back', 'ground=knotty | clean; prime; base colour=hull-white!']
		],
		good: [
			['shellac under it', 'ground=varnished | clean; sand; prime:shellac-primer; scuff; base colour=hull-white'],
			['a dark colour', 'ground=knotty | clean; base colour=estuary'],
			['old varnish that is sanded off', 'ground=varnished | sand bare; base colour=hull-white'],
			[
				'the second light coat lies on the first',
				'ground=knotty | clean; prime:shellac-primer; scuff; base colour=hull-white; base colour=hull-white'
			],
			['a print is no ground to be stained', 'ground=knotty | clean; base colour=estuary; stencil colour=hull-white']
		]
	}
};

function isLight(stack: Stack, { coat, colours }: Layer): boolean {
	const source = colourOf(coat);
	return source !== null && colours.some((id) => lightnessOf(stack.palette.find((colour) => colour.id === id)?.hex ?? '#000000') >= LIGHT);
}

function doesBleed(stack: Stack, surface: string, at: number): boolean {
	const { bleeds } = GROUNDS[stack.groundOf(surface) as GroundId];
	if (bleeds === undefined || (bleeds === 'finish' && isBared(stack, surface, at))) return false;
	return !layersOn(stack, surface, at).some(({ traits }) => traits.stopsBleeding);
}

/** What lies on light paint already is told there. */
function isFirst(stack: Stack, layer: Layer, surface: string): boolean {
	return !layersOn(stack, surface, layer.at).some((under) => under.traits.paints && under.traits.covers && isLight(stack, under));
}
