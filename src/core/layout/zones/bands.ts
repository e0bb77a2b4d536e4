import { meetAtStops } from './joins';
import type { Pattern } from './types';

const OPPOSITE = { bottom: 'top', top: 'bottom', left: 'right', right: 'left' } as const;

/** Bands across a part, a face, or the whole piece by height from the floor; they go on behind gaps. Source: craft 4. */
export const bands: Pattern<'bands'> = {
	id: 'bands',
	name: 'Bands',
	ends: ({ from }) => [`at the ${from}`, `at the ${OPPOSITE[from]}`],
	reach: ({ from }, { width, height }) => (from === 'bottom' || from === 'top' ? height : width),
	depthAt({ from }, x, y, { width, height }) {
		return from === 'bottom' ? height - y : from === 'top' ? y : from === 'left' ? x : width - x;
	},
	meets: (field, colours, region) => meetAtStops(field.stops, colours, bands.reach(field, region)),
	start: () => ({ pattern: 'bands', from: 'bottom', stops: null })
};
