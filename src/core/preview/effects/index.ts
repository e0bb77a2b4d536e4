import type { Planes } from '../planes';
import type { SceneLayer } from '../scene';
import { layBare } from './layBare';
import { layBlend } from './layBlend';
import { layClear } from './layClear';
import { layGild, LINE } from './layGild';
import { layGlaze } from './layGlaze';
import { layPaint } from './layPaint';
import { layRelief } from './layRelief';
import { layStencil } from './layStencil';
import { layExcept, layThrough } from './layThrough';
import { REACH } from './reliefMaps';
import type { Canvas, EffectOf, PlanesBefore } from './canvas';

export type Effects = { readonly [Kind in SceneLayer['kind']]: EffectOf<Kind> };

/** Every effect. A new one is a new file and a line here. */
export const EFFECTS: Effects = {
	none: { lay: () => {} },
	bare: { lay: layBare },
	paint: { lay: layPaint },
	blend: { lay: layBlend },
	stencil: { lay: layStencil },
	relief: { lay: layRelief },
	clear: { lay: layClear },
	glaze: { lay: layGlaze, reach: REACH },
	gild: { lay: layGild, reach: Math.max(REACH, LINE) }
};

type AnyEffect = EffectOf<SceneLayer['kind']>;

/**
 * Lays one layer over the planes; one that goes through motifs, only where they are open. Then what lies under it and works in what is
 * laid over it has its turn. `before`: what was there before the coats that the layer names (see `namedBy`).
 */
export function layLayer(planes: Planes, layer: SceneLayer, canvas: Canvas, before: PlanesBefore, effects: Effects = EFFECTS): void {
	const { lay } = effects[layer.kind] as AnyEffect;
	const layOnto = (onto: Planes, on: Canvas) => lay(onto, layer as never, on, before);
	const layAll = (onto: Planes) =>
		'through' in layer && layer.through ? layThrough(onto, layer.through, canvas, layOnto) : layOnto(onto, canvas);
	if (layer.except && layer.kind !== 'none') layExcept(planes, layer.except, canvas, layAll);
	else layAll(planes);
	const under = layer.over === undefined ? undefined : canvas.scene.layers.find(({ coat }) => coat === layer.over);
	if (under) (effects[under.kind] as AnyEffect).worksIn?.(planes, under as never, layer, canvas, before);
}

/** Coats of which a layer asks what was there before them. */
export function namedBy({ coat, over, shows = [] }: SceneLayer): readonly string[] {
	return over === undefined ? shows : [...shows, over, coat];
}
