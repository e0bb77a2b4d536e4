import type { Rule, Found } from '../findings';
import { newBase } from '../kinds/base';
import { layersOver, layersUnder, type Layer, type Stack } from '../stackLayers';

/** A medium between two paints has paint under it and paint over it. Source: craft 3 and 12. */
export const cracklePair: Rule = {
	id: 'crackle-pair',
	risk: 'look',
	satisfiedBy: 'Paint under the crackle medium and paint over it, of the same colour or another.',
	check: (stack) => stack.layers.filter(({ traits }) => traits.cracks === 'between').flatMap((layer) => checkPair(stack, layer)),
	examples: {
		bad: [
			['no paint over it', 'base; crackle!; clear'],
			['no paint under it', 'sand; crackle!; base'],
			['paint over it on the frame only', 'base; crackle!; base on=frame']
		],
		good: [
			['between two paints', 'base; crackle; base colour=hull-white'],
			['two coats of medium', 'base; crackle; crackle; base colour=hull-white'],
			['a blend over it', 'base on=drawers; crackle on=drawers; blend'],
			['two-part crackle needs no paint over it', 'base; crackle:crackle-first; crackle:crackle-second']
		]
	}
};

function checkPair(stack: Stack, layer: Layer): Found[] {
	const paintsOn = (list: ReturnType<typeof layersOver>) =>
		new Set(list.flatMap(({ layer: { traits }, where }) => (traits.paints && traits.covers ? where : [])));
	const [under, over] = [paintsOn(layersUnder(stack, layer)), paintsOn(layersOver(stack, layer))];
	/** Of two coats of medium the lower is told. */
	const isSecond = layersUnder(stack, layer).some(({ layer: { traits } }) => traits.cracks === 'between');
	const [bare, open] = [under, over].map((there) => [...layer.surfaces].filter((surface) => !there.has(surface))) as [string[], string[]];
	if (isSecond || (bare.length === 0 && open.length === 0)) return [];
	const paint = stack.layers.find(({ traits }) => traits.solid);
	const used = paint?.colours[0];
	const first = stack.palette[0]?.id;
	const material = paint?.material?.id ?? 'chalk-paint';
	const other = stack.palette.find(({ id }) => id !== used)?.id ?? first;
	const edits = [
		...(open.length > 0 && other !== undefined
			? [{ op: 'insert' as const, at: afterMedium(stack, layer), coat: newBase(stack.placesFor(open), other, material) }]
			: []),
		...(bare.length > 0 && first !== undefined
			? [{ op: 'insert' as const, at: layer.at, coat: newBase(stack.placesFor(bare), used ?? first, material) }]
			: [])
	];
	return [
		{
			kind: 'must',
			what: open.length > 0 ? 'No paint goes over the crackle medium.' : 'There is no paint under the crackle medium.',
			coat: layer.coat.id,
			where: [...new Set([...open, ...bare])],
			why: 'It is the upper paint that cracks as it dries, and the lower one that is seen in the cracks.',
			remedies: edits.length > 0 ? [{ label: open.length > 0 ? 'A coat of paint over it' : 'A coat of paint under it', edits }] : []
		}
	];
}

/** Past further coats of medium. */
function afterMedium({ layers }: Stack, { at }: Layer): number {
	const next = layers.findIndex((layer) => layer.at > at && layer.traits.cracks !== 'between');
	return next < 0 ? layers.length : next;
}
