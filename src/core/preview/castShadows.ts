import type { Light } from './lightPlanes';
import type { Scene } from './scene';

/** The lamp stands so high: a step of 1 mm throws a shadow of 1.2 mm. */
const FALL = 0.83;
/** Share of the light that is left in full shadow. */
const LEFT = 0.52;
/** A shadow this deep below the ray, mm, is full; nearer to it the edge is soft. */
const SOFT = 1.6;
/** So far does a gap lie below its face, mm: its sides throw hardly any shadow on each other. */
const GAP_DEPTH = 1;

/**
 * How much light each pixel keeps (256 for all of it) where parts stand before or behind the face: one ray is followed from
 * row to row towards the shadow side. Null where nothing stands out, so that flat faces cost nothing.
 */
export function castShadows(
	scene: Scene,
	surfaces: Uint8Array,
	scale: number,
	width: number,
	height: number,
	{ angle }: Light
): Uint16Array | null {
	if (!scene.fronts.some(({ setOff }) => setOff !== 0)) return null;
	/** By the value of the map: gap, frame, fronts; outside lies at the face. */
	const stands = new Float32Array(256);
	stands[0] = -GAP_DEPTH;
	scene.fronts.forEach(({ setOff }, i) => (stands[i + 2] = setOff));
	const [toX, toY] = [Math.cos((angle * Math.PI) / 180), -Math.sin((angle * Math.PI) / 180)];
	/** The ray goes by rows where it is steep, by columns where it is flat. */
	const byRows = Math.abs(toY) >= Math.abs(toX);
	const [lines, length, step, line] = byRows ? [height, width, 1, width] : [width, height, width, 1];
	const main = byRows ? toY : toX;
	const lean = (byRows ? toX : toY) / Math.abs(main);
	const drop = FALL / (scale * Math.abs(main));
	const out = new Uint16Array(width * height).fill(256);
	let before: Float32Array = new Float32Array(length).fill(-Infinity);
	let here: Float32Array = new Float32Array(length);
	for (let k = 0; k < lines; k++) {
		/** From the lamp's side on. */
		const row = main < 0 ? k : lines - 1 - k;
		for (let i = 0; i < length; i++) {
			const at = row * line + i * step;
			const stand = stands[surfaces[at]!]!;
			const from = i + lean;
			const low = Math.floor(from);
			const share = from - low;
			const a = low >= 0 && low < length ? before[low]! : -Infinity;
			const b = low + 1 >= 0 && low + 1 < length ? before[low + 1]! : -Infinity;
			const ray = (share === 0 ? a : a === -Infinity ? b : b === -Infinity ? a : a + (b - a) * share) - drop;
			here[i] = ray > stand ? ray : stand;
			const under = ray - stand;
			if (under > 0) out[at] = Math.round(256 * (1 - (1 - LEFT) * Math.min(1, under / SOFT)));
		}
		[before, here] = [here, before];
	}
	return out;
}
