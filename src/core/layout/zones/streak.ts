import { slabLevel } from './slabLevel';
import { clampTo, meetFrom } from './joins';
import type { Pattern } from './types';

/** As if light fell along a front: the field is the distance from a line. Source: craft 4. */
export const streak: Pattern<'streak'> = {
	id: 'streak',
	name: 'Streak of light',
	ends: () => ['along the middle', 'away from it'],
	reach({ along, at }, { width, height }) {
		return (along === 'level' ? height : width) * Math.max(at, 1 - at);
	},
	depthAt({ along, at }, x, y, { width, height }) {
		return along === 'level' ? Math.abs(y - at * height) : Math.abs(x - at * width);
	},
	level({ along, at }, depth, { width, height }) {
		const middle = at * (along === 'level' ? height : width);
		const ends = [middle - depth, middle + depth] as const;
		return slabLevel(along === 'level', ...ends, depth > 0 ? ends : [middle], width, height);
	},
	meets: (field, colours, region) => meetFrom(field.width / 2, colours, streak.reach(field, region)),
	start: ({ height }, round) => ({ pattern: 'streak', along: 'level', at: 0.5, width: Math.max(1, round(height * 0.3)) }),
	axis: ({ along, at }, { width, height }) =>
		along === 'level'
			? { x: width / 2, y: at * height, dx: 0, dy: at > 0.5 ? -1 : 1 }
			: { x: at * width, y: height / 2, dx: at > 0.5 ? -1 : 1, dy: 0 },
	moves: 'first',
	moveJoin: (field, { depth }) => ({ ...field, width: Math.max(1, Math.round(2 * depth)) }),
	grips(field, { width, height }) {
		const isLevel = field.along === 'level';
		return [
			{
				id: 'centre',
				name: 'Middle of the streak',
				x: isLevel ? width * 0.42 : field.at * width,
				y: isLevel ? field.at * height : height * 0.42,
				along: isLevel ? 'down' : 'across',
				value: field.at * (isLevel ? height : width),
				moveTo: (x, y) => ({ ...field, at: clampTo(isLevel ? y / height : x / width, 0, 1) })
			}
		];
	}
};
