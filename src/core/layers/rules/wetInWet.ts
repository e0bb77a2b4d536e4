import { surfacesInCommon } from '../area';
import type { Arc } from '../arcs';
import type { Found, Rule } from '../findings';
import { nameCoat } from '../kinds';
import { isRenewedByMist } from '../material';
import type { Layer, Stack } from '../stackLayers';
import { layDry, wetPartner, type WetCoat } from '../wetRuns';

/** What is worked into a wet coat is done before that sets, on the same surface; a method that wants it dry is none. Source: craft 4. */
export const wetInWet: Rule = {
	id: 'wet-in-wet',
	risk: 'dry',
	satisfiedBy:
		'Going on at once, section by section, where the coat before is still wet; in paint that water wakes a mist gives more time.',
	check: ({ layers }) => layers.flatMap((layer) => checkPair(layers, layer)),
	arcs: (stack) => stack.layers.flatMap((layer) => arcsOf(stack, layer)),
	examples: {
		bad: [
			['left for an hour, then worked into', 'base; base; blend into wait=60!'],
			['a glaze that has set', 'base; clear; glaze clear; glaze into wait=60!'],
			['where the other is not', 'base; base on=frame; base on=drawers into!'],
			['worn back while it is wet', 'base; base; blend method=layer-and-wear into!']
		],
		good: [
			['a fresh bed, blended into at once', 'base; base; blend into'],
			['clear glaze as an eraser', 'base; glaze clear; glaze into'],
			['a second shade dragged into the first', 'base; blend; blend method=dry-drag into'],
			['the other dries first', 'base; base; blend']
		]
	}
};

function partnerOf({ layers }: Pick<Stack, 'layers'>, { at }: Layer): Layer | null {
	return wetPartner(
		layers.map(({ coat }) => coat),
		at
	) === null
		? null
		: layers[at - 1]!;
}

function arcsOf(stack: Stack, after: Layer): Arc[] {
	const before = partnerOf(stack, after);
	const where = before ? surfacesInCommon(before, after) : [];
	if (before === null || where.length === 0) return [];
	const isMisted = before.material !== null && isRenewedByMist(before.material);
	return [
		{
			rule: 'wet-in-wet',
			before,
			after,
			where,
			least: 'laid',
			asks: 'laid',
			most: 'set',
			kind: isMisted ? 'note' : 'should',
			what: (took, needs) =>
				`It is worked into ${nameCoat(before.coat, before.material)} until ${took} after that was begun, and it stays wet for ${needs}${isMisted ? ', misted twice' : ''}.`,
			why: 'What has begun to set is torn, not blended.'
		}
	];
}

function checkPair(layers: readonly Layer[], layer: Layer): Found[] {
	const before = partnerOf({ layers }, layer);
	if (before === null) return [];
	const { coat } = layer;
	const remedies = [
		{
			label: `Let ${nameCoat(before.coat, null)} dry first`,
			edits: [{ op: 'replace' as const, coat: coat.id, with: layDry(coat as WetCoat) }]
		}
	];
	const found = { kind: 'should' as const, coat: coat.id, where: [...layer.surfaces], remedies };
	if (surfacesInCommon(before, layer).length === 0)
		return [
			{
				...found,
				what: `It is worked into ${nameCoat(before.coat, before.material)}, which is nowhere where it goes.`,
				why: 'There is nothing wet there to work it into.'
			}
		];
	return layer.traits.wears
		? [
				{
					...found,
					what: 'It is worn back while it is wet.',
					why: 'It is laid, dries, and is rubbed back then: what is wet comes off to the ground.'
				}
			]
		: [];
}
