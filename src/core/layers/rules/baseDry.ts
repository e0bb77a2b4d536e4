import { isFilm } from '../kinds/schema';
import { nameCoat } from '../kinds';
import { newBase } from '../kinds/base';
import { newPrime } from '../kinds/prime';
import type { Found, Rule } from '../findings';
import type { Remedy } from '../remedy';
import { bySchool } from '../schools';
import { isBared, layersOn, type Layer, type Stack } from '../stackLayers';
import { areWetTogether } from '../wetRuns';
import { dryArcs } from './recoat';

/** Wet blending wakes an undercoat that is not dry, and needs a dry base under it; two blended coats on primer need none. Source: craft 4 and 12. */
export const baseDry: Rule = {
	id: 'base-dry',
	risk: 'hold',
	satisfiedBy: 'A base coat past its recoat under the blending, or two blended coats over primer.',
	check: (stack) => stack.layers.filter(({ traits }) => traits.blends > 0).flatMap((layer) => checkBase(stack, layer)),
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.mists)
			.flatMap((layer) => dryArcs(stack, layer))
			.map((arc) => ({
				...arc,
				rule: 'base-dry',
				what: (waited, needs) =>
					`Blending is begun ${waited} after ${nameCoat(arc.before.coat, arc.before.material)}, which needs ${needs}.`,
				why: 'The mist of the blending wakes an undercoat that is not dry, and pulls it up into streaks.'
			})),
	examples: {
		bad: [
			['blending on a wet base', 'base; blend wait=30!'],
			['one blended coat on primer', 'prime; blend!'],
			['two blended coats on bare wood', 'sand; blend x2!'],
			['the base was sanded off again', 'base; sand bare; blend x2!'],
			['the only paint under it is the bed that it is blended into', 'sand; base; blend into!']
		],
		good: [
			['a dry base', 'base; blend'],
			['two blended coats on primer, without a base', 'prime; blend x2'],
			['two blended steps of one coat on primer', 'prime; blend; blend'],
			['sound old paint is a base', 'ground=old-paint | clean; blend'],
			['a dry base under the fresh bed that is blended into', 'base; base; blend into'],
			['a bed on primer, blended into, is two coats', 'prime; base; blend into']
		]
	}
};

function checkBase(stack: Stack, layer: Layer): Found[] {
	const under = (surface: string) => layersOn(stack, surface, layer.at);
	/** Laid fresh for it to be blended into: it is no dry base, and a coat of the blending. */
	const isBed = (other: Layer) => other !== layer && other.traits.solid && areWetTogether(stack, other, layer);
	const isPrimed = (surface: string) => under(surface).some(({ traits }) => traits.primes);
	const blendedCoats = (surface: string) =>
		layersOn(stack, surface)
			.filter(({ at }) => at > layer.at)
			.concat(under(surface), layer)
			.reduce((sum, other) => sum + other.traits.blends + Number(isBed(other)), 0);
	const where = [...layer.surfaces].filter((surface) => {
		if (stack.groundOf(surface) === 'old-paint' && !isBared(stack, surface, layer.at)) return false;
		const hasBase = under(surface).some((other) => other.traits.solid && !isBed(other));
		return !hasBase && !(isPrimed(surface) && blendedCoats(surface) >= 2);
	});
	const { coat } = layer;
	if (where.length === 0 || !isFilm(coat)) return [];
	const primed = where.every(isPrimed);
	const twice = { op: 'replace' as const, coat: coat.id, with: { ...coat, times: Math.max(2, coat.times) } };
	return [
		{
			kind: 'must',
			what: primed ? 'One blended coat on primer, with no base coat under it.' : 'There is no dry base coat under the blending.',
			coat: coat.id,
			where,
			why: 'The ground grins through a single blended coat, and the mist soaks into what is bare.',
			remedies: bySchool<Remedy>(stack.schools.base, {
				blended: primed
					? { label: 'Blend two coats', edits: [twice] }
					: { label: 'Prime, and blend two coats', edits: [{ op: 'insert', at: layer.at, coat: newPrime(stack.placesFor(where)) }, twice] },
				...(layer.colours[0] === undefined
					? {}
					: {
							solid: {
								label: 'A solid base coat under it',
								edits: [{ op: 'insert', at: bedAt(stack, layer), coat: newBase(stack.placesFor(where), layer.colours[0], coat.material) }]
							}
						})
			})
		}
	];
}

/** Before the bed that a blend is worked into: nothing comes between those two. */
function bedAt(stack: Stack, layer: Layer): number {
	return Math.min(layer.at, ...stack.layers.filter((other) => areWetTogether(stack, other, layer)).map(({ at }) => at));
}
