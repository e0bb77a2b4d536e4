import { ringsForScale, type Motif } from '$core/layout';
import type { Ring } from '$core/geometry';

const RADIANS = Math.PI / 180;
/** px about a stamp for the width of its line. */
const ROOM = 2;
/** Kept at once; of more different ones each move makes its own anew. */
const MOST = 600;

export function pathOf(rings: readonly Ring[]): Path2D {
	const path = new Path2D();
	for (const ring of rings) {
		for (let i = 0; i < ring.length; i += 2) path[i === 0 ? 'moveTo' : 'lineTo'](ring[i]!, ring[i + 1]!);
		path.closePath();
	}
	return path;
}

/** An outline that is seen on any ground: a light line on a dark one. `px` is how many of the canvas go to one of the path's own units. */
export function strokeOutline(
	context: CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D,
	path: Path2D,
	px: number,
	ink: string
): void {
	context.fillStyle = '#ffffff14';
	context.fill(path);
	context.strokeStyle = '#1d1a17b0';
	context.lineWidth = 1.8 / px;
	context.stroke(path);
	context.strokeStyle = ink;
	context.lineWidth = 0.9 / px;
	context.stroke(path);
}

/** How it is seen: px of the canvas to a mm of the motif, degrees clockwise. */
interface Put {
	readonly px: number;
	readonly turn: number;
	readonly mirrored: boolean;
}

export interface Stamp {
	readonly image: OffscreenCanvas;
	/** From its left and top edge to the middle of the motif, px. */
	readonly x: number;
	readonly y: number;
}

/** Motifs drawn once as they are turned and as large as they are seen, and put down wherever one lies: hundreds that move at once are redrawn in a moment. */
export function createStamps() {
	const kept = new Map<string, { readonly of: Motif; readonly stamp: Stamp }>();
	/** In a field the next one is mostly as the last. */
	let last: { readonly motif: Motif; readonly put: Put; readonly ink: string; readonly stamp: Stamp } | null = null;
	const find = (motif: Motif, put: Put, ink: string): Stamp => {
		const key = `${motif.id} ${put.px.toFixed(3)} ${put.turn.toFixed(1)} ${put.mirrored} ${ink}`;
		const known = kept.get(key);
		if (known?.of === motif) return known.stamp;
		if (kept.size >= MOST) kept.clear();
		const stamp = draw(motif, put, ink);
		kept.set(key, { of: motif, stamp });
		return stamp;
	};
	return (motif: Motif, put: Put, ink: string): Stamp => {
		const isSame = last?.motif === motif && last.ink === ink && last.put.px === put.px && last.put.turn === put.turn;
		if (!last || !isSame || last.put.mirrored !== put.mirrored) last = { motif, put, ink, stamp: find(motif, put, ink) };
		return last.stamp;
	};
}

/** Chords of a stamp stray by a fifth of a pixel. */
const FINENESS = 4;

function draw(motif: Motif, { px, turn, mirrored }: Put, ink: string): Stamp {
	const [cos, sin] = [Math.abs(Math.cos(turn * RADIANS)), Math.abs(Math.sin(turn * RADIANS))];
	const width = Math.max(1, Math.ceil(px * (motif.width * cos + motif.height * sin)) + 2 * ROOM);
	const height = Math.max(1, Math.ceil(px * (motif.width * sin + motif.height * cos)) + 2 * ROOM);
	const image = new OffscreenCanvas(width, height);
	const context = image.getContext('2d')!;
	context.translate(width / 2, height / 2);
	context.rotate(turn * RADIANS);
	context.scale(mirrored ? -px : px, px);
	context.translate(-motif.width / 2, -motif.height / 2);
	strokeOutline(context, pathOf(ringsForScale(motif, px / FINENESS)), px, ink);
	return { image, x: width / 2, y: height / 2 };
}
