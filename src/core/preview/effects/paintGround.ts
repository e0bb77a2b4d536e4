import { GROUNDS, type GroundId } from '../../piece';
import { fillCloudRow, fillStrokeRow, noiseTile } from '../grain';
import type { Planes } from '../planes';
import { FIRST_FRONT, GAP, OUTSIDE } from '../scene';
import { bytesOfHex, type Bytes } from './coverTable';
import type { Canvas } from './canvas';

const HOLLOW = bytesOfHex('#221d19');
/** Height of fronts and frame over the bottom of a gap, micrometres: what makes an edge catch the light. */
const RAISED = 1600;
/** What stands before or behind the face by more than this shows no more relief, micrometres. */
const MOST_STAND = 1200;
/** Micrometres a fibre stands up for a step of its noise. */
const FIBRE = 30 / 255;
const GLOSS = 26;
const WEAR = 20;

/** The bare piece: wood with its grain, frame and gaps, and what stands before or behind its face. */
export function paintGround(planes: Planes, { scene, surfaces, scale, top }: Canvas): void {
	const tile = noiseTile(scene.seed);
	const stretch = Math.max(4, Math.round(Math.log2(40 * scale)) + 1);
	const band = Math.max(2, stretch - 2);
	const { width, height } = planes;
	const upright = scene.grain === 'upright';
	/** Lines run along the grain: `step` from one pixel to the next, `line` from one line to the next. */
	const [lines, length, step, line] = upright ? [width, height, width, 1] : [height, width, 1, width];
	const [firstLine, firstAlong] = upright ? [0, top] : [top, 0];
	const stands = [0, 0, ...scene.fronts.map(({ setOff }) => Math.max(-MOST_STAND, Math.min(MOST_STAND, setOff * 1000)))];
	const fibres = new Float32Array(length);
	const figures = new Float32Array(length);
	const ramps = new Map<GroundId, Uint8Array>();
	const rampFor = (surface: number) => {
		const ground = scene.grounds[surface] ?? scene.ground;
		const ramp = ramps.get(ground) ?? rampOf(ground);
		ramps.set(ground, ramp);
		return ramp;
	};
	for (let row = 0; row < lines; row++) {
		for (let at = 0; at < length;) {
			const surface = surfaces[row * line + at * step]!;
			const start = at;
			while (at < length && surfaces[row * line + at * step] === surface) at++;
			const count = at - start;
			const first = row * line + start * step;
			if (surface === GAP || surface === OUTSIDE) {
				layHollow(planes, first, count, step, surface === OUTSIDE ? RAISED : 0);
				continue;
			}
			const along = firstAlong + start + surface * 977;
			const across = firstLine + row;
			fillStrokeRow(fibres, count, tile, along, across, stretch);
			fillCloudRow(figures, count, tile, along, across * 4 + surface * 131, band + 2);
			layWood(planes, first, count, step, RAISED + (surface >= FIRST_FRONT ? (stands[surface] ?? 0) : 0), {
				wood: rampFor(surface),
				fibres,
				figures
			});
		}
	}
	planes.gloss.fill(GLOSS);
	planes.wear.fill(WEAR);
	for (let i = 0; i < surfaces.length; i++) if (surfaces[i] === GAP || surfaces[i] === OUTSIDE) planes.gloss[i] = planes.wear[i] = 0;
}

function layHollow({ rgb, relief }: Planes, first: number, count: number, step: number, height: number): void {
	for (let k = 0, i = first; k < count; k++, i += step) {
		rgb[i * 3] = HOLLOW[0];
		rgb[i * 3 + 1] = HOLLOW[1];
		rgb[i * 3 + 2] = HOLLOW[2];
		relief[i] = height;
	}
}

interface Wood {
	/** Colours from light to dark wood, three bytes each, 256 of them. */
	readonly wood: Uint8Array;
	readonly fibres: Float32Array;
	readonly figures: Float32Array;
}

function layWood(
	{ rgb, relief }: Planes,
	first: number,
	count: number,
	step: number,
	height: number,
	{ wood, fibres, figures }: Wood
): void {
	for (let k = 0, i = first; k < count; k++, i += step) {
		const fibre = fibres[k]!;
		const shade = 3 * ((0.45 * fibre + 0.55 * figures[k]!) | 0);
		rgb[i * 3] = wood[shade]!;
		rgb[i * 3 + 1] = wood[shade + 1]!;
		rgb[i * 3 + 2] = wood[shade + 2]!;
		relief[i] = (height + FIBRE * fibre) | 0;
	}
}

function rampOf(ground: GroundId): Uint8Array {
	const [light, dark] = GROUNDS[ground].look.map(bytesOfHex) as unknown as [Bytes, Bytes];
	return rampBetween(light, dark);
}

function rampBetween(from: Bytes, to: Bytes): Uint8Array {
	return Uint8Array.from({ length: 256 * 3 }, (_, i) => from[i % 3]! + ((to[i % 3]! - from[i % 3]!) * Math.floor(i / 3)) / 255);
}
