import { GROUNDS } from '../../piece';
import { fillCloudRow, fillStrokeRow, noiseTile } from '../grain';
import type { Planes } from '../planes';
import { FIRST_FRONT, GAP, OUTSIDE } from '../scene';
import { bytesOfHex, type Bytes } from './coverTable';
import type { Canvas } from './types';

const HOLLOW = bytesOfHex('#221d19');
/** Height of fronts and frame over the bottom of a gap, micrometres: what makes an edge catch the light. */
const RAISED = 1600;
/** What stands before or behind the face by more than this shows no more relief, micrometres. */
const MOST_STAND = 1200;

/** The bare piece: wood with its grain, frame and gaps, and what stands before or behind its face. */
export function paintGround(planes: Planes, { scene, surfaces, scale }: Canvas): void {
	const [light, dark] = GROUNDS[scene.ground].look.map(bytesOfHex) as unknown as [Bytes, Bytes];
	const tile = noiseTile(scene.seed);
	const stretch = Math.max(4, Math.round(Math.log2(40 * scale)) + 1);
	const band = Math.max(2, stretch - 2);
	const { width, height, rgb, relief, gloss, wear } = planes;
	const upright = scene.grain === 'upright';
	/** Lines run along the grain: `step` from one pixel to the next, `line` from one line to the next. */
	const [lines, length, step, line] = upright ? [width, height, width, 1] : [height, width, 1, width];
	const stands = [0, 0, ...scene.fronts.map(({ setOff }) => Math.max(-MOST_STAND, Math.min(MOST_STAND, setOff * 1000)))];
	const fibres = new Float32Array(length);
	const figures = new Float32Array(length);
	for (let row = 0; row < lines; row++) {
		for (let at = 0; at < length;) {
			const surface = surfaces[row * line + at * step]!;
			const start = at;
			while (at < length && surfaces[row * line + at * step] === surface) at++;
			const count = at - start;
			const hollow = surface === GAP || surface === OUTSIDE;
			const shifted = start + surface * 977;
			fillStrokeRow(fibres, count, tile, shifted, row, stretch);
			fillCloudRow(figures, count, tile, shifted, row * 4 + surface * 131, band + 2);
			const from = hollow ? HOLLOW : light;
			const to = hollow ? HOLLOW : dark;
			const stand = RAISED + (surface >= FIRST_FRONT ? (stands[surface] ?? 0) : 0);
			for (let k = 0, i = row * line + start * step; k < count; k++, i += step) {
				const t = hollow ? 0 : (0.45 * fibres[k]! + 0.55 * figures[k]!) / 255;
				rgb[i * 3] = from[0] + (to[0] - from[0]) * t;
				rgb[i * 3 + 1] = from[1] + (to[1] - from[1]) * t;
				rgb[i * 3 + 2] = from[2] + (to[2] - from[2]) * t;
				relief[i] = surface === OUTSIDE ? RAISED : hollow ? 0 : stand + (30 * fibres[k]!) / 255;
				gloss[i] = hollow ? 0 : 26;
				wear[i] = hollow ? 0 : 20;
			}
		}
	}
}
