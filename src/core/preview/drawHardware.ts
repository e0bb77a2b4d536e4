import { WORKSHOP_LIGHT, type Light } from './lightPlanes';
import type { SceneHardware } from './scene';

type Bytes = readonly [number, number, number];
/** How each kind looks: its metal, how far it stands out and how far its edge is rounded, mm; null: as far as it goes. */
const LOOKS: Readonly<Record<SceneHardware['kind'], { readonly metal: Bytes; readonly stands: number; readonly edge: number | null }>> = {
	knob: { metal: [190, 176, 146], stands: 20, edge: null },
	pull: { metal: [176, 164, 138], stands: 16, edge: null },
	plate: { metal: [184, 172, 144], stands: 2, edge: 1.5 },
	hinge: { metal: [168, 160, 142], stands: 2, edge: 1.5 },
	keyhole: { metal: [22, 19, 16], stands: 0, edge: 0.6 }
};
const HOLE: Bytes = [26, 21, 17];
const CORNER = 3;
/** The lamp over the piece, as the sine of its height; its shadow is so long for a mm that something stands out. */
const HIGH = 0.62;
const LONG = 0.55;
const SHADOW = 0.5;
const SHARP = 26;

/** Draws knobs, pulls and plates on a lit picture (RGBA, row by row, `scale` px per mm), each with its shadow; or the holes that they leave where they are off. */
export function drawHardware(
	pixels: Uint8ClampedArray,
	width: number,
	height: number,
	hardware: readonly SceneHardware[],
	scale: number,
	mounted: boolean,
	{ angle }: Light = WORKSHOP_LIGHT
): void {
	const toLamp = { x: Math.cos((angle * Math.PI) / 180), y: -Math.sin((angle * Math.PI) / 180) };
	for (const one of hardware) {
		if (mounted || one.kind === 'keyhole') drawOne(one);
		else for (const hole of one.holes) drawHole(hole);
	}

	function drawOne(one: SceneHardware): void {
		const { metal, stands, edge } = LOOKS[one.kind];
		const [halfX, halfY] = [one.width / 2, one.height / 2];
		const [midX, midY] = [one.x + halfX, one.y + halfY];
		const corner = one.round || one.kind === 'pull' || one.kind === 'keyhole' ? Math.min(halfX, halfY) : Math.min(CORNER, halfX, halfY);
		const rounded = edge ?? Math.min(halfX, halfY);
		const long = stands * LONG;
		const soft = 0.6 + stands * 0.12;
		/** Negative inside, mm. */
		const far = (x: number, y: number) => {
			const [dx, dy] = [Math.abs(x - midX) - halfX + corner, Math.abs(y - midY) - halfY + corner];
			return Math.hypot(Math.max(0, dx), Math.max(0, dy)) + Math.min(0, Math.max(dx, dy)) - corner;
		};
		eachPixel(one.x - long - soft, one.y - long - soft, one.x + one.width + long + soft, one.y + one.height + long + soft, (i, x, y) => {
			const distance = far(x, y);
			const cover = Math.min(1, Math.max(0, 0.5 - distance * scale));
			if (cover < 1 && stands > 0) {
				/** The shadow lies away from the lamp, half as far as the piece stands. */
				const dark = Math.min(1, Math.max(0, 0.5 - far(x + toLamp.x * long * 0.5, y + toLamp.y * long * 0.5) / soft));
				shade(i, 1 - SHADOW * dark * dark);
			}
			if (cover === 0) return;
			const inset = Math.min(1, Math.max(0, 1 + distance / rounded));
			const [nx, ny] = slope(x, y, far, inset);
			const nz = Math.sqrt(Math.max(0, 1 - nx * nx - ny * ny));
			const flat = Math.sqrt(1 - HIGH * HIGH);
			const lit = Math.max(0, (nx * toLamp.x + ny * toLamp.y) * flat + nz * HIGH);
			const gleam = one.kind === 'keyhole' ? 0 : lit ** SHARP;
			for (let c = 0; c < 3; c++) {
				const colour = metal[c]! * (0.45 + 0.72 * lit) + 150 * gleam;
				pixels[i + c] = pixels[i + c]! + (colour - pixels[i + c]!) * cover;
			}
		});
	}
	function drawHole({ x, y, diameter }: SceneHardware['holes'][0]): void {
		const radius = Math.max(diameter / 2, 0.8 / scale);
		eachPixel(x - radius, y - radius, x + radius, y + radius, (i, px, py) => {
			const cover = Math.min(1, Math.max(0, 0.5 - (Math.hypot(px - x, py - y) - radius) * scale));
			for (let c = 0; c < 3; c++) pixels[i + c] = pixels[i + c]! + (HOLE[c]! - pixels[i + c]!) * cover;
		});
	}
	function shade(i: number, by: number): void {
		for (let c = 0; c < 3; c++) pixels[i + c] = pixels[i + c]! * by;
	}
	/** Pixels of a box (mm) that lie in the picture and on the piece: where their bytes begin, and their middle in mm. */
	function eachPixel(left: number, top: number, right: number, bottom: number, visit: (i: number, x: number, y: number) => void): void {
		for (let py = Math.max(0, Math.floor(top * scale)); py < Math.min(height, Math.ceil(bottom * scale)); py++)
			for (let px = Math.max(0, Math.floor(left * scale)); px < Math.min(width, Math.ceil(right * scale)); px++) {
				const i = 4 * (py * width + px);
				if (pixels[i + 3]! > 0) visit(i, (px + 0.5) / scale, (py + 0.5) / scale);
			}
	}
}

const STEP = 0.05;

/** Outwards along the edge, as steep as it is near to it. */
function slope(x: number, y: number, far: (x: number, y: number) => number, inset: number): readonly [number, number] {
	const [gx, gy] = [far(x + STEP, y) - far(x - STEP, y), far(x, y + STEP) - far(x, y - STEP)];
	const length = Math.hypot(gx, gy) || 1;
	return [(gx / length) * inset, (gy / length) * inset];
}
