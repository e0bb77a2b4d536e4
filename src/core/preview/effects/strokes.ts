import { fillStrokeRow, noiseTile, TILE } from '../grain';
import type { Scene } from '../scene';
import type { Canvas } from './canvas';

/** A round or oval face: its middle and half its sides, mm. */
interface Round {
	readonly x: number;
	readonly y: number;
	readonly a: number;
	readonly b: number;
}

/** A ring is round where no point of it is further from its oval than this share. */
const TRUE = 0.01;
const FEWEST_POINTS = 16;

/** The oval that a face is, or null. */
function roundOf({ outline, width, height }: Pick<Scene, 'outline' | 'width' | 'height'>): Round | null {
	if (outline === null || outline.length < 2 * FEWEST_POINTS) return null;
	const [a, b] = [width / 2, height / 2];
	for (let i = 0; i < outline.length; i += 2) {
		const far = Math.hypot((outline[i]! - a) / a, (outline[i + 1]! - b) / b);
		if (Math.abs(far - 1) > TRUE) return null;
	}
	return { x: a, y: b, a, b };
}

export type Strokes = (out: Float32Array, count: number, x: number, y: number) => void;

/** The hairs of a brush, 0 to 255, along a row of pixels: level, and round with the edge on a round face. `shift`: as of `fillStrokeRow`. */
export function createStrokes({ scene, scale }: Canvas, seed: number, shift: number): Strokes {
	const tile = noiseTile(seed);
	const round = roundOf(scene);
	if (round === null) return (out, count, x, y) => fillStrokeRow(out, count, tile, x, y, shift);
	const least = Math.min(round.a, round.b);
	/** Nodes along the edge; towards the middle as many lie on less, and the strokes grow shorter. */
	const nodes = Math.max(8, Math.round((2 * Math.PI * least * scale) / (1 << shift)));
	const perTurn = nodes / (2 * Math.PI);
	return (out, count, x, y) => {
		const v = ((y + 0.5) / scale - round.y) / round.b;
		for (let k = 0; k < count; k++) {
			const u = ((x + k + 0.5) / scale - round.x) / round.a;
			const ring = (Math.sqrt(u * u + v * v) * least * scale) & (TILE - 1);
			const along = (turnOf(v, u) + Math.PI) * perTurn;
			const node = along | 0;
			const from = tile[(ring << 8) | (node & 255)]!;
			out[k] = from + (tile[(ring << 8) | (((node + 1) % nodes) & 255)]! - from) * (along - node);
		}
	};
}

/** The angle of (x, y), within a hundredth of a radian: it runs for every pixel. */
function turnOf(y: number, x: number): number {
	const [ax, ay] = [Math.abs(x), Math.abs(y)];
	const slope = ax === 0 && ay === 0 ? 0 : Math.min(ax, ay) / Math.max(ax, ay);
	const turn = slope * (Math.PI / 4 + 0.273 * (1 - slope));
	const half = ay > ax ? Math.PI / 2 - turn : turn;
	const whole = x < 0 ? Math.PI - half : half;
	return y < 0 ? -whole : whole;
}
