import { createPlanes } from '../planes';
import { eachSpan } from './eachSpan';
import { paintGround } from './paintGround';
import type { Effect } from './canvas';

/** Sanded down to the bare ground: all that was laid there is gone, as is an old finish. */
export const layBare: Effect<'bare'> = (planes, layer, canvas) => {
	const ground = createPlanes(planes.width, planes.height, planes.top);
	paintGround(ground, { ...canvas, scene: { ...canvas.scene, ground: layer.ground, grounds: layer.grounds } });
	eachSpan(planes, layer.surfaces, canvas, (start, count) => {
		planes.rgb.set(ground.rgb.subarray(start * 3, (start + count) * 3), start * 3);
		for (const plane of ['relief', 'gloss', 'wear'] as const) planes[plane].set(ground[plane].subarray(start, start + count), start);
	});
};
