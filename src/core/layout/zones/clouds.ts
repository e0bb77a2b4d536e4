import { clampTo, meetAtStops, slopeBounds } from './joins';
import { patchNoise, STEEPEST_PATCH } from './patchNoise';
import type { Pattern } from './types';

/** Noise lies mostly about its middle: drawn out so that even stops give about even patches. */
const SPREAD = 1.9;

/** Patches in a scatter, the same for the same seed; the field is how deep one is in a patch, on a scale of its size. Source: craft 4. */
export const clouds: Pattern<'clouds'> = {
	id: 'clouds',
	name: 'Clouds',
	dabbed: true,
	ends: () => ['in the hollows', 'on the tops'],
	reach: ({ size }) => size,
	depthAt({ size, seed }, x, y, { salt }) {
		const t = 0.5 + (patchNoise(x, y, size, seed + salt) - 0.5) * SPREAD;
		return size * Math.min(1, Math.max(0, t));
	},
	meets: ({ size, stops }, colours) => meetAtStops(stops, colours, size),
	start: ({ deepest }, round) => ({ pattern: 'clouds', size: clampTo(round(deepest), 5, 2000), seed: 1, stops: null }),
	turns: ({ size }) => size / 10,
	bounds: (_, depth, within) => slopeBounds(depth, within, SPREAD * STEEPEST_PATCH),
	grips: (field, { width, height }) => [
		{
			id: 'size',
			name: 'Size of the patches',
			x: Math.min(width, field.size),
			y: height / 2,
			along: 'across',
			value: field.size,
			moveTo: (x) => ({ ...field, size: clampTo(Math.round(x), 5, 2000) })
		}
	]
};
