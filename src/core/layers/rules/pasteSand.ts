import type { Found, Rule } from '../findings';
import { whereOf } from '../kinds';
import { newSand } from '../kinds/sand';
import { layersOver, type Layer, type Meeting, type Stack } from '../stackLayers';

/** Burrs of paste are sanded, before it is painted or after, to show the paste; puff gel never. Source: craft 7 and 12. */
export const pasteSand: Rule = {
	id: 'paste-sand',
	risk: 'look',
	satisfiedBy:
		'Sanding through the same arrangement once the paste is dry: before the next coat, or after painting where the paste is meant to show. Puff gel is left as it rose.',
	check: (stack) =>
		stack.layers
			.filter(({ traits, surfaces }) => traits.raised && !traits.glued && surfaces.size > 0)
			.flatMap((paste) => checkPaste(stack, paste)),
	examples: {
		bad: [
			['painted over its burrs', 'base; paste!; base; clear'],
			['left as it came from the sheet', 'base; paste!'],
			['puff gel sanded', 'base; paste:puff-gel; sand through!']
		],
		good: [
			['casts have no burrs of a sheet', 'base; cast; base'],
			['sanded, then painted', 'base; paste; sand through; base'],
			['sanded after painting, to show the paste', 'base; paste; base; sand through'],
			['all of it sanded', 'base; paste; sand; base'],
			['puff gel left as it rose', 'base; paste:puff-gel; base']
		]
	}
};

function checkPaste(stack: Stack, paste: Layer): Found[] {
	const sanding = layersOver(stack, paste).filter(({ layer }) => layer.traits.keys || layer.traits.bares);
	if (paste.traits.puffs) return sanding.map((meeting) => sandedFlat(meeting));
	if (sanding.length > 0) return [];
	const { through } = whereOf(paste.coat);
	const sand = { ...newSand('all', 120), id: 'burrs', ...(through === undefined ? {} : { through }) };
	return [
		{
			kind: 'should',
			what: 'Nothing takes the burrs off the paste.',
			coat: paste.coat.id,
			where: [...paste.surfaces],
			why: 'A lifted sheet leaves a sharp rim that catches the cloth, shows through paint, and breaks off later.',
			remedies: [{ label: 'Sand its burrs before the next coat', edits: [{ op: 'insert', at: paste.at + 1, coat: sand }] }]
		}
	];
}

function sandedFlat({ layer, where }: Meeting): Found {
	return {
		kind: 'should',
		what: 'Puff gel is sanded.',
		coat: layer.coat.id,
		where,
		why: 'It is foam under a thin skin: sanded it tears open.',
		remedies: [{ label: 'Sand before the gel', edits: [{ op: 'move', coat: layer.coat.id, to: 0 }] }]
	};
}
