import type { Rule } from '../findings';
import { newWipeEdges } from '../kinds/wipeEdges';
import { layersOver } from '../stackLayers';

/** Wet edges of drawers and doors are wiped while they are wet. Source: craft 2 and 12. */
export const edgesWiped: Rule = {
	id: 'edges-wiped',
	risk: 'piece',
	satisfiedBy: 'The edges of what moves wiped right after a wash or running colour; or masked in it; or the drawers out.',
	check: (stack) =>
		stack.layers
			.filter(({ traits, coat }) => (traits.soaks || traits.runs) && traits.film && !isKeptOff(coat))
			.flatMap((layer) => {
				const over = layersOver(stack, layer);
				const where = [...layer.surfaces].filter((surface) => {
					if (!stack.moving.has(surface)) return false;
					const next = over.find(({ layer: { traits }, where: on }) => on.includes(surface) && (traits.wipesEdges || traits.film));
					return !next?.layer.traits.wipesEdges;
				});
				if (where.length === 0) return [];
				return [
					{
						kind: 'should' as const,
						what: 'Thin wet colour runs over the edges of what moves.',
						coat: layer.coat.id,
						where,
						why: 'It gathers in the gaps, swells the wood there, and glues drawers and doors shut as it dries.',
						remedies: [
							{
								label: 'Wipe the edges after it',
								edits: [{ op: 'insert', at: layer.at + 1, coat: newWipeEdges(stack.placesFor(where)) }]
							}
						]
					}
				];
			}),
	examples: {
		bad: [
			['running colour over drawers', 'base; blend method=running-colour!'],
			['a wash over drawers', 'base; wash!; clear']
		],
		good: [
			['wiped', 'base; wash; wipe-edges; clear'],
			['drawers out', 'base; blend method=running-colour drawers=out'],
			['masked edges', 'base; wash edges=none'],
			['on the frame', 'base; wash on=frame'],
			['paint as it comes from the jar', 'base; blend']
		]
	}
};

function isKeptOff(coat: object): boolean {
	return ('edges' in coat && coat.edges === 'none') || ('drawers' in coat && coat.drawers === 'out');
}
