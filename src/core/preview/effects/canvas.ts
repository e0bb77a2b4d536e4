import type { Mm } from '../../units';
import type { Planes } from '../planes';
import { mapSurfaces } from '../regions';
import type { Scene, SceneLayer } from '../scene';
import { spansOf, type Spans } from '../spans';

/** What a picture is made on, or a band of it: some of its rows, all across. */
export interface Canvas {
	readonly scene: Scene;
	/** Pixels per mm. */
	readonly scale: number;
	/** Of the whole picture, pixels. */
	readonly width: number;
	readonly height: number;
	/** The first of the rows at hand. */
	readonly top: number;
	/** See `mapSurfaces`. Of the rows at hand, as the planes are. */
	readonly surfaces: Uint8Array;
	/** The same, as level stretches. */
	readonly spans: Spans;
}

/** The canvas of a whole picture, `scale` px per mm. */
export function createCanvas(scene: Scene, scale: number): Canvas {
	const width = Math.max(1, Math.round(scene.width * scale));
	const height = Math.max(1, Math.round(scene.height * scale));
	const surfaces = mapSurfaces(scene, scale, width, height);
	return { scene, scale, width, height, top: 0, surfaces, spans: spansOf(surfaces, width, height) };
}

/** Of a whole picture the rows from `top` on, `bottom` not among them. */
export function bandOf(whole: Canvas, top: number, bottom: number): Canvas {
	const { width } = whole;
	const surfaces = whole.surfaces.subarray(top * width, bottom * width);
	return { ...whole, top, surfaces, spans: spansOf(surfaces, width, bottom - top) };
}

/** What was there before a coat was begun. */
export type PlanesBefore = (coat: string) => Planes;

/** Lays one layer over the planes, which it changes. Of coats that the layer names in `shows`, and of its own, it may ask what was there before. */
export type Effect<Kind extends SceneLayer['kind']> = (
	planes: Planes,
	layer: Extract<SceneLayer, { kind: Kind }>,
	canvas: Canvas,
	before: PlanesBefore
) => void;

export interface EffectOf<Kind extends SceneLayer['kind']> {
	readonly lay: Effect<Kind>;
	/** How far round a pixel it asks what is there, mm. None: it looks at the pixel alone. */
	readonly reach?: Mm;
	/** What it does to a coat over it, when that has been laid: of its own coat and of that one it may ask what was there before. */
	readonly worksIn?: (
		planes: Planes,
		layer: Extract<SceneLayer, { kind: Kind }>,
		over: SceneLayer,
		canvas: Canvas,
		before: PlanesBefore
	) => void;
}
