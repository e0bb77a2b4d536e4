import { boundsOfRings } from '../../geometry';
import { copyPlanes, type Planes } from '../planes';
import { pixelsOf } from '../regions';
import { GAP, type PaintedMotif, type Through } from '../scene';
import { spansOf } from '../spans';
import type { Canvas } from './canvas';
import { eachOpenPixel } from './mask';

/** What an effect lays, only where motifs are open: it is laid on a copy, no further than their boxes, and taken over by how much of a pixel is open. */
export function layThrough(planes: Planes, { spots, edge }: Through, canvas: Canvas, lay: (planes: Planes, canvas: Canvas) => void): void {
	if (spots.length === 0) return;
	const laid = copyPlanes(planes);
	lay(laid, keepToBoxes(spots, canvas, planes));
	for (const spot of spots)
		eachOpenPixel(planes, spot, edge, canvas.scale, (i, amount) => {
			const share = amount / 255;
			for (let at = i * 3; at < i * 3 + 3; at++) planes.rgb[at] = planes.rgb[at]! + (laid.rgb[at]! - planes.rgb[at]!) * share + 0.5;
			planes.relief[i] = planes.relief[i]! + (laid.relief[i]! - planes.relief[i]!) * share;
			if (amount < 128) return;
			planes.gloss[i] = laid.gloss[i]!;
			planes.wear[i] = laid.wear[i]!;
		});
}

/** What an effect lays, but not under masks: where they are, all stays as it was. */
export function layExcept(planes: Planes, { spots, edge }: Through, canvas: Canvas, lay: (planes: Planes) => void): void {
	if (spots.length === 0) return lay(planes);
	const before = copyPlanes(planes);
	lay(planes);
	for (const spot of spots)
		eachOpenPixel(planes, spot, edge, canvas.scale, (i, amount) => {
			const share = amount / 255;
			for (let at = i * 3; at < i * 3 + 3; at++) planes.rgb[at] = planes.rgb[at]! + (before.rgb[at]! - planes.rgb[at]!) * share + 0.5;
			planes.relief[i] = planes.relief[i]! + (before.relief[i]! - planes.relief[i]!) * share;
			if (amount < 128) return;
			planes.gloss[i] = before.gloss[i]!;
			planes.wear[i] = before.wear[i]!;
		});
}

/** A soft edge reaches so far beyond an opening, mm. */
const BEYOND = 3;

/** The canvas with nothing to be visited but what lies round motifs; what each pixel belongs to stays known. */
function keepToBoxes(spots: readonly PaintedMotif[], canvas: Canvas, { width, height, top: first }: Planes): Canvas {
	const kept = new Uint8Array(width * height).fill(GAP);
	for (const { rings } of spots) {
		const { left, top, right, bottom } = boundsOfRings(rings);
		const box = { x: left - BEYOND, y: top - BEYOND, width: right - left + 2 * BEYOND, height: bottom - top + 2 * BEYOND };
		const pixels = pixelsOf(box, canvas.scale, width, height, first);
		for (let y = pixels.top; y < pixels.bottom; y++) {
			const row = y * width;
			kept.set(canvas.surfaces.subarray(row + pixels.left, row + pixels.right), row + pixels.left);
		}
	}
	return { ...canvas, spans: spansOf(kept, width, height) };
}
