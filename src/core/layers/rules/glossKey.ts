import type { Rule } from '../findings';
import type { Remedy } from '../remedy';
import { bySchool } from '../schools';
import { nameCoat } from '../kinds';
import { newPrime } from '../kinds/prime';
import { newScuff } from '../kinds/scuff';
import { isBared, layersOn, type Layer, type Stack } from '../stackLayers';

/** A glossy layer is scuffed before paint. Source: craft 12. */
export const glossKey: Rule = {
	id: 'gloss-key',
	risk: 'hold',
	satisfiedBy: 'Scuffed or sanded after the glossy coat and before the paint. Chalk and clay types on a sound old finish: some only clean.',
	check: (stack) =>
		stack.layers.flatMap((layer) => {
			if (!layer.traits.paints) return [];
			const slippery = [...layer.surfaces].flatMap((surface) => {
				const gloss = glossUnder(stack, layer, surface);
				return gloss === null ? [] : [{ surface, gloss }];
			});
			if (slippery.length === 0) return [];
			const where = slippery.map(({ surface }) => surface);
			const { gloss } = slippery[0]!;
			const onOld = slippery.every((one) => one.gloss === 'old');
			const { preparation } = stack.schools;
			if (onOld && layer.traits.porous && preparation === 'clean') return [];
			return [
				{
					kind: onOld && layer.traits.porous && preparation === undefined ? ('school' as const) : ('should' as const),
					what: `Paint goes on ${gloss === 'old' ? 'an old varnish' : nameCoat(gloss.coat, gloss.material)} that has not been scuffed.`,
					coat: layer.coat.id,
					where,
					why:
						onOld && layer.traits.porous
							? 'On a sound old finish some only clean before this kind of paint; others scuff, because it chips where it is knocked.'
							: 'Paint slides on a gloss while it is wet, and chips off it when it is dry.',
					remedies: bySchool<Remedy>(preparation, {
						scuff: { label: 'Scuff it before', edits: [{ op: 'insert', at: layer.at, coat: newScuff(stack.placesFor(where)) }] },
						...(onOld
							? {
									prime: {
										label: 'Scuff and prime it before',
										edits: [
											{ op: 'insert', at: layer.at, coat: newPrime(stack.placesFor(where)) },
											{ op: 'insert', at: layer.at, coat: newScuff(stack.placesFor(where)) }
										]
									}
								}
							: {})
					})
				}
			];
		}),
	examples: {
		bad: [
			['paint on shellac primer', 'clean; prime:shellac-primer; base!'],
			['paint on clear shellac', 'clean; prime:shellac-clear; base:mineral-paint!'],
			['chalk-type paint on old varnish that is only cleaned', 'ground=varnished | clean; base!'],
			['scuffed before the shellac, not after it', 'clean; scuff; prime:shellac-primer; base!']
		],
		good: [
			['scuffed', 'clean; prime:shellac-primer; scuff; base'],
			['sanded', 'clean; prime:shellac-primer; sand; base'],
			['cleaned only, where this workshop does so', 'school=preparation:clean ground=varnished | clean; base'],
			['a water primer is matte', 'clean; prime; base'],
			['old varnish, sanded', 'ground=varnished | clean; sand; base'],
			['the second coat lies on paint', 'clean; prime:shellac-primer; scuff; base; base; stencil'],
			['wax on shellac', 'clean; prime:shellac-clear; wax']
		]
	}
};

/** What shines under a layer on a surface: a coat, or the old varnish; null where it can hold. */
function glossUnder(stack: Stack, layer: Layer, surface: string): Layer | 'old' | null {
	const there = layersOn(stack, surface, layer.at);
	const keyed = there.findLastIndex(({ traits }) => traits.keys);
	const top = there.findLastIndex(({ traits }) => traits.film && traits.covers);
	if (keyed > top) return null;
	if (top >= 0) return there[top]!.traits.slick ? there[top]! : null;
	return stack.groundOf(surface) === 'varnished' && !isBared(stack, surface, layer.at) ? 'old' : null;
}
