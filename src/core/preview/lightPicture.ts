import { castShadows } from './castShadows';
import { drawHardware } from './drawHardware';
import type { Canvas } from './effects/canvas';
import { layGleam } from './layGleam';
import { lightPlanes, WORKSHOP_LIGHT, type Light } from './lightPlanes';
import type { Planes } from './planes';
import type { Scene } from './scene';

/** Planes as they are seen after so many steps: in one light, with the shadows of what stands out, and the hardware that is on by then. RGBA, four bytes a pixel. */
export function lightPicture(
	planes: Planes,
	{ scene, surfaces, scale }: Canvas,
	steps: number,
	light: Light = WORKSHOP_LIGHT
): Uint8ClampedArray<ArrayBuffer> {
	const { width, height } = planes;
	const pixels = lightPlanes(planes, scale, surfaces, light);
	const shadows = castShadows(scene, surfaces, scale, width, height, light);
	if (shadows)
		for (let i = 0; i < shadows.length; i++) {
			const left = shadows[i]!;
			if (left === 256) continue;
			pixels[4 * i] = (pixels[4 * i]! * left) >> 8;
			pixels[4 * i + 1] = (pixels[4 * i + 1]! * left) >> 8;
			pixels[4 * i + 2] = (pixels[4 * i + 2]! * left) >> 8;
		}
	if (typeof light.gleam === 'number') layGleam(pixels, planes, surfaces, light.angle, light.gleam);
	drawHardware(pixels, width, height, scene.hardware, scale, isMounted(scene, steps), light);
	return pixels;
}

/** On until it is taken off, and from then on as the last layer that had to do with it left it. */
function isMounted({ layers }: Scene, steps: number): boolean {
	const last = layers.slice(0, steps).findLast((layer) => layer.kind === 'none' && layer.hardware !== undefined);
	return last === undefined || (last.kind === 'none' && last.hardware === 'on');
}
