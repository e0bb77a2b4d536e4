import { uniteRings } from '../../geometry';
import { clampTo, meetFrom, slopeBounds } from './joins';
import { hash, lineNoise } from './patchNoise';
import type { Pattern } from './types';

/** One drip at most in so many mm; the share of columns that have one. */
const COLUMN = 16;
const HAVE = 0.62;
/** Half as wide as this at its foot, mm; how much two may differ. */
const HALF = 6.5;
const THINNER = 0.45;
/** A wet edge swells and sinks over so many mm, by this share of the drips. */
const SWELL = { size: 95, share: 0.16 };
/** Its outline is followed at every so many mm. */
const STEP = 0.8;
const OTHER_SIDE = 101;
/** Of all together, by the width of a column. */
const STEEPEST_DRIP = 11;

/** How far colour runs beyond its edge at x, as a share of the longest drip: fingers with round ends, each of a length and a width of its own, from an edge that swells. */
function runAt(x: number, seed: number): number {
	const column = Math.floor(x / COLUMN);
	let furthest = 0;
	for (let c = column - 1; c <= column + 1; c++) {
		if (hash(c, 3, seed) > HAVE) continue;
		const half = HALF * (1 - THINNER * hash(c, 1, seed));
		const middle = (c + 0.5 + 0.5 * (hash(c, 2, seed) - 0.5)) * COLUMN;
		const off = (x - middle) / half;
		if (Math.abs(off) < 1) furthest = Math.max(furthest, hash(c, 4, seed) ** 2 * (1 - off ** 4) ** 1.2);
	}
	return (1 - SWELL.share) * furthest + SWELL.share * lineNoise(x, SWELL.size, seed + 7);
}

/** Thin colour let down from the top or up from the bottom, with drips that run further here and there. Source: craft 4. */
export const runs: Pattern<'runs'> = {
	id: 'runs',
	name: 'Runs and drips',
	ends: ({ from }) => [from === 'both' ? 'at top and bottom' : `at the ${from}`, from === 'both' ? 'between them' : 'beyond the runs'],
	reach: ({ from }, { height }) => (from === 'both' ? height / 2 : height),
	depthAt({ from, drip, seed }, x, y, { height, salt }) {
		const fromTop = from === 'bottom' ? Infinity : y - drip * runAt(x, seed + salt);
		const fromBottom = from === 'top' ? Infinity : height - y - drip * runAt(x, seed + salt + OTHER_SIDE);
		return Math.max(0, Math.min(fromTop, fromBottom));
	},
	level({ from, drip, seed }, depth, { width, height, salt }) {
		const steps = Math.ceil(width / STEP);
		const xs = Array.from({ length: steps + 1 }, (_, i) => Math.min(width, i * STEP));
		const shifted = (side: number) => xs.map((x) => [x, depth + drip * runAt(x, seed + salt + side)] as const);
		const down = from === 'bottom' ? [] : [shifted(0).flatMap(([x, y]) => [x, y])];
		const up = from === 'top' ? [] : [shifted(OTHER_SIDE).flatMap(([x, y]) => [x, height - y])];
		const within = [...down.map((line) => [...line, width, -1, 0, -1]), ...up.map((line) => [...line, width, height + 1, 0, height + 1])];
		const whole = within.length < 2 ? within : uniteRings(within.map((ring) => [ring]));
		return { within: depth > 0 || drip > 0 ? whole : [], line: [...down, ...up].map((points) => ({ points, closed: false })) };
	},
	meets: (field, colours, region) => meetFrom(field.length, colours, runs.reach(field, region)),
	start: ({ height }, round) => ({ pattern: 'runs', from: 'top', length: round(height * 0.3), drip: round(height * 0.4), seed: 1 }),
	turns: () => HALF / 6,
	bounds: ({ drip }, depth, within) => slopeBounds(depth, within, 1 + (drip * STEEPEST_DRIP) / COLUMN),
	axis: ({ from }, { width, height }) =>
		from === 'bottom' ? { x: width / 2, y: height, dx: 0, dy: -1 } : { x: width / 2, y: 0, dx: 0, dy: 1 },
	moves: 'first',
	moveJoin: (field, { depth }) => ({ ...field, length: Math.max(0, Math.round(depth)) }),
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
