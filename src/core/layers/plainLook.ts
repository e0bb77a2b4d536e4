import { layOver, type Colour } from '../colour';
import { GROUNDS, type GroundId } from '../piece';
import { colourOf } from './kinds';
import { hiddenBy } from './kinds/hiddenBy';
import { isBared, layersOn, type Layer, type Stack } from './stackLayers';

/** The colour (#rrggbb) that a surface shows before a step, as far as primers and base coats make it: what a new coat of paint has to hide. */
export function plainLook(stack: Stack, surface: string, before: number): string {
	const ground = GROUNDS[stack.groundOf(surface) as GroundId];
	const bare = isBared(stack, surface, before) ? GROUNDS[ground.bared ?? (stack.groundOf(surface) as GroundId)] : ground;
	return layersOn(stack, surface, before).reduce((hex, layer) => coverWith(stack, layer, hex), bare.look[0]);
}

function coverWith(stack: Stack, { coat, material, traits }: Layer, hex: string): string {
	if (!traits.primes && !traits.solid) return hex;
	const source = colourOf(coat);
	const colour = typeof source === 'string' ? stack.palette.find(({ id }) => id === source) : null;
	const own = colour?.hex ?? (source === null ? material?.tint?.hex : undefined);
	return own === undefined ? hex : layOver(own, traits.hides, hex);
}

/** What so many coats of a colour come out as over a ground. Source: methods 10. */
export function lookOver({ hex, opacity }: Pick<Colour, 'hex' | 'opacity'>, coats: number, ground: string): string {
	return layOver(hex, hiddenBy(opacity, coats), ground);
}
