import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Project } from '../project';
import { readProjectText } from '../formats';
import type { Coat } from '../layers';
import type { Zone } from '../layout';
import { createPlanner } from '../plan';

const read = readProjectText(readFileSync('tests/fixtures/reed-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
/** One for all: zones that stay as they are are not laid again. */
const planProject = createPlanner();

const withZone = (change: Partial<Zone>, project = demo): Project => ({
	...project,
	layout: { ...project.layout, zones: [{ ...project.layout.zones[0]!, ...change }] }
});
const withCoat = (change: object, project = demo): Project => ({
	...project,
	finish: {
		...project.finish,
		coats: project.finish.coats.map((coat) => (coat.kind === 'blend' ? ({ ...coat, ...change } as Coat) : coat))
	}
});

describe('the work of a blended coat', () => {
	const workOf = (project: Project) => planProject(project).blends[0]!;

	it('covers every front once, each section within the open time, and adds up to the paint of a pass', () => {
		const work = workOf(demo);
		expect(work.sections.flatMap(({ parts }) => parts)).toEqual(['drawer-1', 'drawer-2', 'drawer-3', 'drawer-4']);
		for (const { minutes, area } of work.sections) {
			expect(minutes).toBeLessThanOrEqual(work.open!);
			expect(minutes).toBeCloseTo(area / work.rate, 9);
		}
		const ml = planProject(demo).quantities.paints.flatMap(({ uses }) => uses.filter(({ coat }) => coat === work.coat));
		expect(work.sections.reduce((sum, section) => sum + section.ml, 0) * work.passes).toBeCloseTo(
			ml.reduce((sum, use) => sum + use.ml, 0),
			6
		);
	});

	it('a school changes its time, its film and its steps; one that need not stay wet is one section', () => {
		const dragged = planProject(withCoat({ method: 'dry-drag' }));
		const feathered = planProject(demo);
		expect(dragged.blends[0]).toMatchObject({ open: null, holds: null });
		expect(dragged.blends[0]!.sections).toHaveLength(1);
		const step = (plan: typeof dragged) => plan.order.find(({ kind }) => kind === 'blend')!;
		expect(step(dragged).film).toBeLessThan(step(feathered).film);
		expect(step(dragged).how).not.toEqual(step(feathered).how);
		const rested = step(planProject(withCoat({ method: 'loaded-brush' })));
		expect(rested.between).toBeCloseTo(720, 9);
		expect(rested.doneAt - rested.beginsAt).toBeCloseTo(720 + rested.work, 9);
		expect(step(planProject(withCoat({ drawers: 'out' }))).how[0]).toMatch(/^Take drawers and doors out/);
	});

	it.each(['mist-and-feather', 'glaze-slip', 'loaded-brush', 'running-colour', 'sponge-on-sponge'] as const)(
		'%s, on fronts of any size: what is offered cures, makes nothing else too large, and an extender stays within its label',
		(method) => {
			let offered = 0;
			for (const parts of [['front'], ['left', 'drawer-1'], ['drawer-4', 'front', 'top']])
				for (const temperature of [12, 20, 33]) {
					const large = withCoat({ method }, withZone({ parts }, { ...demo, workshop: { temperature, humidity: 40 } }));
					const before = workOf(large).tooLarge;
					for (const { part, remedies } of before)
						for (const { coat } of remedies) {
							offered++;
							const after = workOf(withCoat(coat, large)).tooLarge.map((one) => one.part);
							expect(after).not.toContain(part);
							expect(before.map((one) => one.part)).toEqual(expect.arrayContaining(after));
							const { extender, hands } = coat as { extender?: number; hands?: number };
							expect(extender ?? 10).toBeGreaterThanOrEqual(10);
							expect(extender ?? 10).toBeLessThanOrEqual(20);
							expect(hands ?? 1).toBeLessThanOrEqual(4);
						}
				}
			expect(offered).toBeGreaterThan(3);
		}
	);

	it('no more than four are ever sent to one front', () => {
		const huge = withCoat(
			{ method: 'glaze-slip', hands: 4, extender: 20 },
			withZone({ parts: ['front'] }, { ...demo, workshop: { temperature: 35, humidity: 10 } })
		);
		const { tooLarge } = workOf(huge);
		for (const { remedies } of tooLarge)
			for (const { coat } of remedies) expect((coat as { hands?: number }).hands ?? 1).toBeLessThanOrEqual(4);
		expect(tooLarge.every(({ remedies }) => remedies.every(({ says }) => !says.includes('extender')))).toBe(true);
	});

	it('two pairs of hands do twice as much in the same time; a crisp zone, or paint that does not set, binds nothing', () => {
		const [one, two] = [planProject(demo), planProject(withCoat({ hands: 2 }))].map((plan) => plan.blends[0]!);
		expect(two!.rate).toBeCloseTo(2 * one!.rate, 9);
		expect([two!.open, two!.holds]).toEqual([expect.closeTo(one!.open!, 9), expect.closeTo(2 * one!.holds!, 9)]);
		expect(two!.minutes).toBeCloseTo(one!.minutes / 2, 9);
		expect(planProject(withCoat({ extender: 15 })).blends[0]!.open).toBeCloseTo(one!.open! + 15, 9);
		expect(planProject(withZone({ softness: 0 })).blends[0]).toMatchObject({ open: null, holds: null });
	});

	it.each(['bottom', 'top', 'left', 'right'] as const)(
		'bands from the %s are cut in the middle of a band, across the way that they run',
		(from) => {
			const stops = [0.2, 0.6];
			const large = withZone(
				{ parts: ['front'], over: 'each', field: { pattern: 'bands', from, stops }, colours: ['estuary', 'slack-water', 'hull-white'] },
				{ ...demo, workshop: { temperature: 33, humidity: 30 } }
			);
			const { sections } = planProject(large).blends[0]!;
			const isLevel = from === 'bottom' || from === 'top';
			const length = isLevel ? 940 : 860;
			const middles = [0.1, 0.4, 0.8].map((share) => (from === 'bottom' || from === 'right' ? 1 - share : share) * length);
			const cuts = sections.flatMap(({ stretch }) => (stretch && stretch.to < length - 1e-6 ? [stretch.to] : []));
			expect(cuts.length).toBeGreaterThan(0);
			for (const cut of cuts) expect(Math.min(...middles.map((middle) => Math.abs(middle - cut)))).toBeLessThan(0.5);
			expect(new Set(sections.map(({ stretch }) => stretch?.along))).toEqual(new Set([isLevel ? 'down' : 'across']));
		}
	);

	it('too large a front says so, and an extender or a second pair of hands makes it fit', () => {
		const hot: Project = { ...demo, workshop: { temperature: 30, humidity: 30 } };
		const whole = withZone({ parts: ['front'] }, hot);
		const [large] = workOf(whole).tooLarge;
		expect(large!.part).toBe('front');
		expect(workOf(withCoat(large!.remedies[0]!.coat, whole)).tooLarge).toEqual([]);
	});

	it('bands over a face are cut on a drawer where they lie on the drawer, from its own edge; two other methods are offered at most', () => {
		const over = (parts: string[]) =>
			withZone(
				{ parts, over: 'face', field: { pattern: 'bands', from: 'left', stops: [0.5] }, colours: ['estuary', 'hull-white'] },
				{ ...demo, workshop: { temperature: 35, humidity: 10 } }
			);
		const work = workOf(withCoat({ method: 'glaze-slip', hands: 1 }, over(['drawer-4'])));
		const [face] = planProject(over(['drawer-4'])).faces;
		const drawer = face!.parts.find(({ id }) => id === 'drawer-4')!;
		expect(work.sections[0]!.stretch!.to).toBeCloseTo(face!.width / 4 - drawer.x, 6);
		for (const { remedies } of work.tooLarge)
			expect(remedies.filter(({ coat }) => 'method' in coat && coat.method !== 'glaze-slip').length).toBeLessThanOrEqual(2);
		expect(work.tooLarge.length).toBeGreaterThan(0);
	});

	it('bands across a wide, low front are cut along all of its width', () => {
		const wide = withZone(
			{ parts: ['drawer-4'], over: 'each', field: { pattern: 'bands', from: 'left', stops: [0.5] }, colours: ['estuary', 'hull-white'] },
			{ ...demo, workshop: { temperature: 35, humidity: 10 } }
		);
		const { sections } = workOf(withCoat({ method: 'glaze-slip', hands: 1 }, wide));
		const width = planProject(wide).faces[0]!.parts.find(({ id }) => id === 'drawer-4')!.width;
		expect(sections.map(({ stretch }) => [stretch?.along, stretch?.to])).toEqual([
			['across', expect.closeTo(0.25 * width, 6)],
			['across', expect.closeTo(0.75 * width, 6)],
			['across', expect.closeTo(width, 6)]
		]);
	});
});
