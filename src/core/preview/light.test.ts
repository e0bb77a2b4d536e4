import { describe, expect, it } from 'vitest';
import { castShadows } from './castShadows';
import { drawHardware } from './drawHardware';
import { layGleam } from './layGleam';
import { WORKSHOP_LIGHT } from './lightPlanes';
import { createPlanes } from './planes';
import { mapSurfaces } from './regions';
import { OUTSIDE, type Scene, type SceneHardware } from './scene';

const [WIDTH, HEIGHT] = [120, 100];
const FRONT = { x: 30, y: 30, width: 60, height: 40 };
const sceneWith = (setOff: number): Scene => ({
	width: WIDTH,
	height: HEIGHT,
	outline: null,
	fronts: [{ id: 'p', ...FRONT, ring: null, setOff }],
	gaps: [],
	ground: 'veneer',
	grounds: {},
	grain: 'level',
	seed: 1,
	hardware: [],
	layers: []
});
const shadowsOf = (setOff: number, angle: number, scale = 1) => {
	const scene = sceneWith(setOff);
	const [width, height] = [WIDTH * scale, HEIGHT * scale];
	const map = castShadows(scene, mapSurfaces(scene, scale, width, height), scale, width, height, { angle, rake: 1 });
	return map && ((x: number, y: number) => map[Math.round(y * scale) * width + Math.round(x * scale)]! / 256);
};

describe('shadows', () => {
	it('lie in a recess along the edges nearest to the lamp, as deep as the recess asks for, and nowhere else', () => {
		const left = shadowsOf(-8, WORKSHOP_LIGHT.angle)!;
		expect(left(60, 32)).toBeLessThan(0.6);
		expect(left(32, 50)).toBeLessThan(0.7);
		expect(left(60, 50)).toBe(1);
		expect(left(60, 68)).toBe(1);
		expect(left(60, 28)).toBe(1);
	});
	it('fall beyond a proud part on the side away from the lamp', () => {
		const left = shadowsOf(8, WORKSHOP_LIGHT.angle)!;
		expect(left(60, 72)).toBeLessThan(0.6);
		expect(left(92, 60)).toBeLessThan(0.7);
		expect(left(60, 28)).toBe(1);
		expect(left(60, 50)).toBe(1);
	});
	it.each([
		[90, 60, 32, 60, 68],
		[270, 60, 68, 60, 32],
		[0, 88, 50, 32, 50],
		[180, 32, 50, 88, 50]
	])('turn with the lamp: from %i degrees', (angle, darkX, darkY, lightX, lightY) => {
		const left = shadowsOf(-8, angle)!;
		expect(left(darkX, darkY)).toBeLessThan(0.65);
		expect(left(lightX, lightY)).toBe(1);
	});
	it('are as long in mm at any size of the picture, 1.2 mm for each mm of depth', () => {
		for (const scale of [1, 3]) {
			const left = shadowsOf(-10, 90, scale)!;
			const lit = Array.from({ length: 40 }, (_, y) => left(60, 30 + y)).filter((share) => share < 0.99).length;
			expect(lit).toBeGreaterThan(9);
			expect(lit).toBeLessThan(14);
		}
	});
	it('are not worked out where all is level', () => expect(shadowsOf(0, 125)).toBeNull());
});

describe('hardware', () => {
	const knob: SceneHardware = { kind: 'knob', x: 40, y: 30, width: 30, height: 30, round: true, holes: [{ x: 55, y: 45, diameter: 5 }] };
	const draw = (mounted: boolean, one = knob, angle = 125) => {
		const pixels = new Uint8ClampedArray(WIDTH * HEIGHT * 4).fill(200);
		for (let i = 3; i < pixels.length; i += 4) pixels[i] = 255;
		drawHardware(pixels, WIDTH, HEIGHT, [one], 1, mounted, { angle, rake: 1 });
		return (x: number, y: number) => pixels[4 * (y * WIDTH + x)]!;
	};
	it('is a ball, lighter towards the lamp, with a shadow away from it', () => {
		const at = draw(true);
		expect(at(48, 37)).toBeGreaterThan(at(62, 54) + 60);
		expect(at(70, 56)).toBeLessThan(190);
		expect(at(36, 28)).toBe(200);
		expect(at(10, 90)).toBe(200);
	});
	it('turns with the lamp', () => {
		const at = draw(true, knob, 305);
		expect(at(62, 54)).toBeGreaterThan(at(48, 37) + 60);
	});
	it('leaves its holes where it is off, but a keyhole stays', () => {
		const off = draw(false);
		expect(off(55, 45)).toBeLessThan(60);
		expect(off(48, 37)).toBe(200);
		const keyhole = { ...knob, kind: 'keyhole' as const, holes: [] };
		expect(draw(false, keyhole)(55, 45)).toBeLessThan(60);
	});
	it('draws nothing beside the piece', () => {
		const pixels = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
		drawHardware(pixels, WIDTH, HEIGHT, [knob], 1, true);
		expect(pixels.every((value) => value === 0)).toBe(true);
	});
});

describe('the mirrored lamp', () => {
	const gleamAt = (gloss: number, at: number, outside = false) => {
		const planes = createPlanes(WIDTH, HEIGHT);
		planes.gloss.fill(gloss);
		const pixels = new Uint8ClampedArray(WIDTH * HEIGHT * 4).fill(100);
		layGleam(
			pixels,
			planes,
			{ width: WIDTH, height: HEIGHT, top: 0, surfaces: new Uint8Array(WIDTH * HEIGHT).fill(outside ? OUTSIDE : 1) },
			180,
			at
		);
		return (x: number) => pixels[4 * (50 * WIDTH + x)]!;
	};
	it('is seen on a glossy face where it is turned to, and hardly on a matte one', () => {
		const [glossy, matte] = [gleamAt(230, 0.9), gleamAt(20, 0.9)];
		expect(glossy(12)).toBeGreaterThan(200);
		expect(glossy(108)).toBeLessThan(105);
		expect(matte(12)).toBeLessThan(105);
		expect(gleamAt(230, 0.1)(108)).toBeGreaterThan(200);
	});
	it('leaves what is beside the face as it is', () => expect(gleamAt(255, 0.5, true)(60)).toBe(100));
});
