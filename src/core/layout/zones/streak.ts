import { meetFrom } from './joins';
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
	meets: (field, colours, region) => meetFrom(field.width / 2, colours, streak.reach(field, region)),
	start: ({ height }) => ({ pattern: 'streak', along: 'level', at: 0.5, width: Math.max(1, Math.round(height * 0.3)) })
};
