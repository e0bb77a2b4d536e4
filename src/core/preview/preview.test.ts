import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Project } from '../project';
import { readProjectText } from '../formats';
import { newFiller, type Coat } from '../layers';
import { createPlanner, sourceOfScene } from '../plan';
import { createRenderer, describeScene, renderOnce, type Picture } from './index';

const read = readProjectText(readFileSync('tests/fixtures/reed-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
/** Most of these differ in a coat: what is the same is planned once. */
const planProject = createPlanner();
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
	const drawer = scene.fronts[2]!;
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

describe('what the new kinds of coats show', () => {
	const film = { wait: null, times: 1, thickness: 1, applicator: 'brush' as const, on: 'all' as const };
	const at = demo.finish.coats.findIndex(({ id }) => id === 'clear');
	const pictureWith = (coat: Coat | null, change: (project: Project) => Project = (project) => project) => {
		const project = change({ ...demo, finish: { ...demo.finish, coats: demo.finish.coats.slice(0, at).concat(coat ?? []) } });
		const made = sceneOf(project);
		return createRenderer().render(made, SCALE, made.layers.length);
	};
	const front = scene.fronts[2]!;
	const middle = [front.x + front.width / 2 + 37, front.y + 20] as const;
	const lightness = (picture: Picture, x: number, y: number) => hexAt(picture, x, y).reduce((sum, value) => sum + value, 0);
	const bare = createRenderer().render(scene, SCALE, 0);
	const plain = pictureWith(null);

	it('sanding to bare leaves the wood on its surfaces, and all else as it was', () => {
		const sanded = pictureWith({ kind: 'sand', id: 'strip', wait: null, on: ['drawer-2'], grit: 80, bare: true });
		expect(hexAt(sanded, ...middle)).toEqual(hexAt(bare, ...middle));
		const other = scene.fronts[1]!;
		expect(hexAt(sanded, other.x + 40, other.y + 40)).toEqual(hexAt(plain, other.x + 40, other.y + 40));
	});

	it('a part of something else looks it, and sanded bare it does again', () => {
		const of =
			(ground: 'metal' | 'old-paint' | 'solid-wood') =>
			(project: Project): Project => ({
				...project,
				piece: {
					...project.piece,
					faces: project.piece.faces.map((face) => (face.id === 'front' ? { ...face, grounds: { 'drawer-2': ground } } : face))
				}
			});
		const other = scene.fronts[1]!;
		const bareOf = (ground: 'metal' | 'old-paint' | 'solid-wood') => createRenderer().render(sceneOf(of(ground)(demo)), SCALE, 0);
		expect(hexAt(bareOf('metal'), ...middle)).not.toEqual(hexAt(bare, ...middle));
		expect(hexAt(bareOf('metal'), other.x + 40, other.y + 40)).toEqual(hexAt(bare, other.x + 40, other.y + 40));
		const strip = { kind: 'sand', id: 'strip', wait: null, on: ['drawer-2'], grit: 80, bare: true } as const;
		expect(hexAt(pictureWith({ ...strip, on: [...strip.on] }, of('metal')), ...middle)).toEqual(hexAt(bareOf('metal'), ...middle));
		expect(hexAt(pictureWith({ ...strip, on: [...strip.on] }, of('old-paint')), ...middle)).toEqual(hexAt(bareOf('solid-wood'), ...middle));
	});

	it('sanding to bare takes an old paint with it: wood, not the old colour', () => {
		const old = (project: Project): Project => ({
			...project,
			piece: { ...project.piece, faces: project.piece.faces.map((face) => ({ ...face, ground: 'old-paint' as const })) }
		});
		const sanded = pictureWith({ kind: 'sand', id: 'strip', wait: null, on: 'all', grit: 80, bare: true }, old);
		const wooden = pictureWith({ kind: 'sand', id: 'strip', wait: null, on: 'all', grit: 80, bare: true }, (project) => ({
			...project,
			piece: { ...project.piece, faces: project.piece.faces.map((face) => ({ ...face, ground: 'solid-wood' as const })) }
		}));
		expect(Buffer.compare(Buffer.from(sanded.pixels), Buffer.from(wooden.pixels))).toBe(0);
	});

	it('a tinted glaze is thin on the flat and dark in a hollow, a clear one neither', () => {
		const cabinet = readProjectText(readFileSync('demo/chart-cabinet.json', 'utf8'));
		if (!cabinet.ok) throw new Error('chart-cabinet');
		const until = cabinet.project.finish.coats.findIndex(({ id }) => id === 'base') + 1;
		const glaze: Coat = { kind: 'glaze', id: 'glaze', material: 'glaze-medium', ...film, colour: 'estuary', medium: 2 };
		const lay = (...more: Coat[]) => {
			const project = {
				...cabinet.project,
				finish: { ...cabinet.project.finish, coats: [...cabinet.project.finish.coats.slice(0, until), ...more] }
			};
			const made = sceneOf(project);
			return createRenderer().render(made, SCALE, made.layers.length);
		};
		const panel = planProject(cabinet.project).faces[0]!.parts.find(({ id }) => id === 'panel-1')!;
		const [flat, hollow] = [
			[panel.x - 30, panel.y + 200],
			[panel.x + 2, panel.y + 200]
		] as const;
		const [before, after] = [lay(), lay(glaze)];
		/** As a share: a hollow lies in the shadow of its edge too. */
		const darker = (x: number, y: number) => 1 - lightness(after, x, y) / lightness(before, x, y);
		expect(darker(...flat)).toBeGreaterThan(0.02);
		expect(darker(...hollow)).toBeGreaterThan(2 * darker(...flat));
		const clear = lay({ ...glaze, colour: null });
		expect(Math.abs(lightness(before, ...hollow) - lightness(clear, ...hollow))).toBeLessThan(40);
	});

	it('gilding wax lies along the edges, and through motifs on them alone', () => {
		const gild: Coat = { kind: 'gilding-wax', id: 'gild', material: 'gilding-wax', ...film, colour: 'sand-bar', catches: 'edges' };
		const changed = (picture: Picture, x: number, y: number) => differ(hexAt(picture, x, y), hexAt(plain, x, y));
		const edged = pictureWith(gild);
		const along = Array.from({ length: 30 }, (_, i) => changed(edged, front.x + 60 + 20 * i, front.y + 2));
		expect(along.filter((change) => change > 20).length).toBeGreaterThan(10);
		expect(changed(edged, ...middle)).toBe(0);
		const tops = pictureWith({ ...gild, catches: 'all', through: 'reeds' });
		const reed = planProject(demo).items.find(({ part }) => part === front.id)!;
		expect(changed(tops, front.x + reed.centre.x, front.y + reed.top + reed.height * 0.25)).toBeGreaterThan(5);
		expect(changed(tops, ...middle)).toBe(0);
		expect(changed(tops, front.x + 2, front.y + 2)).toBe(0);
	});

	it('a print in the colours of a zone has two tones: as the zone says, from below upwards', () => {
		const tone = {
			...demo.layout.zones[0]!,
			id: 'tone',
			field: { pattern: 'bands' as const, from: 'bottom' as const, stops: null },
			colours: ['estuary', 'hull-white'],
			softness: 0
		};
		const layout = { ...demo.layout, zones: [...demo.layout.zones, tone] };
		const stencil = { ...demo.finish.coats.find(({ id }) => id === 'stencil')!, id: 'toned', colour: { zone: 'tone' } } as Coat;
		const toned = pictureWith(stencil, (project) => ({ ...project, layout }));
		const reed = planProject(demo).items.find(({ part }) => part === front.id)!;
		const y = (share: number) => front.y + reed.top + share * reed.height;
		expect(lightness(toned, front.x + reed.centre.x, y(0.25))).toBeGreaterThan(lightness(toned, front.x + reed.centre.x, y(0.9)) + 100);
	});

	it('filler shows pale where the holes were, until paint covers it', () => {
		const holed = (project: Project): Project => ({
			...project,
			piece: {
				...project.piece,
				faces: project.piece.faces.map((face) =>
					face.hardware.kind === 'none' ? face : { ...face, hardware: { ...face.hardware, hole: '20', holes: { old: 'fill' as const } } }
				)
			},
			finish: { ...project.finish, coats: [newFiller(), ...project.finish.coats.slice(-2)] }
		});
		const made = sceneOf(holed(demo));
		const hole = planProject(holed(demo)).faces[0]!.whole.filled[0]!;
		const [open, filled] = [0, 1].map((steps) => createRenderer().render(made, SCALE, steps));
		expect(lightness(filled!, hole.x, hole.y)).toBeGreaterThan(lightness(open!, hole.x, hole.y) + 30);
		expect(hexAt(filled!, hole.x + 30, hole.y)).toEqual(hexAt(open!, hole.x + 30, hole.y));
	});
});
