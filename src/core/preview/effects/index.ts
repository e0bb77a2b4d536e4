import type { Planes } from '../planes';
import type { SceneLayer } from '../scene';
import { layBlend } from './layBlend';
import { layClear } from './layClear';
import { layPaint } from './layPaint';
import { layStencil } from './layStencil';
import type { Canvas, Effect } from './canvas';

/** Every effect. A new one is a new file and a line here. */
const EFFECTS: { readonly [Kind in SceneLayer['kind']]: Effect<Kind> } = {
	none: () => {},
	paint: layPaint,
	blend: layBlend,
	stencil: layStencil,
	clear: layClear
};

export function layLayer(planes: Planes, layer: SceneLayer, canvas: Canvas): void {
	(EFFECTS[layer.kind] as Effect<SceneLayer['kind']>)(planes, layer as never, canvas);
}
