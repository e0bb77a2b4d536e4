import type { Planes } from '../planes';
import { cloudNoise, noiseTile, strokeNoise } from '../grain';
import { bytesOfHex, type Bytes } from './coverTable';
import type { Canvas } from './types';

const WOODS: Readonly<Record<string, readonly [light: string, dark: string]>> = {
	'solid-wood': ['#c9a377', '#9b7248'],
	veneer: ['#c7a677', '#a07c4f'],
	'pressed-board': ['#b79c78', '#a58a66'],
	laminate: ['#e6e2d9', '#dcd7cc'],
	'old-paint': ['#cfc9ba', '#c2bbab']
};
const GAP = bytesOfHex('#221d19');
/** Height of fronts and frame over the bottom of a gap, micrometres: what makes an edge catch the light. */
const RAISED = 1600;

/** The bare piece: wood with its grain along the fronts, frame and gaps. */
export function paintGround(planes: Planes, { scene, surfaces, scale }: Canvas): void {
	const [light, dark] = (WOODS[scene.ground] ?? WOODS['solid-wood']!).map(bytesOfHex) as unknown as [Bytes, Bytes];
	const tile = noiseTile(scene.seed);
	const stretch = Math.max(4, Math.round(Math.log2(40 * scale)) + 1);
	const band = Math.max(2, stretch - 2);
	const { rgb, relief, gloss, wear } = planes;
	for (let y = 0, i = 0; y < planes.height; y++) {
		for (let x = 0; x < planes.width; x++, i++) {
			const surface = surfaces[i]!;
			const at = i * 3;
			if (surface === 0) {
				rgb[at] = GAP[0];
				rgb[at + 1] = GAP[1];
				rgb[at + 2] = GAP[2];
				continue;
			}
			const shifted = x + surface * 977;
			const fibre = strokeNoise(tile, shifted, y, stretch) / 255;
			const figure = cloudNoise(tile, shifted >> 2, y + surface * 131, band) / 255;
			const t = 0.45 * fibre + 0.55 * figure;
			rgb[at] = light[0] + (dark[0] - light[0]) * t;
			rgb[at + 1] = light[1] + (dark[1] - light[1]) * t;
			rgb[at + 2] = light[2] + (dark[2] - light[2]) * t;
			relief[i] = RAISED + 30 * fibre;
			gloss[i] = 26;
			wear[i] = 20;
		}
	}
}
