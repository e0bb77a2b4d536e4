import { freeId, type Rule } from '../findings';
import type { FinishEdit, Remedy } from '../remedy';
import { bySchool } from '../schools';
import { newClear } from '../kinds/clear';
import type { Places } from '../../layout';
import { newGlaze, type Glaze } from '../kinds/glaze';
import { layersOn, type Layer, type Stack } from '../stackLayers';
import { areWetTogether } from '../wetRuns';

/** A tinted glaze soaks into porous paint, and is hard to move there: three schools. Source: craft 11 and 12. */
export const porousGlaze: Rule = {
	id: 'porous-glaze',
	risk: 'look',
	satisfiedBy: 'A clear coat or clear glaze under the tinted one; or straight on, for a denser, stiffer result, as a choice.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.glazes && stack.schools.glaze !== 'straight')
			.flatMap((layer) => {
				const where = [...layer.surfaces].filter((surface) => {
					const top = layersOn(stack, surface, layer.at).findLast(({ traits }) => traits.film && traits.covers);
					return top !== undefined && top.traits.porous && !top.traits.slips && !areWetTogether(stack, top, layer);
				});
				if (where.length === 0) return [];
				const on = stack.placesFor(where);
				return [
					{
						kind: 'school' as const,
						what: 'A tinted glaze goes straight on porous paint.',
						coat: layer.coat.id,
						where,
						why: 'It soaks in at once: denser and stiffer, and hard to wipe back. Some seal first, some lay clear glaze first, some want it so.',
						remedies: bySchool<Remedy>(stack.schools.glaze, {
							seal: { label: 'Seal it first', edits: [{ op: 'insert', at: layer.at, coat: { ...newClear(on), times: 1 } }] },
							slip: { label: 'Clear glaze first, left wet', edits: slipUnder(stack, layer, on) }
						})
					}
				];
			}),
	examples: {
		bad: [
			['straight on chalk-type paint', 'base; glaze!'],
			['straight on a blended coat', 'base; clear; blend; glaze!']
		],
		good: [
			['sealed first', 'base; clear; glaze'],
			['clear glaze first', 'base; glaze clear; glaze'],
			['tinted glaze into wet paint', 'base; glaze into'],
			['into clear glaze that is left wet', 'base; glaze clear; glaze into'],
			['on paint that is not porous', 'base:mineral-paint; glaze'],
			['straight on, where this workshop does so', 'school=glaze:straight | base; glaze'],
			['a clear glaze by itself', 'base; glaze clear'],
			['a print of porous paint on a sealed ground', 'base; clear; stencil; glaze']
		]
	}
};

/** A slip of clear glaze right before it, which it is worked into while that is wet. */
function slipUnder({ layers }: Stack, { at, coat }: Layer, on: Places): FinishEdit[] {
	const slip = newGlaze(on, null);
	const id = freeId(
		slip.id,
		layers.map((layer) => layer.coat)
	);
	const glaze = coat as Glaze;
	return [
		{ op: 'insert', at, coat: { ...slip, id } },
		{ op: 'replace', coat: coat.id, with: { ...glaze, intoWet: id, wait: null } }
	];
}
