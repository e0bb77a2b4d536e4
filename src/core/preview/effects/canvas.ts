import type { Planes } from '../planes';
import { mapSurfaces } from '../regions';
import type { Scene, SceneLayer } from '../scene';
import { spansOf, type Spans } from '../spans';

export interface Canvas {
	readonly scene: Scene;
	/** Pixels per mm. */
	readonly scale: number;
	/** See `mapSurfaces`. */
	readonly surfaces: Uint8Array;
	/** The same, as level stretches. */
	readonly spans: Spans;
}

export function createCanvas(scene: Scene, scale: number, width: number, height: number): Canvas {
	const surfaces = mapSurfaces(scene, scale, width, height);
	return { scene, scale, surfaces, spans: spansOf(surfaces, width, height) };
}

/** Lays one layer over the planes, which it changes. */
export type Effect<Kind extends SceneLayer['kind']> = (planes: Planes, layer: Extract<SceneLayer, { kind: Kind }>, canvas: Canvas) => void;
