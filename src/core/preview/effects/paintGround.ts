import type { Planes } from '../planes';
import { fillCloudRow, fillStrokeRow, noiseTile } from '../grain';
import { bytesOfHex, type Bytes } from './coverTable';
import type { Canvas } from './types';

const WOODS: Readonly<Record<string, readonly [light: string, dark: string]>> = {
	'solid-wood': ['#c9a377', '#9b7248'],
	veneer: ['#c7a677', '#a07c4f'],
	'pressed-board': ['#b79c78', '#a58a66'],
	laminate: ['#e6e2d9', '#dcd7cc'],
	'old-paint': ['#cfc9ba', '#c2bbab']
};
const GAP = bytesOfHex('#221d19');
/** Height of fronts and frame over the bottom of a gap, micrometres: what makes an edge catch the light. */
const RAISED = 1600;

/** The bare piece: wood with its grain along the fronts, frame and gaps. */
export function paintGround(planes: Planes, { scene, surfaces, scale }: Canvas): void {
	const [light, dark] = (WOODS[scene.ground] ?? WOODS['solid-wood']!).map(bytesOfHex) as unknown as [Bytes, Bytes];
	const tile = noiseTile(scene.seed);
	const stretch = Math.max(4, Math.round(Math.log2(40 * scale)) + 1);
	const band = Math.max(2, stretch - 2);
	const { width, rgb, relief, gloss, wear } = planes;
	const fibres = new Float32Array(width);
	const figures = new Float32Array(width);
	for (let y = 0; y < planes.height; y++) {
		const row = y * width;
		for (let x = 0; x < width;) {
			const surface = surfaces[row + x]!;
			const start = x;
			while (x < width && surfaces[row + x] === surface) x++;
			const count = x - start;
			const shifted = start + surface * 977;
			fillStrokeRow(fibres, count, tile, shifted, y, stretch);
			fillCloudRow(figures, count, tile, shifted, y * 4 + surface * 131, band + 2);
			const from = surface === 0 ? GAP : light;
			const to = surface === 0 ? GAP : dark;
			for (let k = 0, i = row + start, at = i * 3; k < count; k++, i++, at += 3) {
				const t = surface === 0 ? 0 : (0.45 * fibres[k]! + 0.55 * figures[k]!) / 255;
				rgb[at] = from[0] + (to[0] - from[0]) * t;
				rgb[at + 1] = from[1] + (to[1] - from[1]) * t;
				rgb[at + 2] = from[2] + (to[2] - from[2]) * t;
				relief[i] = surface === 0 ? 0 : RAISED + (30 * fibres[k]!) / 255;
			}
			gloss.fill(surface === 0 ? 0 : 26, row + start, row + x);
			wear.fill(surface === 0 ? 0 : 20, row + start, row + x);
		}
	}
}
