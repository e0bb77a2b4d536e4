import { convertHexToLab } from '../colour';
import { layersOn, type Stack } from './stackLayers';

/** Ids of the colours that a surface shows before a step: down to what hides all below it; prints on it are not among them. None where raised work is on it. */
export function coloursSeen(stack: Stack, before: number, surface: string): string[] {
	const under = layersOn(stack, surface, before);
	if (under.some(({ traits }) => traits.raised)) return [];
	const hiding = under.findLastIndex(({ traits }) => traits.covers && traits.paints && traits.hides > 0);
	return under.slice(Math.max(0, hiding)).flatMap(({ traits, colours, openings }) => (traits.paints && openings === null ? colours : []));
}

/** L* of a colour (#rrggbb), 0 black to 100 white. Source: methods 10. */
export function lightnessOf(hex: string): number {
	return convertHexToLab(hex).l;
}
