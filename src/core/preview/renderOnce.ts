import { EFFECTS, layLayer, namedBy, type Effects } from './effects';
import { bandOf, createCanvas } from './effects/canvas';
import { paintGround } from './effects/paintGround';
import { lightRows, mountHardware, shadowsOn } from './lightPicture';
import { WORKSHOP_LIGHT, type Light } from './lightPlanes';
import { copyPlanes, createPlanes, type Planes } from './planes';
import type { Picture } from './renderScene';
import type { Scene, SceneLayer } from './scene';

/** Pixels of planes that are held at once, all that is kept for later layers counted. */
const HELD = 6_000_000;

/**
 * A large picture once, in bands of rows: of what lies under only that is kept, for a band, which a later layer names. A band is laid with
 * as many rows more to both sides as its effects ask round a pixel, so that the picture is the same as if it were made whole.
 * Yields how many layers are laid, bands counted as shares; between two, others may work. `held`: pixels of planes at once.
 */
export function* renderOnce(
	scene: Scene,
	scale: number,
	steps: number,
	{ light = WORKSHOP_LIGHT, held = HELD, effects = EFFECTS }: { light?: Light; held?: number; effects?: Effects } = {}
): Generator<number, Picture> {
	const canvas = createCanvas(scene, scale);
	const { width, height } = canvas;
	const layers = scene.layers.slice(0, steps);
	const lastUse = lastUses(layers);
	/** Light falls by the rows next to each. */
	const beyond = 1 + layers.reduce((sum, { kind }) => sum + Math.ceil((effects[kind].reach ?? 0) * scale), 0);
	const rows = Math.max(beyond, Math.floor(held / ((1 + lastUse.size) * width)) - 2 * beyond, 1);
	const bands = Math.ceil(height / rows);
	const pixels = new Uint8ClampedArray(width * height * 4);
	const shadows = shadowsOn(canvas, light);
	for (let band = 0; band < bands; band++) {
		const [from, to] = [band * rows, Math.min(height, (band + 1) * rows)];
		const [top, bottom] = [Math.max(0, from - beyond), Math.min(height, to + beyond)];
		const at = bands === 1 ? canvas : bandOf(canvas, top, bottom);
		const planes = createPlanes(width, bottom - top, top);
		paintGround(planes, at);
		const kept = new Map<string, Planes>();
		for (const [i, layer] of layers.entries()) {
			if (lastUse.has(layer.coat)) kept.set(layer.coat, copyPlanes(planes));
			layLayer(planes, layer, at, (coat) => kept.get(coat)!, effects);
			for (const [coat, last] of lastUse) if (last === i) kept.delete(coat);
			yield (band * layers.length + i + 1) / bands;
		}
		const lit = lightRows(planes, at, shadows?.subarray(top * width, bottom * width) ?? null, light);
		pixels.set(lit.subarray((from - top) * width * 4, (to - top) * width * 4), from * width * 4);
	}
	mountHardware(pixels, canvas, steps, light);
	return { width, height, pixels };
}

/** For each coat that a layer names, the last one that does. */
function lastUses(layers: readonly SceneLayer[]): Map<string, number> {
	return new Map(layers.flatMap((layer, i) => namedBy(layer).map((coat) => [coat, i] as const)));
}
