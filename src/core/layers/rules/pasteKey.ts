import type { Found, Rule } from '../findings';
import { newScuff } from '../kinds/scuff';
import { layersUnder, type Layer, type Stack } from '../stackLayers';

/** Paste holds on bare wood, board, paint, primer, glaze and scuffed clear coat; not on gloss. On wax `no-water-on-wax` says it. Source: craft 12. */
export const pasteKey: Rule = {
	id: 'paste-key',
	risk: 'hold',
	satisfiedBy: 'Scuffing a glossy primer or clear coat where the paste goes; matte paint and bare wood hold it as they are.',
	check: (stack) => stack.layers.filter(({ traits }) => traits.raised && traits.wet).flatMap((paste) => checkPaste(stack, paste)),
	examples: {
		bad: [
			['on shellac that shines', 'prime:shellac-primer; paste!; sand through'],
			['on clear shellac over paint', 'base; prime:shellac-clear; paste!; sand through']
		],
		good: [
			['on chalk-type paint', 'base; paste; sand through'],
			['on bare wood', 'new | sand; paste; sand through'],
			['scuffed', 'prime:shellac-primer; scuff; paste; sand through'],
			['painted over the shine', 'prime:shellac-primer; scuff; base; paste; sand through']
		]
	}
};

function checkPaste(stack: Stack, paste: Layer): Found[] {
	const slick = [...paste.surfaces].filter((surface) => {
		let isSlick = false;
		for (const { layer, where } of layersUnder(stack, paste)) {
			if (!where.includes(surface)) continue;
			if (layer.traits.keys) isSlick = false;
			else if (layer.traits.film) isSlick = layer.traits.slick;
		}
		return isSlick;
	});
	if (slick.length === 0) return [];
	return [
		{
			kind: 'must',
			what: 'Paste goes on a coat that shines.',
			coat: paste.coat.id,
			where: slick,
			why: 'It dries on it like a lid, and comes off whole at the first knock.',
			remedies: [{ label: 'Scuff it before', edits: [{ op: 'insert', at: paste.at, coat: newScuff(stack.placesFor(slick)) }] }]
		}
	];
}
