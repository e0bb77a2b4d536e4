import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../formats';
import type { Coat } from '../layers';
import { planProject, sourceOfScene } from '../plan';
import type { Project } from '../project';
import { EFFECTS, type Effects } from './effects';
import type { Light } from './lightPlanes';
import type { Planes } from './planes';
import { linkLayers } from './describeScene';
import { createRenderer, describeScene, renderOnce, type Picture, type Scene, type SceneLayer } from './index';

const read = (file: string): Project => {
	const result = readProjectText(readFileSync(file, 'utf8'));
	if (!result.ok) throw new Error(file);
	return result.project;
};
const film = { wait: null, times: 1, thickness: 1, applicator: 'brush' as const, on: 'all' as const };
/** What asks round a pixel, one after another, so that what is wrong at the edge of a band would spread. */
const asking = (colour: string): readonly Coat[] => [
	{ kind: 'glaze', id: 'deep', material: 'glaze-medium', ...film, colour, medium: 2 },
	{ kind: 'gilding-wax', id: 'rubbed', material: 'gilding-wax', ...film, colour, catches: 'heights' },
	{ kind: 'gilding-wax', id: 'edged', material: 'gilding-wax', ...film, colour, catches: 'edges' }
];
const sceneOf = (file: string, upright = false): Scene => {
	const project = read(file);
	const asked = { ...project, finish: { ...project.finish, coats: [...project.finish.coats, ...asking(project.palette[1]!.id)] } };
	const scene = describeScene(sourceOfScene(asked, planProject(asked)));
	return upright ? { ...scene, grain: 'upright' } : scene;
};
const made = (scene: Scene, scale: number, rest: Parameters<typeof renderOnce>[3] = {}): Picture => {
	const making = renderOnce(scene, scale, scene.layers.length, rest);
	let next = making.next();
	while (!next.done) next = making.next();
	return next.value;
};
const isSamePicture = (a: Picture, b: Picture) => Buffer.compare(Buffer.from(a.pixels), Buffer.from(b.pixels)) === 0;
const GLEAM: Light = { angle: 40, rake: 1.5, gleam: 0.6 };

describe('a picture in bands is the one that is made whole', () => {
	it.each([
		['demo/sail-loft-chest.json', false],
		['demo/chart-cabinet.json', true],
		['demo/ferry-table.json', false],
		['demo/net-box.json', true]
	])('%s', (file, upright) => {
		const scene = sceneOf(file, upright);
		expect(scene.layers.map(({ kind }) => kind).slice(-3)).toEqual(['glaze', 'gild', 'gild']);
		const scale = 90 / Math.max(scene.width, scene.height);
		const renderer = createRenderer();
		renderer.render(scene, scale, scene.layers.length);
		for (const light of [undefined, GLEAM])
			for (const rows of [23, 41]) {
				const picture = made(scene, scale, { held: rows * Math.round(scene.width * scale), ...(light ? { light } : {}) });
				expect(isSamePicture(picture, renderer.light(scene.layers.length, light))).toBe(true);
			}
	});

	it('is made in many, and tells how far it is', () => {
		const scene = sceneOf('demo/net-box.json');
		const told = [...renderOnce(scene, 0.15, scene.layers.length, { held: 1 })];
		expect(told.length / scene.layers.length).toBeGreaterThan(3);
		expect(told).toEqual([...told].sort((a, b) => a - b));
		expect(told.at(-1)).toBe(scene.layers.length);
	});
});

describe('an effect that works in the coat over it', () => {
	const isCrack = (i: number) => i % 7 === 0;
	const copy = (to: Planes, from: Planes, at: (i: number) => boolean) => {
		for (let i = 0; i < to.gloss.length; i++) if (at(i)) to.rgb.set(from.rgb.subarray(3 * i, 3 * i + 3), 3 * i);
	};
	/** Clear coats crack what is laid on them, and show what lay under the clear; a wax shows what was there before a coat that it names. */
	const effects: Effects = {
		...EFFECTS,
		clear: {
			lay: EFFECTS.clear.lay,
			worksIn: (planes, { coat }, _over, { width }, before) => copy(planes, before(coat), (i) => isCrack(i % width))
		},
		glaze: { lay: (planes, layer, _canvas, before) => copy(planes, before(layer.shows![0]!), () => true), reach: 3 }
	};
	const paint = (coat: string, hex: string): SceneLayer => ({ kind: 'paint', coat, surfaces: [1], hex, cover: 1, sheen: 0, film: 20 });
	const clear: SceneLayer = { kind: 'clear', coat: 'size', surfaces: [1], sheen: 0.5, tint: null, isActive: true };
	const none: SceneLayer = { kind: 'none', coat: 'dust' };
	const steps = new Map<string, { liesOver: string[] }>([
		['under', { liesOver: [] }],
		['size', { liesOver: ['under'] }],
		['dust', { liesOver: ['under', 'size'] }],
		['over', { liesOver: ['under', 'size'] }],
		['last', { liesOver: ['under', 'size', 'over'] }]
	]);
	const layers = linkLayers([paint('under', '#802020'), clear, none, paint('over', '#208020'), paint('last', '#202080')], steps);
	const scene: Scene = {
		width: 60,
		height: 90,
		outline: null,
		fronts: [],
		gaps: [],
		ground: 'solid-wood',
		grounds: {},
		grain: 'level',
		seed: 3,
		hardware: [],
		layers
	};
	const hueAt = (picture: Picture, x: number) => {
		const [r, g, b] = picture.pixels.subarray(4 * (45 * picture.width + x)) as unknown as [number, number, number];
		return r > g && r > b ? 'red' : g > b ? 'green' : 'blue';
	};

	it('is linked to what is laid on it next, and to nothing after', () => {
		expect(layers.map(({ over }) => over)).toEqual([undefined, undefined, undefined, 'size', undefined]);
		expect(linkLayers([paint('under', '#802020')], steps)[0]).not.toHaveProperty('over');
	});

	it('shows what lay under it where that coat parts, in bands too; what comes after lies over all', () => {
		const renderer = createRenderer(effects);
		const cracked = renderer.render(scene, 1, 4);
		expect([...Array(14).keys()].map((x) => hueAt(cracked, x)).join()).toBe(
			[...Array(14).keys()].map((x) => (isCrack(x) ? 'red' : 'green')).join()
		);
		expect(hueAt(renderer.render(scene, 1, 5), 7)).toBe('blue');
		expect(isSamePicture(made(scene, 1, { effects, held: 1200 }), renderer.light(5))).toBe(true);
		expect(hueAt(createRenderer().render(scene, 1, 4), 7)).toBe('green');
	});

	it('may show what was there before any coat that it names, and only before such', () => {
		const worn: SceneLayer = { kind: 'glaze', coat: 'worn', surfaces: [1], hex: '#000000', cover: 0.2, sheen: 0, film: 2, shows: ['over'] };
		const whole = { ...scene, layers: [...layers, worn] };
		const picture = createRenderer(effects).render(whole, 1, 6);
		expect(hueAt(picture, 8)).toBe('red');
		expect(isSamePicture(made(whole, 1, { effects, held: 1200 }), picture)).toBe(true);
		const wrong = { ...whole, layers: [...layers, { ...worn, shows: ['gone'] }] };
		expect(() => createRenderer(effects).render(wrong, 1, 6)).toThrow('gone is named by a layer');
	});
});
