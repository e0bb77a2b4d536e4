import type { Point } from './edges/types';

/** Row by row: (x, y) goes to ((h0 x + h1 y + h2) / w, (h3 x + h4 y + h5) / w), with w = h6 x + h7 y + h8. */
export type Homography = readonly number[];

export type Corners = readonly [Point, Point, Point, Point];

export type CornerFault = 'outside' | 'crossed' | 'collinear';

/** Corners whose angle is nearer to a straight line than this cannot be told apart, radians. */
const FLATTEST = (3 * Math.PI) / 180;
/** A side shorter than this share of the longest is no side. */
const SHORTEST = 0.02;

/**
 * The projection that takes four points to four others. Points are first moved and scaled about their middle, so that
 * pixels and millimetres weigh alike (Hartley); then eight equations in eight unknowns. Source: methods 2.
 * Throws RangeError where three of the points lie on a line: check corners with `findCornerFault` first.
 */
export function solveHomography(from: Corners, to: Corners): Homography {
	const [a, b] = [normalise(from), normalise(to)];
	const rows: number[][] = [];
	for (let i = 0; i < 4; i++) {
		const [x, y] = [a.points[i]!.x, a.points[i]!.y];
		const [u, v] = [b.points[i]!.x, b.points[i]!.y];
		rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y, u], [0, 0, 0, x, y, 1, -v * x, -v * y, v]);
	}
	const h = [...solveLinear(rows), 1];
	return multiply(multiply(b.back, h), a.forth);
}

/** Where a point goes; null on the horizon, where it goes nowhere. */
export function projectPoint(h: Homography, { x, y }: Point): Point | null {
	const w = h[6]! * x + h[7]! * y + h[8]!;
	if (Math.abs(w) < 1e-12) return null;
	return { x: (h[0]! * x + h[1]! * y + h[2]!) / w, y: (h[3]! * x + h[4]! * y + h[5]!) / w };
}

/**
 * What is wrong with four clicked corners (top left, top right, bottom right, bottom left; px) of a picture so wide and
 * high, and at which of them; null when nothing is. Source: methods 2.
 */
export function findCornerFault(
	corners: Corners,
	width: number,
	height: number
): { readonly fault: CornerFault; readonly corner: number } | null {
	const off = corners.findIndex(({ x, y }) => !(x >= 0 && y >= 0 && x <= width && y <= height));
	if (off >= 0) return { fault: 'outside', corner: off };
	const turns = corners.map((corner, i) => turnAt(corners[(i + 3) % 4]!, corner, corners[(i + 1) % 4]!));
	const sides = corners.map((corner, i) => Math.hypot(corners[(i + 1) % 4]!.x - corner.x, corners[(i + 1) % 4]!.y - corner.y));
	const short = sides.findIndex((side) => side <= SHORTEST * Math.max(...sides));
	if (short >= 0) return { fault: 'collinear', corner: short };
	const flat = turns.findIndex((turn) => Math.abs(turn) < FLATTEST);
	if (flat >= 0) return { fault: 'collinear', corner: flat };
	const left = turns.findIndex((turn) => turn < 0);
	return left >= 0 ? { fault: 'crossed', corner: left } : null;
}

/** The angle turned at a corner, clockwise on the screen positive. */
function turnAt(before: Point, corner: Point, after: Point): number {
	const [ax, ay] = [corner.x - before.x, corner.y - before.y];
	const [bx, by] = [after.x - corner.x, after.y - corner.y];
	return Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
}

function normalise(points: Corners): { points: Point[]; forth: Homography; back: Homography } {
	const cx = points.reduce((sum, { x }) => sum + x, 0) / 4;
	const cy = points.reduce((sum, { y }) => sum + y, 0) / 4;
	const spread = points.reduce((sum, { x, y }) => sum + Math.hypot(x - cx, y - cy), 0) / 4;
	const s = Math.SQRT2 / (spread || 1);
	return {
		points: points.map(({ x, y }) => ({ x: (x - cx) * s, y: (y - cy) * s })),
		forth: [s, 0, -s * cx, 0, s, -s * cy, 0, 0, 1],
		back: [1 / s, 0, cx, 0, 1 / s, cy, 0, 0, 1]
	};
}

/** Gauss with the largest pivot; each row ends in its right-hand side. */
function solveLinear(rows: number[][]): number[] {
	const n = rows.length;
	for (let column = 0; column < n; column++) {
		let pivot = column;
		for (let row = column + 1; row < n; row++) if (Math.abs(rows[row]![column]!) > Math.abs(rows[pivot]![column]!)) pivot = row;
		if (Math.abs(rows[pivot]![column]!) < 1e-12)
			throw new RangeError('solveHomography needs four points of which no three lie on a line: check them with findCornerFault');
		[rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!];
		const head = rows[column]!;
		for (let row = column + 1; row < n; row++) {
			const factor = rows[row]![column]! / head[column]!;
			for (let k = column; k <= n; k++) rows[row]![k]! -= factor * head[k]!;
		}
	}
	const x = new Array<number>(n).fill(0);
	for (let row = n - 1; row >= 0; row--) {
		let sum = rows[row]![n]!;
		for (let k = row + 1; k < n; k++) sum -= rows[row]![k]! * x[k]!;
		x[row] = sum / rows[row]![row]!;
	}
	return x;
}

function multiply(a: Homography, b: Homography): Homography {
	return Array.from({ length: 9 }, (_, i) => {
		const [row, column] = [Math.floor(i / 3) * 3, i % 3];
		return a[row]! * b[column]! + a[row + 1]! * b[column + 3]! + a[row + 2]! * b[column + 6]!;
	});
}
