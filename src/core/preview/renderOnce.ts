import { createCanvas } from './effects/canvas';
import { layLayer } from './effects';
import { paintGround } from './effects/paintGround';
import { lightPicture } from './lightPicture';
import type { Light } from './lightPlanes';
import { createPlanes } from './planes';
import type { Picture } from './renderScene';
import type { Scene } from './scene';

/** A large picture once: no layer is kept, so that it takes the room of one. Yields how many layers are laid; between two, others may work. */
export function* renderOnce(scene: Scene, scale: number, steps: number, light?: Light): Generator<number, Picture> {
	const width = Math.max(1, Math.round(scene.width * scale));
	const height = Math.max(1, Math.round(scene.height * scale));
	const canvas = createCanvas(scene, scale, width, height);
	const planes = createPlanes(width, height);
	paintGround(planes, canvas);
	for (const [i, layer] of scene.layers.slice(0, steps).entries()) {
		layLayer(planes, layer, canvas);
		yield i + 1;
	}
	return { width, height, pixels: lightPicture(planes, canvas, steps, light) };
}
