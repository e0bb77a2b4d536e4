import { clampTo, meetFrom, slopeBounds } from './joins';
import { hash, patchNoise, STEEPEST_PATCH } from './patchNoise';
import type { Pattern } from './types';

/** The smallest touch, as a share of the largest. */
const SMALLEST = 0.45;
/** How far a touch stands off the grid that it grows from, as a share of a cell. */
const OFF = 0.8;
/** It is longer and narrower than round by so much; its area stays. */
const [LONG, WIDE] = [0.86, 1 / 0.86];
/** How ragged its edge is. */
const RAGGED = 0.7;

/** Faint spots of the colours of a transfer, so that it belongs to its ground: the field is the distance to the nearest, the larger ones reaching further. Source: craft 4. */
export const touches: Pattern<'touches'> = {
	id: 'touches',
	name: 'Touches of colour',
	dabbed: true,
	ends: () => ['in a touch', 'between them'],
	reach: ({ size, apart }) => size / 2 + apart,
	depthAt(field, x, y, region) {
		const { size, apart, seed } = field;
		const salt = seed + region.salt;
		const ragged = 1 + RAGGED * (patchNoise(x, y, Math.max(3, size / 3), salt + 5) - 0.5);
		const [column, row] = [Math.floor(x / apart), Math.floor(y / apart)];
		let nearest = touches.reach(field, region);
		for (let r = row - 1; r <= row + 1; r++)
			for (let c = column - 1; c <= column + 1; c++) {
				const dx = x - (c + 0.5 + OFF * (hash(c, r, salt) - 0.5)) * apart;
				const dy = y - (r + 0.5 + OFF * (hash(c, r, salt + 1) - 0.5)) * apart;
				const scale = SMALLEST + (1 - SMALLEST) * hash(c, r, salt + 2);
				/** A touch of the brush is longer than it is wide, and none lies as the one beside it. */
				const turn = Math.PI * hash(c, r, salt + 3);
				const [long, wide] = [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)];
				nearest = Math.min(nearest, (ragged * Math.hypot(long * LONG, wide * WIDE)) / scale);
			}
		return nearest;
	},
	meets: (field, colours, region) => meetFrom(field.size / 2, colours, touches.reach(field, region)),
	start: ({ deepest }) => ({
		pattern: 'touches',
		size: clampTo(Math.round(deepest * 0.25), 4, 500),
		apart: clampTo(Math.round(deepest), 12, 2000),
		seed: 1
	}),
	turns: ({ size }) => size / 6,
	/** Far from a touch its ragged edge counts by the share of the distance, near it by how steep it is. */
	bounds({ size }, depth, within) {
		const [smooth, rough] = [1 - RAGGED / 2, 1 + RAGGED / 2];
		const steepest = (WIDE * rough) / SMALLEST + (WIDE * RAGGED * STEEPEST_PATCH * size) / 2 / Math.max(3, size / 3) / SMALLEST;
		const [least, most] = slopeBounds(depth, within, steepest);
		return [Math.max(least, (smooth / rough) * depth - (WIDE * smooth * within) / SMALLEST), most];
	},
	grips: (field, { width, height }) => [
		{
			id: 'apart',
			name: 'From one touch to the next',
			x: Math.min(width, field.apart),
			y: height / 2,
			along: 'across',
			value: field.apart,
			moveTo: (x) => ({ ...field, apart: clampTo(Math.round(x), 5, 2000) })
		}
	]
};
