import { describe, expect, it } from 'vitest';
import { newBase, newClear, newMask, newPaste, newSand, newStencil, newStripe, newUnmask, type Coat } from '../layers';
import { ARRANGEMENTS, type Arrangement, type Motif } from '../layout';
import { startSettingOf } from '../layout/arrangements/testing';
import { planProject, sourceOfScene } from '../plan';
import { addCoat, newProject, type Project } from '../project';
import { createRenderer, describeScene } from './index';

const SCALE = 1;
const square: Motif = { id: 'square', name: 'Square', width: 100, height: 100, paths: [{ d: 'M0 0h100v100h-100z', rule: 'nonzero' }] };

/** A board of 400 x 300, bare or with what lies on it. */
function board(arrangements: Arrangement[], coats: Coat[]): Project {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const faces = begun.piece.faces
		.slice(0, 1)
		.map((face) => ({ ...face, id: 'front', outline: { shape: 'rectangle' as const }, width: '400', height: '300', parts: [], chain: [] }));
	return {
		...begun,
		piece: { ...begun.piece, faces, seams: [] },
		layout: { motifs: [square], zones: [], arrangements },
		finish: { coats, decisions: [] }
	};
}
const colours = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' }).palette.map(({ id }) => id);
const [dark, pale] = ['night-tide', 'gull'] as const;
const base = (id: string, colour: string): Coat => ({ ...newBase('all', colour, 'chalk-paint'), id, times: 2 });

function pictureOf(project: Project) {
	const plan = planProject(project);
	expect(plan.errors).toEqual([]);
	const scene = describeScene(sourceOfScene(project, plan));
	const { pixels, width } = createRenderer().render(scene, SCALE, scene.layers.length) as { pixels: Uint8ClampedArray; width: number };
	return (x: number, y: number) => {
		const at = 4 * (Math.round(y * SCALE) * width + Math.round(x * SCALE));
		return pixels[at]! + pixels[at + 1]! + pixels[at + 2]!;
	};
}

const stripes: Arrangement = {
	...ARRANGEMENTS.stripes.start(startSettingOf(null, ['front'])),
	widths: [40],
	gap: 40,
	school: 'measure',
	middle: 'stripe',
	sliver: 0
};
const single: Arrangement = { ...ARRANGEMENTS.single.start(startSettingOf(square, ['front'])), id: 'one' };

it('the palette has what is used here', () => expect(colours).toEqual(expect.arrayContaining([dark, pale])));

it('paste stands up: its rim is light to the lamp on one side and in shade on the other, its top is of its own colour', () => {
	const paste = { ...newPaste('one'), thickness: 1.5 };
	const flat = pictureOf(board([single], [base('base', dark)]));
	const at = pictureOf(board([single], [base('base', dark), paste]));
	expect(at(200, 150)).toBeGreaterThan(flat(200, 150) + 200);
	expect(at(60, 60)).toBe(flat(60, 60));
	const rim = (x: number) => Math.max(...[-1, 0, 1, 2].map((off) => at(x + off, 150)));
	const shade = (x: number) => Math.min(...[-1, 0, 1, 2].map((off) => at(x - off, 150)));
	expect(Math.abs(rim(151) - shade(249))).toBeGreaterThan(60);
});

describe('stripes in the picture', () => {
	const paint = { ...newStripe('a', dark, 'chalk-paint'), times: 2 };
	it('lie between their edges, crisp to the pixel; a dabbed edge fades over some of it', () => {
		const at = pictureOf(board([stripes], [base('base', pale), paint]));
		const [on, off] = [at(200, 150), at(160, 150)];
		expect(off - on).toBeGreaterThan(200);
		/** A stripe of 40 in the middle of 400: 180 to 220. */
		for (const y of [20, 150, 280]) {
			expect(Math.abs(at(182, y) - on)).toBeLessThan(60);
			expect(Math.abs(at(177, y) - off)).toBeLessThan(60);
		}
		const soft = pictureOf(board([stripes], [base('base', pale), { ...paint, edge: 'dabbed' }]));
		expect(soft(180, 150)).toBeGreaterThan(on + 40);
		expect(soft(180, 150)).toBeLessThan(off - 40);
	});

	it('of two colours each coat lays its own', () => {
		const rhythm = { ...stripes, widths: [40, 40] } as Arrangement;
		const at = pictureOf(board([rhythm], [base('base', pale), { ...paint, role: 'stripe-2' }]));
		expect(at(120, 150)).toBeLessThan(at(200, 150) - 200);
	});
});

