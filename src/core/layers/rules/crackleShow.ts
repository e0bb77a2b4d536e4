import { lightnessOf } from '../coloursSeen';
import type { Rule } from '../findings';
import { newGlaze } from '../kinds/glaze';
import { newWax } from '../kinds/wax';
import { layersOver } from '../stackLayers';

/** Clear cracks are seen only when a colour is wiped into them. Source: craft 3 and 12. */
export const crackleShow: Rule = {
	id: 'crackle-show',
	risk: 'look',
	satisfiedBy: 'A thin dark or metallic colour, a glaze, a dark wax or gilding wax wiped into the cracks of a clear crackle.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.cracks === 'second' || traits.cracks === 'single')
			.flatMap((layer) => {
				const shown = new Set(
					layersOver(stack, layer).flatMap(({ layer: { traits }, where }) => (traits.wipedIn || traits.oil ? where : []))
				);
				const where = [...layer.surfaces].filter((surface) => !shown.has(surface));
				if (where.length === 0) return [];
				const on = stack.placesFor(where);
				const [dark] = [...stack.palette].sort((a, b) => lightnessOf(a.hex) - lightnessOf(b.hex));
				return [
					{
						kind: 'should' as const,
						what: 'Nothing is wiped into the cracks.',
						coat: layer.coat.id,
						where,
						why: 'Clear cracks are seen in slanting light alone.',
						remedies: [
							...(dark
								? [
										{
											label: `Wipe a glaze of ${dark.name} into them`,
											edits: [{ op: 'insert' as const, at: layer.at + 1, coat: newGlaze(on, dark.id) }]
										}
									]
								: []),
							{ label: 'Dark wax over it', edits: [{ op: 'insert', at: layer.at + 1, coat: { ...newWax(on), material: 'dark-wax' } }] }
						]
					}
				];
			}),
	examples: {
		bad: [
			['nothing wiped in', 'base; crackle:crackle-first; crackle:crackle-second!'],
			['single coat, left clear', 'base; crackle:crackle-single!'],
			['glazed before it', 'base; clear; glaze; crackle:crackle-single!']
		],
		good: [
			['a dark glaze', 'base; crackle:crackle-single; glaze'],
			['dark wax', 'base; crackle:crackle-first; crackle:crackle-second; wax:dark-wax'],
			['gilding wax all over', 'base; crackle:crackle-single; gilding-wax'],
			['medium between two paints shows by itself', 'base; crackle; base']
		]
	}
};
