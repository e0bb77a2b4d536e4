import { EFFECTS, layLayer, type Effects } from './effects';
import { paintGround } from './effects/paintGround';
import { createCanvas, type Canvas, type PlanesBefore } from './effects/canvas';
import { lightPicture } from './lightPicture';
import type { Light } from './lightPlanes';
import { copyPlanes, createPlanes, type Planes } from './planes';
import { isSame } from '../units';
import type { Scene, SceneLayer } from './scene';

export interface Picture {
	readonly width: number;
	readonly height: number;
	/** RGBA, four bytes a pixel. */
	readonly pixels: Uint8ClampedArray<ArrayBuffer>;
}

export interface Renderer {
	/** Lays one more layer of the first `steps`, at `scale` px per mm; true when none is left. Between two calls others may work. */
	layNext(scene: Scene, scale: number, steps: number): boolean;
	/** How many layers of the scene last laid are ready. */
	laid(): number;
	/** The scene after its first `steps` layers, which must be laid, in the light. */
	light(steps: number, light?: Light): Picture;
	/** All at once. */
	render(scene: Scene, scale: number, steps: number): Picture;
}

/**
 * Keeps the planes after every layer, so that a change redraws only what lies above it. Two scenes share a layer when
 * everything below it and the layer itself are equal. Source: methods 15.
 */
export function createRenderer(effects: Effects = EFFECTS): Renderer {
	let cache: Cache | null = null;

	const renderer: Renderer = {
		layNext(scene, scale, steps) {
			cache = keepWhatIsSame(cache, scene, scale);
			cache.canvas = { ...cache.canvas, scene };
			const i = cache.layers.length;
			if (i >= steps) return true;
			const layer = scene.layers[i]!;
			const below = cache.planes[i]!;
			const planes = layer.kind === 'none' ? below : copyPlanes(below);
			layLayer(planes, layer, cache.canvas, planesBefore(cache), effects);
			cache.layers.push(layer);
			cache.planes.push(planes);
			return i + 1 >= steps;
		},
		laid: () => cache?.layers.length ?? 0,
		light(steps, light) {
			const planes = cache?.planes[steps];
			if (!cache || !planes)
				throw new RangeError(`light(${steps}) needs that many layers, ${renderer.laid()} are laid: call layNext first`);
			return { width: planes.width, height: planes.height, pixels: lightPicture(planes, cache.canvas, steps, light) };
		},
		render(scene, scale, steps) {
			while (!renderer.layNext(scene, scale, steps)) continue;
			return renderer.light(steps);
		}
	};
	return renderer;
}

interface Cache {
	readonly scale: number;
	readonly layers: SceneLayer[];
	readonly planes: Planes[];
	canvas: Canvas;
}

/** What every layer of a scene hangs on. */
const FRAME_FIELDS = [
	'width',
	'height',
	'outline',
	'fronts',
	'gaps',
	'ground',
	'grain',
	'seed'
] as const satisfies readonly (keyof Scene)[];

/** What was there before a coat that is laid, or is being laid. */
function planesBefore({ layers, planes, canvas }: Cache): PlanesBefore {
	return (coat) => {
		const at = canvas.scene.layers.findIndex((layer) => layer.coat === coat);
		const before = at < 0 || at > layers.length ? undefined : planes[at];
		if (!before) throw new RangeError(`${coat} is named by a layer and not laid under it`);
		return before;
	};
}

function keepWhatIsSame(cache: Cache | null, scene: Scene, scale: number): Cache {
	const hasSameFrame = (before: Scene) => FRAME_FIELDS.every((field) => isSame(before[field], scene[field]));
	if (cache === null || cache.scale !== scale || !hasSameFrame(cache.canvas.scene)) return startCache(scene, scale);
	const firstChange = cache.layers.findIndex((layer, i) => !isSame(layer, scene.layers[i]));
	if (firstChange >= 0) {
		cache.layers.length = firstChange;
		cache.planes.length = firstChange + 1;
	}
	/** The newest objects are kept: a part that is passed on untouched is the same one the next time. */
	cache.layers.forEach((_, i) => (cache.layers[i] = scene.layers[i]!));
	return cache;
}

function startCache(scene: Scene, scale: number): Cache {
	const canvas = createCanvas(scene, scale);
	const ground = createPlanes(canvas.width, canvas.height);
	paintGround(ground, canvas);
	return { scale, layers: [], planes: [ground], canvas };
}
