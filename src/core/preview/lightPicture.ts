import { castShadows } from './castShadows';
import { drawHardware } from './drawHardware';
import type { Canvas } from './effects/canvas';
import { layGleam } from './layGleam';
import { lightPlanes, WORKSHOP_LIGHT, type Light } from './lightPlanes';
import type { Planes } from './planes';
import type { Scene } from './scene';

/** Planes as they are seen after so many steps: in one light, with the shadows of what stands out, and the hardware that is on by then. RGBA, four bytes a pixel. */
export function lightPicture(planes: Planes, canvas: Canvas, steps: number, light: Light = WORKSHOP_LIGHT): Uint8ClampedArray<ArrayBuffer> {
	const pixels = lightRows(planes, canvas, shadowsOn(canvas, light), light);
	mountHardware(pixels, canvas, steps, light);
	return pixels;
}

/** How much light each pixel of a whole picture keeps; null: all of it. */
export function shadowsOn({ scene, surfaces, scale, width, height }: Canvas, light: Light): Uint16Array | null {
	return castShadows(scene, surfaces, scale, width, height, light);
}

/** The rows at hand in the light, without hardware. `shadows`: theirs. */
export function lightRows(planes: Planes, canvas: Canvas, shadows: Uint16Array | null, light: Light): Uint8ClampedArray<ArrayBuffer> {
	const pixels = lightPlanes(planes, canvas.scale, canvas.surfaces, light);
	if (shadows)
		for (let i = 0; i < shadows.length; i++) {
			const left = shadows[i]!;
			if (left === 256) continue;
			pixels[4 * i] = (pixels[4 * i]! * left) >> 8;
			pixels[4 * i + 1] = (pixels[4 * i + 1]! * left) >> 8;
			pixels[4 * i + 2] = (pixels[4 * i + 2]! * left) >> 8;
		}
	if (typeof light.gleam === 'number') layGleam(pixels, planes, canvas, light.angle, light.gleam);
	return pixels;
}

/** Draws what hardware is on after so many steps, or its holes, on a whole picture. */
export function mountHardware(pixels: Uint8ClampedArray, { scene, scale, width, height }: Canvas, steps: number, light: Light): void {
	drawHardware(pixels, width, height, scene.hardware, scale, isMounted(scene, steps), light);
}

/** On until it is taken off, and from then on as the last layer that had to do with it left it. */
function isMounted({ layers }: Scene, steps: number): boolean {
	const last = layers.slice(0, steps).findLast((layer) => layer.kind === 'none' && layer.hardware !== undefined);
	return last === undefined || (last.kind === 'none' && last.hardware === 'on');
}
