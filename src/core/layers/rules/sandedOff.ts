import type { Found, Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersUnder, type Layer, type Stack } from '../stackLayers';

/** Sanding to bare takes off every coat that lies there: a finish is lost. */
export const sandedOff: Rule = {
	id: 'sanded-off',
	risk: 'look',
	satisfiedBy: 'Sanding to bare before the first coat; later only to key a coat.',
	check: (stack) => stack.layers.filter(({ traits }) => traits.bares).flatMap((layer) => checkLoss(stack, layer)),
	examples: {
		bad: [
			['the whole finish sanded off', 'prime; base; blend; sand bare!'],
			['a base coat sanded off again', 'base; sand bare!; base']
		],
		good: [
			['sanded bare before the first coat', 'clean; sand bare; prime; base'],
			['keyed between coats', 'prime; sand; base'],
			['sanded bare where nothing lies yet', 'base on=frame; sand bare on=drawers; base on=drawers'],
			['nothing is left to be lost at the second time', 'clean; sand bare; sand bare']
		]
	}
};

function checkLoss(stack: Stack, layer: Layer): Found[] {
	const lost = layersUnder(stack, layer).filter(({ layer: under }) => under.traits.film);
	if (lost.length === 0) return [];
	const { coat } = layer;
	const names = lost.map(({ layer: under }) => nameCoat(under.coat, null));
	return [
		{
			kind: 'should',
			what: `Sanding to bare takes off ${listNames(names)}.`,
			coat: coat.id,
			where: [...new Set(lost.flatMap(({ where }) => where))],
			why: 'What lies there is lost, and has to be laid again; nothing protects the ground until it is.',
			remedies: [
				{ label: 'Move it before them', edits: [{ op: 'move', coat: coat.id, to: lost[0]!.layer.at }] },
				...('bare' in coat
					? [{ label: 'Only key it, not to bare', edits: [{ op: 'replace' as const, coat: coat.id, with: { ...coat, bare: false } }] }]
					: [])
			]
		}
	];
}

/** Up to three by name; of more the first two. */
function listNames(names: readonly string[]): string {
	if (names.length > 3) return `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
	return names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]!;
}
