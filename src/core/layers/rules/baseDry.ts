import { formatDuration } from '../../units';
import type { Finding, Rule } from '../findings';
import type { FilmCoat } from '../schema';
import { newPrime } from '../starters';
import type { Layer, Stack } from '../stackLayers';
import { tooSoon } from './tooSoon';

type Blend = Extract<FilmCoat, { kind: 'blend' }>;

/** Wet blending wakes an undercoat that is not dry, and needs a dry base under it; two blended coats on primer need none. */
export const baseDry: Rule = {
	id: 'base-dry',
	satisfiedBy: 'A base coat past its recoat under the blending, or two blended coats over primer.',
	check(stack) {
		return stack.layers.flatMap((layer) =>
			layer.coat.kind === 'blend' ? [...checkDry(stack, layer), ...checkBase(stack, layer, layer.coat)] : []
		);
	}
};

type Bare = Omit<Finding, 'rule' | 'overruled'>;

function checkDry(stack: Stack, layer: Layer): Bare[] {
	const soon = tooSoon(stack, layer);
	if (!soon) return [];
	return [
		{
			kind: 'must',
			what: `Blending is begun ${formatDuration(soon.waited)} after ${soon.name}, which needs ${formatDuration(soon.needs)}.`,
			coat: layer.coat.id,
			where: soon.where,
			why: 'The mist of the blending wakes an undercoat that is not dry, and pulls it up into streaks.',
			remedies: soon.remedies
		}
	];
}

function checkBase(stack: Stack, layer: Layer, blend: Blend): Bare[] {
	const under = (surface: string) => stack.layers.filter((other) => other.at < layer.at && other.surfaces.has(surface));
	const isPrimed = (surface: string) => under(surface).some(({ coat }) => coat.kind === 'prime');
	const blendedCoats = (surface: string) =>
		[...under(surface), layer].reduce((sum, { coat }) => sum + (coat.kind === 'blend' ? coat.times : 0), 0) +
		stack.layers
			.filter((other) => other.at > layer.at && other.surfaces.has(surface))
			.reduce((sum, { coat }) => sum + (coat.kind === 'blend' ? coat.times : 0), 0);
	const where = [...layer.surfaces].filter((surface) => {
		/** Sound old paint is a base itself. */
		if (stack.groundOf(surface) === 'old-paint') return false;
		const hasBase = under(surface).some(({ coat }) => coat.kind === 'base');
		return !hasBase && !(isPrimed(surface) && blendedCoats(surface) >= 2);
	});
	if (where.length === 0) return [];
	const primed = where.every(isPrimed);
	const twice = { op: 'replace' as const, coat: blend.id, with: { ...blend, times: Math.max(2, blend.times) } };
	return [
		{
			kind: 'must',
			what: primed ? 'One blended coat on primer, with no base coat under it.' : 'There is no dry base coat under the blending.',
			coat: blend.id,
			where,
			why: 'The ground grins through a single blended coat, and the mist soaks into what is bare.',
			remedies: [
				primed
					? { label: 'Blend two coats', edits: [twice] }
					: { label: 'Prime, and blend two coats', edits: [{ op: 'insert', at: layer.at, coat: newPrime(where) }, twice] }
			]
		}
	];
}
