import { layLayer } from './effects';
import { paintGround } from './effects/paintGround';
import type { Canvas } from './effects/types';
import { lightPlanes } from './lightPlanes';
import { copyPlanes, createPlanes, type Planes } from './planes';
import { mapSurfaces } from './regions';
import type { Scene } from './scene';

export interface Picture {
	readonly width: number;
	readonly height: number;
	/** RGBA, four bytes a pixel. */
	readonly pixels: Uint8ClampedArray<ArrayBuffer>;
}

export interface Renderer {
	/**
	 * The scene after its first `steps` layers, at `scale` px per mm. `onLayer` is told how many layers are laid, and
	 * stops the work by returning false: the answer is then null, and what was laid is kept.
	 */
	render(scene: Scene, scale: number, steps: number, onLayer?: (laid: number, of: number) => boolean): Picture | null;
}

/**
 * Keeps the planes after every layer, so that a change redraws only what lies above it. Two scenes share a layer when
 * everything below it and the layer itself are equal. Source: methods 15.
 */
export function createRenderer(): Renderer {
	let cache: { readonly key: string; readonly layers: string[]; readonly planes: Planes[]; readonly canvas: Canvas } | null = null;

	return {
		render(scene, scale, steps, onLayer) {
			const width = Math.max(1, Math.round(scene.width * scale));
			const height = Math.max(1, Math.round(scene.height * scale));
			const key = JSON.stringify([scale, scene.width, scene.height, scene.fronts, scene.gaps, scene.ground, scene.seed]);
			if (cache?.key !== key) {
				const canvas: Canvas = { scene, scale, surfaces: mapSurfaces(scene, scale, width, height) };
				const ground = createPlanes(width, height);
				paintGround(ground, canvas);
				cache = { key, layers: [], planes: [ground], canvas };
			}
			const wanted = scene.layers.map((layer) => JSON.stringify(layer));
			const same = wanted.findIndex((layer, i) => layer !== cache!.layers[i]);
			const kept = same < 0 ? wanted.length : same;
			cache.layers.length = Math.min(cache.layers.length, kept);
			cache.planes.length = cache.layers.length + 1;
			for (let i = cache.layers.length; i < steps; i++) {
				if (onLayer?.(i, steps) === false) return null;
				const layer = scene.layers[i]!;
				const below = cache.planes[i]!;
				const planes = layer.kind === 'none' ? below : copyPlanes(below);
				layLayer(planes, layer, cache.canvas);
				cache.layers.push(wanted[i]!);
				cache.planes.push(planes);
			}
			return { width, height, pixels: lightPlanes(cache.planes[steps]!, scale) };
		}
	};
}
