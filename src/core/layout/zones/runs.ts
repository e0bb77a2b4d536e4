import { uniteRings } from '../../geometry';
import { clampTo, meetFrom, slopeBounds } from './joins';
import { lineNoise } from './patchNoise';
import type { Pattern } from './types';

/** A drip is about so wide, mm, and most columns have none: the noise is raised so that only its tops run far. */
const COLUMN = 16;
const RARE = 4;
const OTHER_SIDE = 101;
/** Of the noise raised to its power, by the width of a column. */
const STEEPEST_DRIP = 2.2;

/** Thin colour let down from the top or up from the bottom, with drips that run further here and there. Source: craft 4. */
export const runs: Pattern<'runs'> = {
	id: 'runs',
	name: 'Runs and drips',
	ends: ({ from }) => [from === 'both' ? 'at top and bottom' : `at the ${from}`, from === 'both' ? 'between them' : 'beyond the runs'],
	reach: ({ from }, { height }) => (from === 'both' ? height / 2 : height),
	depthAt({ from, drip, seed }, x, y, { height, salt }) {
		const fromTop = from === 'bottom' ? Infinity : y - drip * lineNoise(x, COLUMN, seed + salt) ** RARE;
		const fromBottom = from === 'top' ? Infinity : height - y - drip * lineNoise(x, COLUMN, seed + salt + OTHER_SIDE) ** RARE;
		return Math.max(0, Math.min(fromTop, fromBottom));
	},
	level({ from, drip, seed }, depth, { width, height, salt }) {
		const steps = Math.ceil(width / (COLUMN / 8));
		const xs = Array.from({ length: steps + 1 }, (_, i) => Math.min(width, (i * COLUMN) / 8));
		const shifted = (side: number) => xs.map((x) => [x, depth + drip * lineNoise(x, COLUMN, seed + salt + side) ** RARE] as const);
		const down = from === 'bottom' ? [] : [shifted(0).flatMap(([x, y]) => [x, y])];
		const up = from === 'top' ? [] : [shifted(OTHER_SIDE).flatMap(([x, y]) => [x, height - y])];
		const within = [...down.map((line) => [...line, width, -1, 0, -1]), ...up.map((line) => [...line, width, height + 1, 0, height + 1])];
		const whole = within.length < 2 ? within : uniteRings(within.map((ring) => [ring]));
		return { within: depth > 0 || drip > 0 ? whole : [], line: [...down, ...up].map((points) => ({ points, closed: false })) };
	},
	meets: (field, colours, region) => meetFrom(field.length, colours, runs.reach(field, region)),
	start: ({ height }) => ({ pattern: 'runs', from: 'top', length: Math.round(height * 0.3), drip: Math.round(height * 0.4), seed: 1 }),
	turns: () => COLUMN / 6,
	bounds: ({ drip }, depth, within) => slopeBounds(depth, within, 1 + (drip * STEEPEST_DRIP) / COLUMN),
	axis: ({ from }, { width, height }) =>
		from === 'bottom' ? { x: width / 2, y: height, dx: 0, dy: -1 } : { x: width / 2, y: 0, dx: 0, dy: 1 },
	moves: 'first',
	moveJoin: (field, _, depth) => ({ ...field, length: Math.max(0, Math.round(depth)) }),
	grips(field, { width, height }) {
		const reach = field.length + field.drip;
		return [
			{
				id: 'drip',
				name: 'How far drips reach',
				x: width * 0.62,
				y: clampTo(field.from === 'bottom' ? height - reach : reach, 0, height),
				along: 'down',
				value: field.drip,
				moveTo: (_, y) => ({ ...field, drip: Math.max(0, Math.round((field.from === 'bottom' ? height - y : y) - field.length)) })
			}
		];
	}
};
