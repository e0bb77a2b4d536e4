import { GROUNDS, type GroundId } from '../../piece';
import { newPrime } from '../kinds/prime';
import type { Found, Rule } from '../findings';
import { layersOn, layersOver, type Layer, type Stack } from '../stackLayers';

/** Bright metal rusts overnight: it is primed within so many minutes. */
const SAME_DAY = 720;

/** Glass, metal and laminate are primed before paint, and bright metal on the same day. Source: craft 2. */
export const primeSlick: Rule = {
	id: 'prime-slick',
	risk: 'hold',
	satisfiedBy: 'A primer on bare glass, metal or laminate before the first paint; on metal that was sanded bright, the same day.',
	check: (stack) => {
		const seen = new Set<string>();
		return stack.layers.flatMap((layer) => {
			const where = [...layer.surfaces].filter((surface) => !seen.has(surface) && isUnprimed(stack, layer, surface));
			where.forEach((surface) => seen.add(surface));
			return where.length > 0 ? [report(stack, layer, where)] : [];
		});
	},
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.bares)
			.flatMap((before) =>
				layersOver(stack, before)
					.filter(({ layer }) => layer.traits.primes)
					.slice(0, 1)
					.map(({ layer: after, where }) => ({
						after,
						where: where.filter((surface) => stack.groundOf(surface) === 'metal')
					}))
					.filter(({ where }) => where.length > 0)
					.map(({ after, where }) => ({
						rule: 'prime-slick',
						before,
						after,
						where,
						least: 'laid',
						asks: 'laid',
						most: SAME_DAY,
						kind: 'should',
						what: (waited, needs) => `The primer is on ${waited} after the metal was sanded bright: ${needs} at most.`,
						why: 'Bare metal rusts overnight, and paint over rust comes off with it.'
					}))
			),
	examples: {
		bad: [
			['glass in one front of a wooden chest', 'part=drawer-2:glass | clean; base!'],
			['paint on bare glass', 'ground=glass | clean; base!'],
			['paint on bare metal', 'ground=metal | clean; sand; base:mineral-paint!'],
			['the primer sanded off again', 'ground=metal | clean; prime; sand bare; base!'],
			['bright metal primed two days later', 'ground=metal | clean; sand bare; prime wait=2880!; base']
		],
		good: [
			['glass that is primed, wood that is not', 'part=drawer-2:glass | clean; prime:shellac-primer on=drawer-2; base'],
			[
				'a wooden drawer in a laminate front, when that is not painted',
				'ground=laminate part=drawer-2:solid-wood | clean; base on=drawer-2'
			],
			['primed', 'ground=glass | clean; prime; base'],
			['primed the same day', 'ground=metal | sand bare; prime wait=60; base'],
			['gilding wax on bare metal', 'ground=metal | clean; gilding-wax'],
			['wood needs none', 'clean; base']
		]
	}
};

function isUnprimed(stack: Stack, layer: Layer, surface: string): boolean {
	if (!layer.traits.paints || GROUNDS[stack.groundOf(surface) as GroundId].slick !== true) return false;
	return !layersOn(stack, surface, layer.at).some(({ traits }) => traits.primes);
}

function report(stack: Stack, { at, coat }: Layer, where: readonly string[]): Found {
	const ground = GROUNDS[stack.groundOf(where[0]!) as GroundId].name;
	const on = stack.placesFor(where);
	return {
		kind: 'should',
		what: `Paint goes on bare ${ground}, with no primer under it.`,
		coat: coat.id,
		where,
		why: 'It holds by nothing there, and comes off in sheets.',
		remedies: [
			{ label: 'Add a primer made to grip before it', edits: [{ op: 'insert', at, coat: { ...newPrime(on), material: 'shellac-primer' } }] }
		]
	};
}
