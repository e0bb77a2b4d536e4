import { judgeContrast, leastContrast } from '../../colour';
import type { Found, Rule } from '../findings';
import { nameCoat, recolour } from '../kinds';
import { coloursSeen } from '../coloursSeen';
import { type Layer, type Stack } from '../stackLayers';

/** What is printed in a colour that is near to every colour under it is not seen; of raised work the light shows it, and tone on tone may be wished. Source: craft 6 and 11. */
export const lostInGround: Rule = {
	id: 'lost-in-ground',
	risk: 'look',
	satisfiedBy: 'A print lighter or darker than what lies under it; raised work, which the light shows; or tone on tone, as a choice.',
	check: (stack) =>
		stack.layers
			.filter(({ openings, traits }) => openings !== null && traits.paints && !traits.raised)
			.flatMap((layer) => checkPrint(stack, layer)),
	examples: {
		bad: [
			['a print in the colour of its ground', 'base; stencil colour=estuary!'],
			['in a colour of which all is the same', 'blend x2; base; stencil colour=estuary!']
		],
		good: [
			['a print in another colour', 'base; stencil colour=hull-white'],
			['raised work in the colour of its ground', 'base; paste colour=estuary'],
			['copper through the sheet that raised it', 'base; paste; stencil colour=estuary'],
			['over a shade that leaves some of its ground, in another colour than that', 'leaves | base; blend; stencil colour=estuary'],
			['on a ground of several colours, one of which lets it be seen', 'base; blend; stencil colour=estuary'],
			['on bare wood', 'sand; stencil colour=estuary']
		]
	}
};

function checkPrint(stack: Stack, layer: Layer): Found[] {
	const hexOf = (id: string) => stack.palette.find((colour) => colour.id === id)?.hex;
	const inks = layer.colours.flatMap((id) => hexOf(id) ?? []);
	const grounds = new Map(
		[...layer.surfaces].map((surface) => [surface, coloursSeen(stack, layer.at, surface).flatMap((id) => hexOf(id) ?? [])])
	);
	const isLost = (colours: readonly string[], under: readonly string[]) =>
		colours.length > 0 &&
		under.length > 0 &&
		colours.every((ink) => under.every((hex) => judgeContrast(leastContrast(ink, [hex])!) === 'lost'));
	const where = [...layer.surfaces].filter((surface) => isLost(inks, grounds.get(surface)!));
	if (where.length === 0) return [];
	const under = [...new Set(where.flatMap((surface) => grounds.get(surface)!))];
	const best = stack.palette
		.map((colour) => ({ colour, contrast: leastContrast(colour.hex, under)! }))
		.sort((a, b) => b.contrast.difference - a.contrast.difference)[0];
	const { coat } = layer;
	return [
		{
			kind: 'note',
			what: `${nameCoat(coat, null).replace(/^t/, 'T')} is lost in its ground: every colour under it is too near to its own.`,
			coat: coat.id,
			where,
			why: 'Nothing of it is seen from where one stands, unless tone on tone is what is meant.',
			remedies:
				best && judgeContrast(best.contrast) !== 'lost'
					? [{ label: `Print it in ${best.colour.name}`, edits: [{ op: 'replace', coat: coat.id, with: recolour(coat, best.colour.id) }] }]
					: []
		}
	];
}
