import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Project } from '../project';
import { readProjectText } from '../formats';
import { planProject, sourceOfScene } from '../plan';
import { createRenderer, describeScene, renderOnce, type Picture } from './index';

const read = readProjectText(readFileSync('demo/sail-loft-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
const sceneOf = (project: Project) => describeScene(sourceOfScene(project, planProject(project)));
const scene = sceneOf(demo);
const ALL = scene.layers.length;
const SCALE = 0.5;
const hexAt = (picture: Picture, xMm: number, yMm: number) =>
	[...picture.pixels.slice(4 * (Math.round(yMm * SCALE) * picture.width + Math.round(xMm * SCALE)))].slice(0, 3);
const differ = (a: number[], b: number[]) => Math.max(...a.map((v, i) => Math.abs(v - b[i]!)));
const bytes = (hex: string) => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
const colour = (id: string) => bytes(demo.palette.find((other) => other.id === id)!.hex);

const withStencil = (change: { colour?: string; edge?: 'crisp' | 'soft' }): typeof demo => ({
	...demo,
	finish: { ...demo.finish, coats: demo.finish.coats.map((coat) => (coat.kind === 'stencil' ? { ...coat, ...change } : coat)) }
});

describe('the look', () => {
	const renderer = createRenderer();
	const drawer = scene.fronts[1]!;
	const blend = demo.finish.coats.findIndex(({ kind }) => kind === 'blend') + 1;

	it('shows the base, then the field, then the stencil, each where it lies', () => {
		const base = renderer.render(scene, SCALE, blend - 1)!;
		expect(differ(hexAt(base, drawer.x + 300, drawer.y + 90), colour('estuary'))).toBeLessThan(40);
		const blended = renderer.render(scene, SCALE, blend)!;
		expect(differ(hexAt(blended, drawer.x + 4, drawer.y + 4), colour('estuary'))).toBeLessThan(40);
		expect(differ(hexAt(blended, drawer.x + 400, drawer.y + drawer.height / 2), colour('morning-flat'))).toBeLessThan(30);
		const stencilled = renderer.render(scene, SCALE, blend + 1)!;
		const placement = planProject(demo).items.find(({ part }) => part === drawer.id)!;
		const stem = [drawer.x + placement.centre.x, drawer.y + placement.top + placement.height * 0.25] as const;
		expect(differ(hexAt(stencilled, ...stem), colour('hull-white'))).toBeLessThan(60);
		expect(differ(hexAt(stencilled, ...stem), hexAt(blended, ...stem))).toBeGreaterThan(60);
		expect(hexAt(stencilled, drawer.x + 4, drawer.y + 4)).toEqual(hexAt(blended, drawer.x + 4, drawer.y + 4));
	});

	it('gives the same picture for the same seed, from the cache and afresh', () => {
		const cached = renderer.render(scene, SCALE, ALL)!;
		expect(Buffer.compare(Buffer.from(createRenderer().render(scene, SCALE, ALL)!.pixels), Buffer.from(cached.pixels))).toBe(0);
	});

	it('redraws only what lies above a change', () => {
		const fresh = createRenderer();
		fresh.render(scene, SCALE, ALL);
		fresh.layNext(sceneOf(withStencil({ colour: 'sand-bar' })), SCALE, ALL);
		expect(fresh.laid()).toBe(blend + 1);
	});

	it('works a layer at a time, so that it can be left off and taken up again', () => {
		const fresh = createRenderer();
		for (let i = 1; i <= 3; i++) {
			expect(fresh.layNext(scene, SCALE, ALL)).toBe(false);
			expect(fresh.laid()).toBe(i);
		}
		expect(() => fresh.light(5)).toThrow('needs that many layers');
		expect(
			Buffer.compare(Buffer.from(fresh.render(scene, SCALE, ALL).pixels), Buffer.from(renderer.render(scene, SCALE, ALL).pixels))
		).toBe(0);
	});

	it('makes a picture at once that is the same, and tells of every layer', () => {
		const making = renderOnce(scene, SCALE, ALL);
		const told: number[] = [];
		let next = making.next();
		for (; !next.done; next = making.next()) told.push(next.value);
		expect(told).toEqual(Array.from({ length: ALL }, (_, i) => i + 1));
		expect(Buffer.compare(Buffer.from(next.value.pixels), Buffer.from(renderer.render(scene, SCALE, ALL).pixels))).toBe(0);
	});

	it('keeps a soft edge softer than a crisp one, with the same paint in all', () => {
		const edge = (edge: 'crisp' | 'soft') => {
			const s = sceneOf(withStencil({ edge }));
			const [without, withIt] = [blend, blend + 1].map((steps) => createRenderer().render(s, 1, steps)!);
			let between = 0;
			for (let i = 0; i < withIt!.pixels.length; i += 4) {
				const d = Math.abs(withIt!.pixels[i]! - without!.pixels[i]!);
				if (d > 6 && d < 40) between++;
			}
			return between;
		};
		expect(edge('soft')).toBeGreaterThan(edge('crisp') * 1.3);
	});
});
