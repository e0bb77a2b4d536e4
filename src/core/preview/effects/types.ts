import type { Planes } from '../planes';
import type { Scene, SceneLayer } from '../scene';

export interface Canvas {
	readonly scene: Scene;
	/** Pixels per mm. */
	readonly scale: number;
	/** See `mapSurfaces`. */
	readonly surfaces: Uint8Array;
}

/** Lays one layer over the planes, which it changes. */
export type Effect<Kind extends SceneLayer['kind']> = (planes: Planes, layer: Extract<SceneLayer, { kind: Kind }>, canvas: Canvas) => void;