describe('masks', () => {
	const over = base('over', dark);
	it('keep what follows off what they cover, until they are taken off', () => {
		const masked = board([single], [base('base', pale), { ...newMask('all'), through: 'one' }, over, newUnmask('mask')]);
		const at = pictureOf(masked);
		expect(at(200, 150) - at(60, 150)).toBeGreaterThan(200);
		const late = pictureOf(board([single], [base('base', pale), { ...newMask('all'), through: 'one' }, newUnmask('mask'), over]));
		expect(Math.abs(late(200, 150) - late(60, 150))).toBeLessThan(40);
	});

	it('take their share of the paint, and whole surfaces out of the coats between', () => {
		const areaOf = (coats: Coat[], colour: string) =>
			planProject(board([single], coats))
				.quantities.paints.filter((paint) => paint.colour === colour)
				.reduce((sum, { area }) => sum + area, 0);
		const mask = { ...newMask('all'), through: 'one' };
		expect(areaOf([base('base', pale), mask, { ...over, times: 1 } as Coat, newUnmask('mask')], dark)).toBeCloseTo(0.4 * 0.3 - 0.01, 6);
		expect(areaOf([base('base', pale), newMask('all'), { ...over, times: 1 } as Coat, newUnmask('mask')], dark)).toBe(0);
		const steps = planProject(board([single], [base('base', pale), newMask('all'), over, newUnmask('mask')])).order;
		expect(steps.map(({ surfaces }) => surfaces.length)).toEqual([1, 1, 0, 1]);
	});

	it('come with the step that takes them off, before what protects the piece', () => {
		const project = addCoat(board([single], [base('base', pale), newClear('all')]), newMask('all')).project;
		expect(project.finish.coats.map(({ id }) => id)).toEqual(['base', 'mask', 'unmask', 'clear']);
	});
});

describe('a print that is shaded', () => {
	const print = { ...newStencil('one', dark, 'chalk-paint'), times: 2, edge: 'crisp' as const };
	const lit = (more: object) =>
		pictureOf(board([{ ...single, scale: 2 } as Arrangement], [base('base', pale), { ...print, ...more } as Coat]));
	it('is of one colour at its tips and of another at its heart', () => {
		const [plain, shaded] = [lit({}), lit({ heart: pale })];
		expect(Math.abs(plain(200, 150) - plain(110, 60))).toBeLessThan(60);
		expect(shaded(200, 150) - shaded(110, 60)).toBeGreaterThan(200);
	});
	it('laid back goes only to its tips, or to its heart', () => {
		const [tips, heart, none] = [lit({ reach: 'tips' }), lit({ reach: 'heart' }), lit({})];
		expect(tips(200, 150) - tips(110, 60)).toBeGreaterThan(150);
		expect(heart(110, 60) - heart(200, 150)).toBeGreaterThan(150);
		expect(Math.abs(tips(110, 60) - none(110, 60))).toBeLessThan(60);
	});
	it('with a dry brush catches here and there', () => {
		const dry = lit({ dry: true });
		const seen = Array.from({ length: 150 }, (_, i) => dry(120 + i, 100));
		expect(Math.max(...seen) - Math.min(...seen)).toBeGreaterThan(80);
	});
});

it('paste that was painted over and is sanded back shows again, and only where it is sanded; burrs that are sanded before change nothing', () => {
	const paste = { ...newPaste('one'), thickness: 1.5 };
	const sand: Coat = { ...newSand('all'), id: 'back', through: 'one' };
	const mean = (at: ReturnType<typeof pictureOf>, x: number, y: number) => {
		let sum = 0;
		for (let dy = -20; dy <= 20; dy += 2) for (let dx = -20; dx <= 20; dx += 2) sum += at(x + dx, y + dy);
		return sum / 441;
	};
	const covered = pictureOf(board([single], [paste, base('base', dark)]));
	const sanded = pictureOf(board([single], [paste, base('base', dark), sand]));
	expect(mean(sanded, 200, 150)).toBeGreaterThan(mean(covered, 200, 150) + 100);
	expect(mean(sanded, 60, 60)).toBe(mean(covered, 60, 60));
	const burrs = pictureOf(board([single], [paste, sand, base('base', dark)]));
	expect(mean(burrs, 200, 150)).toBe(mean(covered, 200, 150));
});
