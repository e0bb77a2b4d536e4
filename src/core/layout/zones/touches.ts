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

/** The touch that grows in a cell of the grid, in cells from its corner. A touch of the brush is longer than it is wide, and none lies as the one beside it. */
interface Touch {
	readonly column: number;
	readonly row: number;
	readonly salt: number;
	readonly off: { readonly x: number; readonly y: number };
	readonly cos: number;
	readonly sin: number;
	readonly scale: number;
}

/** Those that were asked for last, each at a place by its cell: a field is asked many times about the same. */
const KNOWN: (Touch | undefined)[] = new Array<undefined>(1024).fill(undefined);

function touchIn(column: number, row: number, salt: number): Touch {
	const place = (Math.imul(column, 73) ^ Math.imul(row, 1571) ^ Math.imul(salt, 331)) & (KNOWN.length - 1);
	const known = KNOWN[place];
	if (known && known.column === column && known.row === row && known.salt === salt) return known;
	const turn = Math.PI * hash(column, row, salt + 3);
	const touch: Touch = {
		column,
		row,
		salt,
		off: { x: 0.5 + OFF * (hash(column, row, salt) - 0.5), y: 0.5 + OFF * (hash(column, row, salt + 1) - 0.5) },
		cos: Math.cos(turn),
		sin: Math.sin(turn),
		scale: SMALLEST + (1 - SMALLEST) * hash(column, row, salt + 2)
	};
	KNOWN[place] = touch;
	return touch;
}

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
				const { off, cos, sin, scale } = touchIn(c, r, salt);
				const [dx, dy] = [x - (c + off.x) * apart, y - (r + off.y) * apart];
				const stretch = ragged / scale;
				if (stretch * LONG * Math.sqrt(dx * dx + dy * dy) >= nearest) continue;
				const [long, wide] = [(dx * cos + dy * sin) * LONG, (dy * cos - dx * sin) * WIDE];
				nearest = Math.min(nearest, stretch * Math.sqrt(long * long + wide * wide));
			}
		return nearest;
	},
	meets: (field, colours, region) => meetFrom(field.size / 2, colours, touches.reach(field, region)),
	start: ({ deepest }, round) => ({
		pattern: 'touches',
		size: clampTo(round(deepest * 0.25), 4, 500),
		apart: clampTo(round(deepest), 12, 2000),
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
