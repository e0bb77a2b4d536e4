import { layOver, type Colour } from '../colour';
import { GROUNDS, type GroundId } from '../piece';
import { amountOfCoat } from './blendSteps';
import type { Layer, Stack } from './stackLayers';

/** The colour (#rrggbb) that a surface shows before a step, as far as primers and base coats make it: what a new coat of paint has to hide. */
export function plainLook(stack: Stack, surface: string, before: number): string {
	const bare = GROUNDS[stack.groundOf(surface) as GroundId].look[0];
	return stack.layers
		.filter((layer) => layer.at < before && layer.surfaces.has(surface))
		.reduce((hex, layer) => coverWith(stack, layer, hex), bare);
}

function coverWith(stack: Stack, { coat, material }: Layer, hex: string): string {
	if (coat.kind === 'prime' && material?.tint) return layOver(material.tint.hex, hidden(material.tint.opacity, amountOfCoat(coat)), hex);
	if (coat.kind !== 'base') return hex;
	const colour = stack.palette.find(({ id }) => id === coat.colour);
	return colour ? lookOver(colour, amountOfCoat(coat), hex) : hex;
}

/** What so many coats of a colour come out as over a ground. Source: methods 10. */
export function lookOver({ hex, opacity }: Pick<Colour, 'hex' | 'opacity'>, coats: number, ground: string): string {
	return layOver(hex, hidden(opacity, coats), ground);
}

function hidden(opacity: number, coats: number): number {
	return 1 - (1 - opacity) ** coats;
}
