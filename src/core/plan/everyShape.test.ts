import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../formats';
import { alongTrack, type Track } from '../geometry';
import { FIRST_LINE, trackOfDrawn, type Run } from '../layout';
import { KINDS, type Coat, type CoatKind } from '../layers';
import { STARTERS } from '../piece';
import { createRenderer, describeScene } from '../preview';
import { addArrangement, addCoat, addZone, newProject, type Project } from '../project';
import { drawPlain, layStepBoard, listDecoration, listSurfaces, planProject, sourceOfScene } from './index';

const DEMOS = ['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'];
const motif = { id: 'dot', name: 'Dot', width: 20, height: 20, paths: [{ d: 'M0 0H20V20H0Z', rule: 'nonzero' as const }] };

function demo(name: string): Project {
	const read = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
	if (!read.ok) throw new Error(name);
	return read.project;
}

/** A piece with a zone, a motif on its fronts, and every kind of coat in every way that it is begun, each where it belongs. */
function withEveryKind(project: Project): Project {
	const zoned = addZone(
		project,
		project.palette.map(({ id }) => id)
	).project;
	const laid = addArrangement({
		project: addArrangement({ project: zoned, motif: motif as never, kind: 'single' }).project,
		motif: null,
		kind: 'stripes'
	}).project;
	const context = {
		colours: laid.palette.map(({ id }) => id),
		zones: laid.layout.zones,
		arrangements: laid.layout.arrangements,
		paint: 'chalk-paint',
		hasHoles: true,
		masks: ['mask']
	};
	const starts = Object.values(KINDS).flatMap((kind) => (kind as unknown as CoatKind<Coat>).starts(context));
	return starts.reduce((next, { coat }) => addCoat(next, coat).project, laid);
}

/** Readings that nobody took stay a guess: the plan is one all the same. */
const PIECES = [
	...STARTERS.map(({ id }) => [id, newProject({ name: 'Try', units: 'mm', count: null, shape: id })] as const),
	['a chest in inches', newProject({ name: 'Try', units: 'in', count: 3, shape: 'chest' })] as const,
	['a free board in inches', newProject({ name: 'Try', units: 'in', count: null, shape: 'free-board' })] as const,
	...DEMOS.map((name) => [name, demo(name)] as const)
];

it.each(PIECES)('a row along a drawn line lies on it, turned as it runs, whatever the shape: %s', (_name, project) => {
	const laid = addArrangement({ project, motif: motif as never, kind: 'run' }).project;
	const row = laid.layout.arrangements.at(-1) as Run;
	const parts = laid.piece.faces.slice(0, 1).map(({ id }) => id);
	const scale = { least: 0.2, most: 20, wish: row.scale.wish };
	const drawn: Run = { ...row, parts, scale, ends: 'free', line: FIRST_LINE };
	const own = { ...laid, layout: { ...laid.layout, arrangements: laid.layout.arrangements.with(-1, drawn) } };
	const plan = planProject(own);
	const items = plan.items.filter(({ arrangement }) => arrangement === row.id);
	const { whole } = plan.faces[0]!;
	expect(items.length).toBeGreaterThan(1);
	const track = trackOfDrawn(FIRST_LINE, whole)!;
	for (const { centre, turn, part } of items) {
		expect(part).toBe(whole.id);
		const near = nearestOnTrack(track, centre);
		expect(near.apart).toBeLessThan(0.01);
		expect(Math.cos((turn * Math.PI) / 180 - near.heading)).toBeGreaterThan(0.9999);
	}
});

/** Step by step, then finer where it was nearest. */
function nearestOnTrack(track: Track, { x, y }: { x: number; y: number }) {
	const STEPS = 400;
	const nearest = (from: number, to: number) => {
		let best = { at: from, apart: Infinity, heading: 0 };
		for (let i = 0; i <= STEPS; i++) {
			const at = from + (i / STEPS) * (to - from);
			const on = alongTrack(track, at);
			const apart = Math.hypot(on.x - x, on.y - y);
			if (apart < best.apart) best = { at, apart, heading: on.heading };
		}
		return best;
	};
	const { at } = nearest(0, track.length);
	return nearest(at - track.length / STEPS, at + track.length / STEPS);
}

it.each(PIECES)('every kind of coat is planned, counted, timed and drawn on %s', (_name, project) => {
	const whole = withEveryKind(project);
	const plan = planProject(whole);
	expect(plan.errors.filter(({ path }) => path.startsWith('finish'))).toEqual([]);
	expect(plan.order).toHaveLength(whole.finish.coats.length);
	for (const { work, beginsAt, doneAt, waitBefore } of plan.order) {
		expect([work, beginsAt, doneAt, waitBefore].every((minutes) => Number.isFinite(minutes) && minutes >= 0)).toBe(true);
		expect(doneAt).toBeGreaterThanOrEqual(beginsAt);
	}
	for (const { ml, area } of [...plan.quantities.paints, ...plan.quantities.products])
		expect(Number.isFinite(ml) && ml >= 0 && area >= 0).toBe(true);
	const surfaces = new Set(plan.quantities.surfaces.map(({ surface }) => surface));
	for (const { where, remedies, rule } of plan.findings) {
		expect(where.length, rule).toBeGreaterThan(0);
		expect(where.every((surface) => surfaces.size === 0 || surfaces.has(surface))).toBe(true);
		expect(remedies.length, rule).toBeGreaterThan(0);
	}
	expect(new Set(plan.order.map(({ label }) => label)).size).toBe(plan.order.length);
	for (const { id } of listSurfaces(plan)) {
		const board = layStepBoard(plan.order, id);
		expect(board.every(({ height }) => Number.isFinite(height) && height >= 0)).toBe(true);
	}
	for (const { number, where, steps } of listDecoration(whole, plan)) {
		expect(steps.length, `balloon ${number}`).toBeGreaterThan(0);
		expect(where === '').toBe(plan.faces.every(({ idle }) => idle));
	}
	for (const face of plan.faces)
		for (const { hex } of drawPlain(whole, plan, face.id, plan.order.length)) expect(hex).toMatch(/^#[0-9a-f]{6}$/);
	const scene = describeScene(sourceOfScene(whole, plan));
	const picture = createRenderer().render(scene, 60 / Math.max(scene.width, scene.height), scene.layers.length);
	expect(picture.pixels.some((byte, i) => i % 4 === 3 && byte === 255)).toBe(true);
});
