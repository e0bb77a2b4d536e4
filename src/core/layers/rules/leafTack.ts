import type { Found, Rule } from '../findings';
import { newSize } from '../kinds/size';
import { layersUnder, type Stack } from '../stackLayers';
import { tackArcs } from './tackHolds';

/** Leaf lies on size that is tacky. Source: craft 3, 11 and 12. */
export const leafTack: Rule = {
	id: 'leaf-tack',
	risk: 'dry',
	satisfiedBy: 'Size under the leaf, clear and tacky, and all leaf on it before its tack is gone.',
	check: unsized,
	arcs: (stack) => tackArcs(stack, 'leaf-tack', ({ material }) => material?.kind === 'leaf'),
	examples: {
		bad: [
			['too soon', 'base; size; leaf wait=10!'],
			['two days later', 'base; size; leaf wait=2880!'],
			['no size', 'base; leaf!']
		],
		good: [
			['at its tack', 'base; size; leaf wait=45'],
			['left to the plan', 'base; size; leaf; clear'],
			['size on the frame, leaf on the frame', 'base; size on=frame; leaf on=frame']
		]
	}
};

function unsized(stack: Stack): Found[] {
	return stack.layers
		.filter(({ material }) => material?.kind === 'leaf')
		.flatMap((layer): Found[] => {
			const sized = new Set(
				layersUnder(stack, layer).flatMap(({ layer: { material }, where }) => (material?.kind === 'size' ? where : []))
			);
			const where = [...layer.surfaces].filter((surface) => !sized.has(surface));
			if (where.length === 0) return [];
			const { coat } = layer;
			const through = 'through' in coat && coat.through !== undefined ? { through: coat.through } : {};
			const catches = 'catches' in coat ? { catches: coat.catches } : {};
			return [
				{
					kind: 'must',
					what: 'There is no size under the leaf.',
					coat: coat.id,
					where,
					why: 'Leaf holds by the size alone.',
					remedies: [
						{
							label: 'Size before it',
							edits: [
								{ op: 'insert', at: layer.at, coat: { ...newSize(stack.placesFor(where)), ...through, ...catches } },
								{ op: 'wait', coat: coat.id, wait: null }
							]
						}
					]
				}
			];
		});
}
