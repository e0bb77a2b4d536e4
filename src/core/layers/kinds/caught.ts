import { z } from 'zod';
import type { Site } from './types';

export const CatchesSchema = z
	.enum(['edges', 'heights', 'all'])
	.meta({ description: 'Where the finger, the brush or the cloth catches: the edges of each surface, its high points, or all of it.' });
type Catches = z.infer<typeof CatchesSchema>;

/** With what the cloth keeps, along an edge it takes a line so wide, m. */
const LINE = 0.006;
/** Of a surface, what its high points are. */
const HEIGHTS = 0.12;

/** m2 that is caught there. Source: craft 11; the shares are ours. */
export function areaCaught(catches: Catches, { area, edge, open }: Pick<Site, 'area' | 'edge' | 'open'>): number {
	const whole = open?.area ?? area;
	return catches === 'all' ? whole : catches === 'heights' ? HEIGHTS * whole : Math.min(whole, edge * LINE);
}

export function wordCaught(catches: Catches): string {
	return catches === 'all' ? 'all over' : catches;
}
