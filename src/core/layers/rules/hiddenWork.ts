import type { Found, Rule } from '../findings';
import { nameCoat, whereOf, wordCoat } from '../kinds';
import { layersOver, layersUnder, type Layer, type Meeting, type Stack } from '../stackLayers';

/** A film that hides so much of it leaves nothing to be seen of work under it. */
const HIDDEN = 0.9;

/** A coat over blending, a print, a glaze or gilding on the same surface: all of that work is gone from sight. */
export const hiddenWork: Rule = {
	id: 'hidden-work',
	risk: 'look',
	satisfiedBy:
		'Work that is to be seen after the coats that would hide it; a clear or thin coat over it hides nothing, nor does one that is worn back; raised work is seen through its coats.',
	check: (stack) => [
		...stack.layers.filter(({ traits }) => traits.covers && traits.hides >= HIDDEN).flatMap((layer) => checkHiding(stack, layer)),
		...stack.layers.filter(({ traits }) => traits.tapes && traits.paints).flatMap((layer) => checkStripes(stack, layer))
	],
	examples: {
		bad: [
			['a base coat over the stencil', 'base; stencil; base x2!'],
			['a base coat over the blending', 'base; blend; base x2!'],
			['white primer over gilding wax', 'base; gilding-wax; prime:shellac-primer!'],
			['another shade over the stencil', 'base; stencil; blend x2!'],
			['taped bars over the printed row', 'striped | base; stencil; stripe!']
		],
		good: [
			['paint over raised paste', 'base; paste; sand through; base'],
			['the blending after the base', 'base; blend; stencil; clear'],
			['clear shellac over the stencil', 'base; stencil; prime:shellac-clear'],
			['a glaze over it', 'base; stencil; glaze'],
			['the second, careful coat of the same shade', 'base; blend; blend'],
			['layer and wear over it', 'base; blend; blend method=layer-and-wear'],
			['worn back afterwards', 'base; stencil; base x2; blend method=layer-and-wear'],
			['on another surface', 'base; stencil; base x2 on=frame'],
			['the row printed over the bars', 'striped | base; stripe; stencil'],
			['bars over raised work', 'striped | base; paste; stripe'],
			['a thin wash over it', 'base; stencil; base thin']
		]
	}
};

function checkHiding(stack: Stack, layer: Layer): Found[] {
	const worn = new Set(layersOver(stack, layer).flatMap(({ layer: over, where }) => (over.traits.wears ? where : [])));
	const zone = whereOf(layer.coat).zone;
	const hidden = layersUnder(stack, layer).flatMap(({ layer: under, where }): Meeting[] => {
		const left = where.filter((surface) => !worn.has(surface));
		/** The careful second coat of a blend lies over the first. */
		const isSame = zone !== undefined && whereOf(under.coat).zone === zone && under.openings === null;
		return under.traits.decorates && !under.traits.raised && !isSame && left.length > 0 ? [{ layer: under, where: left }] : [];
	});
	if (hidden.length === 0) return [];
	const first = hidden[0]!.layer;
	return [
		{
			kind: 'should',
			what: `The ${wordCoat(layer.coat).toLowerCase()} covers ${nameCoat(first.coat, null)}${hidden.length > 1 ? ` and ${hidden.length - 1} more` : ''} under it.`,
			coat: layer.coat.id,
			where: [...new Set(hidden.flatMap(({ where }) => where))],
			why: 'Nothing of that work would be seen.',
			remedies: [{ label: `Move it before ${nameCoat(first.coat, null)}`, edits: [{ op: 'move', coat: layer.coat.id, to: first.at }] }]
		}
	];
}

/** What is taped over a print takes a piece out of each motif that it crosses. */
function checkStripes(stack: Stack, layer: Layer): Found[] {
	const own = whereOf(layer.coat).through;
	const printed = layersUnder(stack, layer).filter(
		({ layer: under }) =>
			under.openings !== null &&
			under.traits.decorates &&
			!under.traits.raised &&
			!under.traits.tapes &&
			whereOf(under.coat).through !== own
	);
	return printed.map(({ layer: under, where }) => ({
		kind: 'note',
		what: `It is taped over ${nameCoat(under.coat, null)}: where a stripe crosses a motif, that is gone.`,
		coat: layer.coat.id,
		where: [...where],
		why: 'A print stands on its stripes; a stripe over a print cuts it to pieces.',
		remedies: [{ label: `Move it before ${nameCoat(under.coat, null)}`, edits: [{ op: 'move', coat: layer.coat.id, to: under.at }] }]
	}));
}
