import { GROUNDS, type GroundId } from '../../piece';
import { newClean } from '../kinds/clean';
import { newDust } from '../kinds/dust';
import type { Found, Rule } from '../findings';
import type { Remedy } from '../remedy';
import { isBared, layersOn, type Layer, type Stack } from '../stackLayers';

/** Nothing sticks over grease or wax. Source: craft 12. */
export const cleanFirst: Rule = {
	id: 'clean-first',
	risk: 'hold',
	satisfiedBy:
		'Cleaned, or sanded bare, or bought new (or bare) and dusted off, before the first coat. A waxed or oiled ground is cleaned, whatever it was bought as.',
	check: (stack) => [...uncleaned(stack), ...filledOverGrease(stack)],
	examples: {
		bad: [
			['no cleaning', 'prime!; base'],
			['cleaning too late', 'prime!; clean; base'],
			['a new piece that nobody dusted', 'new | prime!; base'],
			['an old finish only dusted', 'dust; prime!; base'],
			['a waxed ground only dusted', 'bare ground=waxed | dust; base!'],
			['cleaned on the frame only', 'clean on=frame; prime!'],
			['scuffed, not cleaned', 'scuff; base!'],
			['behind a mask that is on already', 'mask; base!; unmask'],
			['filler over wax, cleaned after it', 'holes bare ground=waxed | filler!; sand; clean; base']
		],
		good: [
			['cleaned', 'clean; prime; base'],
			['sanded bare instead of cleaned', 'sand bare; prime'],
			['bought new and dusted off', 'new | dust; prime'],
			['a waxed ground that is cleaned', 'bare ground=waxed | clean; base'],
			['filler in raw wood, cleaned after it', 'holes | filler; sand; clean; base'],
			['each surface cleaned before its own first coat', 'clean on=frame; prime on=frame; clean on=drawers; prime on=drawers']
		]
	}
};

function isGreasy({ condition, groundOf }: Stack, surface: string): boolean {
	return condition === 'finished' || isWaxed(groundOf(surface));
}

const isWaxed = (ground: string) => GROUNDS[ground as GroundId].greasy === true;

function isCleanBefore(stack: Stack, surface: string, at: number): boolean {
	return (
		layersOn(stack, surface, at).some(({ traits }) => traits.cleans || traits.bares || (traits.dusts && !isGreasy(stack, surface))) ||
		isBared(stack, surface, at)
	);
}

function uncleaned(stack: Stack): Found[] {
	const { layers, surfaces, condition } = stack;
	const dirty = surfaces.flatMap((surface) => {
		/** Filler goes into raw, broken wood, which may be cleaned after it. */
		const first = layers.find((layer) => layer.surfaces.has(surface) && layer.traits.wet && !layer.traits.fills && !layer.traits.mends);
		return first && !isCleanBefore(stack, surface, first.at) ? [{ surface, first }] : [];
	});
	if (dirty.length === 0) return [];
	const where = dirty.map(({ surface }) => surface);
	const first = dirty.reduce((a, b) => (b.first.at < a.first.at ? b : a)).first;
	const greasy = where.filter((surface) => isGreasy(stack, surface));
	const dust = {
		label: 'Add dusting off before it',
		edits: [{ op: 'insert' as const, at: placeToClean(layers, first.at, where), coat: newDust(stack.placesFor(where)) }]
	};
	const clean = cleaning(stack, first.at, where);
	return [
		{
			kind: 'must',
			what:
				condition !== 'finished' && greasy.length > 0
					? 'The first coat goes on a waxed or oiled ground that has not been cleaned.'
					: 'The first coat goes on a surface that has not been cleaned.',
			coat: first.coat.id,
			where,
			why: 'Paint does not hold on grease, wax, polish or dust; it peels later, when all the work is on top of it.',
			remedies: greasy.length > 0 ? [clean] : [dust, clean]
		}
	];
}

/** Filler in a waxed or oiled ground that is cleaned only after it: before a coat that is found itself it is not said. */
function filledOverGrease(stack: Stack): Found[] {
	return stack.layers.flatMap((filler): Found[] => {
		if (!filler.traits.fills) return [];
		const where = [...filler.surfaces].filter(
			(surface) =>
				isWaxed(stack.groundOf(surface)) &&
				!isCleanBefore(stack, surface, filler.at) &&
				stack.layers.some(({ traits, surfaces, at }) => at > filler.at && traits.cleans && surfaces.has(surface))
		);
		if (where.length === 0) return [];
		return [
			{
				kind: 'should',
				what: 'The filler goes into a waxed or oiled ground that is cleaned only later.',
				coat: filler.coat.id,
				where,
				why: 'It does not hold where wax or oil is between it and the wood.',
				remedies: [cleaning(stack, filler.at, where)]
			}
		];
	});
}

/** A cleaning that comes later and does for all of it is moved; else one is put in. */
function cleaning(stack: Stack, first: number, where: readonly string[]): Remedy {
	const { layers } = stack;
	const at = placeToClean(layers, first, where);
	const late = layers.find(
		({ traits, at: place, surfaces: on }) => traits.cleans && place > first && where.every((surface) => on.has(surface))
	);
	return late
		? { label: 'Move the cleaning before it', edits: [{ op: 'move', coat: late.coat.id, to: at }] }
		: { label: 'Add cleaning before it', edits: [{ op: 'insert', at, coat: newClean(stack.placesFor(where)) }] };
}

/** Before the first coat, before what is masked there is masked, and before a ground that takes no filler over wax is filled: what is under a mask or filler stays dirty. */
function placeToClean(layers: readonly Layer[], first: number, where: readonly string[]): number {
	const covers = ({ traits, surfaces }: Layer) =>
		traits.masks === 'on' || traits.hardware === 'masked' || (traits.fills && where.some((surface) => surfaces.has(surface)));
	const at = layers.findIndex(covers);
	return at < 0 ? first : Math.min(at, first);
}
