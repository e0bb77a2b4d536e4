import { slabLevel } from './slabLevel';
import { clampTo, meetAtStops, moveStop, stopsFor } from './joins';
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
	level({ from }, depth, { width, height }) {
		const isLevel = from === 'bottom' || from === 'top';
		const end = from === 'bottom' ? height - depth : from === 'right' ? width - depth : depth;
		const start = from === 'bottom' ? height : from === 'right' ? width : 0;
		return slabLevel(isLevel, Math.min(start, end), Math.max(start, end), [end], width, height);
	},
	meets: (field, colours, region) => meetAtStops(field.stops, colours, bands.reach(field, region)),
	start: () => ({ pattern: 'bands', from: 'bottom', stops: null }),
	axis: ({ from }, { width, height }) =>
		({
			bottom: { x: width / 2, y: height, dx: 0, dy: -1 },
			top: { x: width / 2, y: 0, dx: 0, dy: 1 },
			left: { x: 0, y: height / 2, dx: 1, dy: 0 },
			right: { x: width, y: height / 2, dx: -1, dy: 0 }
		})[from],
	moves: 'all',
	moveJoin: (field, { join, depth, colours, region }) => ({
		...field,
		stops: moveStop(stopsFor(field.stops, colours), join, clampTo(depth / bands.reach(field, region), 0, 1))
	}),
	grips(field, { width, height }) {
		const { from } = field;
		const isLevel = from === 'left' || from === 'right';
		const inset = Math.min(width, height) * 0.06;
		return [
			{
				id: 'from',
				name: 'Side at which the bands begin',
				x: isLevel ? (from === 'left' ? inset : width - inset) : width / 2 - 3 * inset,
				y: isLevel ? height / 2 - 3 * inset : from === 'top' ? inset : height - inset,
				along: 'side',
				value: null,
				moveTo(x, y) {
					const sides = [
						['left', x],
						['right', width - x],
						['top', y],
						['bottom', height - y]
					] as const;
					return { ...field, from: sides.reduce((near, side) => (side[1] < near[1] ? side : near))[0] };
				}
			}
		];
	}
};
