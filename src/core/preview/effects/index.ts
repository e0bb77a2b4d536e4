import type { Planes } from '../planes';
import type { SceneLayer } from '../scene';
import { layBare } from './layBare';
import { layBlend } from './layBlend';
import { layClear } from './layClear';
import { layGild } from './layGild';
import { layGlaze } from './layGlaze';
import { layPaint } from './layPaint';
import { layRelief } from './layRelief';
import { layStencil } from './layStencil';
import { layExcept, layThrough } from './layThrough';
import type { Canvas, Effect } from './canvas';

/** Every effect. A new one is a new file and a line here. */
const EFFECTS: { readonly [Kind in SceneLayer['kind']]: Effect<Kind> } = {
	none: () => {},
	bare: layBare,
	paint: layPaint,
	blend: layBlend,
	stencil: layStencil,
	relief: layRelief,
	clear: layClear,
	glaze: layGlaze,
	gild: layGild
};

/** Lays one layer over the planes; one that goes through motifs, only where they are open. */
export function layLayer(planes: Planes, layer: SceneLayer, canvas: Canvas): void {
	const lay = (onto: Planes, on: Canvas) => (EFFECTS[layer.kind] as Effect<SceneLayer['kind']>)(onto, layer as never, on);
	const layAll = (onto: Planes) => ('through' in layer && layer.through ? layThrough(onto, layer.through, canvas, lay) : lay(onto, canvas));
	if (layer.except && layer.kind !== 'none') layExcept(planes, layer.except, canvas, layAll);
	else layAll(planes);
}
