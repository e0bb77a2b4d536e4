import type { Found, Rule } from '../findings';
import { newCut } from '../kinds/cut';
import { nameCoat } from '../kinds';
import { whereOf } from '../kinds';
import type { Layer, Stack } from '../stackLayers';

/** Castings across a gap are cut through, after the glue is dry, or what they lie on does not open. Source: craft 12. */
export const castCut: Rule = {
	id: 'cast-cut',
	risk: 'piece',
	satisfiedBy: 'A step that cuts them through along the gap, a day after they were glued; casts that cross no gap need none.',
	check: (stack) => crossing(stack).flatMap((layer) => (cutsAfter(stack, layer).length === 0 ? [report(layer)] : [])),
	arcs: (stack) =>
		crossing(stack).flatMap((before) =>
			cutsAfter(stack, before).map((after) => ({
				rule: 'cast-cut',
				before,
				after,
				where: [...before.surfaces],
				least: 'recoat',
				asks: 'recoat',
				most: null,
				kind: 'must',
				what: (waited, needs) => `They are cut ${waited} after ${nameCoat(before.coat, before.material)}, whose glue needs ${needs}.`,
				why: 'A saw pulls off what is not held yet.'
			}))
		),
	examples: {
		bad: [
			['never cut', 'across | base; cast arrangement=rope!'],
			['cut before they are glued', 'across | base; cut arrangement=rope; cast arrangement=rope!'],
			['cut after an hour', 'across | base; cast arrangement=rope; cut arrangement=rope wait=60!']
		],
		good: [
			['cut when the glue is dry', 'across | base; cast arrangement=rope; cut arrangement=rope'],
			['across nothing', 'base; cast arrangement=reeds']
		]
	}
};

function crossing({ layers }: Stack): Layer[] {
	return layers.filter(
		({ traits, openings }) =>
			traits.glued && openings !== null && [...openings.values()].flat().some(({ item }) => item.cutBy.includes('opening'))
	);
}

function cutsAfter({ layers }: Stack, layer: Layer): Layer[] {
	const through = whereOf(layer.coat).through;
	return layers.slice(layer.at + 1).filter(({ traits, coat }) => traits.cuts && whereOf(coat).through === through);
}

function report(layer: Layer): Found {
	return {
		kind: 'must',
		what: 'Castings lie across a gap, and nothing cuts them through.',
		coat: layer.coat.id,
		where: [...layer.surfaces],
		why: 'They glue the drawer or the door shut.',
		remedies: [
			{
				label: 'Cut them through when the glue is dry',
				edits: [{ op: 'insert', at: layer.at + 1, coat: newCut(whereOf(layer.coat).through!) }]
			}
		]
	};
}
