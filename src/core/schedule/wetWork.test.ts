import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { type Project } from '../project';
import { readProjectText } from '../formats';
import { applyRemedy, type Coat } from '../layers';
import type { Zone } from '../layout';
import { CATALOGUE } from '../materials';
import { createPlanner } from '../plan';
import { readExample } from '../../../tests/readExample';

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
	const workOf = (project: Project) => planProject(project).wetWork[0]!;
	const foundIn = (project: Project) => planProject(project).findings.filter(({ rule }) => rule === 'open-time');

	it('covers every front once, each section within the open time, and adds up to the paint of a pass', () => {
		const work = workOf(demo);
		expect(work.sections.flatMap(({ parts }) => parts)).toEqual(['drawer-1', 'drawer-2', 'drawer-3', 'drawer-4']);
		for (const { minutes, area } of work.sections) {
			expect(minutes).toBeLessThanOrEqual(work.open!);
			expect(minutes).toBeCloseTo(area / work.rate, 9);
		}
		const ml = planProject(demo).quantities.paints.flatMap(({ uses }) => uses.filter(({ coat }) => coat === work.coats[0]));
		expect(work.sections.reduce((sum, section) => sum + section.of[0]!.ml, 0) * work.passes).toBeCloseTo(
			ml.reduce((sum, use) => sum + use.ml, 0),
			6
		);
	});

	it('a school changes its time, its film and its steps; one that need not stay wet is one section', () => {
		const dragged = planProject(withCoat({ method: 'dry-drag' }));
		const feathered = planProject(demo);
		expect(dragged.wetWork[0]).toMatchObject({ open: null, holds: null });
		expect(dragged.wetWork[0]!.sections).toHaveLength(1);
		const step = (plan: typeof dragged) => plan.order.find(({ kind }) => kind === 'blend')!;
		expect(step(dragged).film).toBeLessThan(step(feathered).film);
		expect(step(dragged).how).not.toEqual(step(feathered).how);
		const rested = step(planProject(withCoat({ method: 'loaded-brush' })));
		expect(rested.between).toBeCloseTo(720, 9);
		expect(rested.doneAt - rested.beginsAt).toBeCloseTo(720 + rested.work, 9);
		expect(step(planProject(withCoat({ drawers: 'out' }))).how[0]).toMatch(/^Take drawers and doors out/);
	});

	it.each(['mist-and-feather', 'glaze-slip', 'loaded-brush', 'running-colour', 'sponge-on-sponge'] as const)(
		'%s, on fronts of any size: what is offered cures all of it, and an extender stays within its label',
		(method) => {
			let offered = 0;
			for (const parts of [['front'], ['left', 'drawer-1'], ['drawer-4', 'front', 'top']])
				for (const temperature of [12, 20, 33])
					for (const more of [{}, { hands: 3, extender: 12 }]) {
						const workshop = { temperature, humidity: 40, rates: { [method]: 0.02 } };
						const large = withCoat({ method, ...more }, withZone({ parts }, { ...demo, workshop }));
						expect(foundIn(large).length > 0).toBe(workOf(large).tooLarge.length > 0);
						for (const { remedies, coat } of foundIn(large))
							for (const remedy of remedies) {
								offered++;
								const mended = { ...large, finish: applyRemedy(large.finish, remedy) };
								expect(workOf(mended).tooLarge, remedy.label).toEqual([]);
								const { extender = 10, hands = 1 } = mended.finish.coats.find(({ id }) => id === coat) as {
									extender?: number;
									hands?: number;
								};
								expect([extender >= 10, extender <= 20, hands <= 4]).toEqual([true, true, true]);
							}
					}
			expect(offered).toBeGreaterThan(3);
		}
	);

	it('two pairs of hands do twice as much in the same time; a crisp zone, or paint that does not set, binds nothing', () => {
		const [one, two] = [planProject(demo), planProject(withCoat({ hands: 2 }))].map((plan) => plan.wetWork[0]!);
		expect(two!.rate).toBeCloseTo(2 * one!.rate, 9);
		expect([two!.open, two!.holds]).toEqual([expect.closeTo(one!.open!, 9), expect.closeTo(2 * one!.holds!, 9)]);
		expect(two!.minutes).toBeCloseTo(one!.minutes / 2, 9);
		expect(planProject(withCoat({ extender: 15 })).wetWork[0]!.open).toBeCloseTo(one!.open! + 15, 9);
		expect(planProject(withZone({ softness: 0 })).wetWork[0]).toMatchObject({ open: null, holds: null });
	});

	it.each(['bottom', 'top', 'left', 'right'] as const)(
		'bands from the %s are cut in the middle of a band, across the way that they run',
		(from) => {
			const stops = [0.2, 0.6];
			const large = withZone(
				{ parts: ['front'], over: 'each', field: { pattern: 'bands', from, stops }, colours: ['estuary', 'slack-water', 'hull-white'] },
				{ ...demo, workshop: { temperature: 33, humidity: 30 } }
			);
			const { sections } = planProject(large).wetWork[0]!;
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
		const whole = withCoat({ material: 'mineral-paint' }, withZone({ parts: ['front'] }, hot));
		expect(workOf(whole).tooLarge).toMatchObject([{ part: 'front' }]);
		const [found] = foundIn(whole);
		expect(found).toMatchObject({
			kind: 'should',
			coat: 'blend',
			where: ['front', 'rail', 'drawer-1', 'drawer-2', 'drawer-3', 'drawer-4', 'plinth']
		});
		expect(found!.what).toMatch(
			/^The blended coat \(mineral furniture paint\) takes \d+ min where it has to be done at once, and stays open for \d+ min\.$/
		);
		expect(found!.remedies.length).toBeGreaterThan(0);
		/** In paint that water wakes a mist gives it time, twice: no more than a note. */
		expect(foundIn(withCoat({ material: 'chalk-paint' }, whole))).toMatchObject([
			{ kind: 'note', what: expect.stringMatching(/, misted twice\.$/) }
		]);
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
		expect(work.tooLarge.length).toBeGreaterThan(0);
		const [found] = foundIn(withCoat({ method: 'glaze-slip', hands: 1 }, over(['drawer-4'])));
		const methods = found!.remedies.flatMap(({ edits }) =>
			edits.flatMap((edit) => (edit.op === 'replace' && 'method' in edit.with ? [edit.with.method] : []))
		);
		expect(methods.filter((method) => method !== 'glaze-slip').length).toBeLessThanOrEqual(2);
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

describe('what is worked into a wet coat is one sitting', () => {
	const plan = (order: string, change: Partial<Project> = {}) => createPlanner()({ ...readExample(order).project, ...change });
	const of = (order: string, change: Partial<Project> = {}) => {
		const { wetWork, sittings, order: steps, findings } = plan(order, change);
		return { together: wetWork.find(({ coats }) => coats.length > 1)!, wetWork, sittings, steps, findings };
	};

	it('section by section: the bed of a drawer, what is blended into it, then the next; nothing is waited for, nothing is done twice', () => {
		const { together, sittings, steps } = of('base; base on=drawers x2; blend into x2');
		expect(together.coats).toEqual(['base-2', 'blend']);
		const sitting = sittings.filter(({ wetFrom }) => wetFrom === 'base-2').sort((a, b) => a.beginsAt - b.beginsAt);
		expect(sitting.map(({ coat, section }) => `${section} ${coat}`)).toEqual([
			'1 base-2',
			'1 blend',
			'2 base-2',
			'2 blend',
			'3 base-2',
			'3 blend',
			'4 base-2',
			'4 blend'
		]);
		sitting.slice(1).forEach(({ beginsAt }, i) => expect(beginsAt).toBeCloseTo(sitting[i]!.doneAt, 9));
		/** The second pass of the bed is that of the sitting, and the first of the blending; the other is done after its recoat. */
		expect(new Set(sitting.map(({ coat, pass }) => `${coat} ${pass}`))).toEqual(new Set(['base-2 2', 'blend 1']));
		const [bed, blend] = steps.slice(1);
		const later = sittings.filter(({ coat, pass }) => coat === 'blend' && pass === 2);
		expect(later.map(({ wetFrom }) => wetFrom)).toEqual(later.map(() => null));
		expect(later[0]!.beginsAt).toBeCloseTo(sitting.at(-1)!.doneAt + blend!.recoat, 9);
		expect([bed!.doneAt, blend!.beginsAt, blend!.waitBefore]).toEqual([sitting[6]!.doneAt, sitting[0]!.doneAt, 0]);
		for (const step of steps)
			expect(sittings.filter(({ coat }) => coat === step.coat).reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(step.work, 9);
		/** Each section fits into the open time, and what it takes is what its coats take. */
		for (const { minutes, of: own, mists } of together.sections) {
			expect([minutes <= together.open! + 1e-6, mists]).toEqual([true, 0]);
			expect(own.reduce((sum, one) => sum + one.minutes, 0)).toBeCloseTo(minutes, 9);
			/** By what each coat takes for an area: two for a stroke of the bed, five for that of the blending. */
			expect(own[1]!.minutes / own[0]!.minutes).toBeCloseTo(0.1 / 0.04, 6);
		}
	});

	it('of three, the darks combed through wet shade on a wet bed: sections of all three, within what stays open shortest', () => {
		const { together, sittings } = of('base; base on=drawers; blend into; blend method=dry-drag into extender=20');
		expect(together.coats).toEqual(['base-2', 'blend', 'blend-2']);
		expect(together.open).toBeCloseTo(10, 9);
		expect(together.most).toBeCloseTo(30, 9);
		expect(together.minutes).toBeCloseTo(
			[0.1, 0.04, 0.05].reduce((sum, rate) => sum + 0.6704 / rate, 0),
			1
		);
		expect(sittings.filter(({ section }) => section === 1).map(({ coat }) => coat)).toEqual(together.coats);
	});

	it('as long as its open time with every extender in it; paint that seals itself is not renewed by a mist', () => {
		expect(of('base; base on=drawers extender=15; blend extender=15 into').together).toMatchObject({ open: 25, most: 75 });
		expect(of('base; base extender=15; blend into').together.open).toBeCloseTo(10, 9);
		const mineral = of('base; base:mineral-paint on=drawers; blend:mineral-paint into').together;
		expect(mineral.most).toBe(mineral.open);
	});

	it('a part that a mist keeps wet is told how often; beyond two it is a note, and in a glaze a should', () => {
		const slow = (rate: number) => ({ workshop: { temperature: 20, humidity: 50, rates: { 'mist-and-feather': rate } } });
		const { together, findings } = of('base; base on=drawers; blend into', slow(0.012));
		expect(together.sections.map(({ mists, minutes }) => mists - Math.ceil(minutes / 10 - 1e-6))).toEqual([-1, -1, -1, -1]);
		expect(together.sections.map(({ mists }) => mists)).toEqual([1, 1, 1, 1]);
		expect(findings.filter(({ rule }) => rule === 'open-time')).toEqual([]);
		const kindsAt = (order: string, rate: number) =>
			of(order, slow(rate)).findings.flatMap(({ rule, kind }) => (rule === 'open-time' ? [kind] : []));
		expect(kindsAt('base; base on=drawers; blend into', 0.003)).toEqual(['note']);
		expect(kindsAt('base; base:mineral-paint on=drawers; blend:mineral-paint into', 0.012)).toEqual(['should']);
	});

	it.each([
		'prime; base; base; blend into',
		'base; glaze clear; glaze into',
		'base; blend; blend method=dry-drag into',
		'base; base; glaze into'
	])('nothing is said of recoat, base-dry or porous-glaze in %s; what is dry under it is waited for before it begins', (order) => {
		const { findings, steps, sittings } = of(`clean; dust; ${order}; clear`);
		const own = ['recoat', 'base-dry', 'porous-glaze', 'wet-in-wet'];
		expect(findings.map(({ rule }) => rule).filter((rule) => own.includes(rule))).toEqual([]);
		for (const { beginsAt, earliest, id } of sittings) expect(beginsAt, id).toBeGreaterThanOrEqual(earliest - 1e-6);
		const [under, bed] = steps.slice(-4, -2);
		expect(bed!.waitBefore).toBeCloseTo(under!.recoat, 9);
	});

	it('the wait of what covers it counts from the end of all of it', () => {
		const { steps, sittings } = of('base; base on=drawers; blend into; clear');
		const ended = Math.max(...sittings.filter(({ wetFrom }) => wetFrom !== null).map(({ doneAt }) => doneAt));
		expect(steps.at(-1)!.beginsAt).toBeCloseTo(ended + steps[2]!.recoat, 9);
	});

	it('what its coats share is one part, as large as the largest of theirs, though it is named by a later coat', () => {
		const { project } = readExample('base; base on=drawers; blend into');
		const face = withZone({ parts: ['front'] }, project);
		const slow = { ...face, workshop: { temperature: 20, humidity: 50, rates: { 'mist-and-feather': 0.002 } } };
		const together = createPlanner()(slow).wetWork.find(({ coats }) => coats.length > 1)!;
		expect(new Set(together.sections.flatMap(({ parts }) => parts))).toEqual(new Set(['front']));
		/** Cut along the front, not along a drawer. */
		expect(together.sections.at(-1)!.stretch).toMatchObject({ along: 'down', to: 940 });
	});

	it('with a paint that stays open as long as one likes beside one that does not, what is offered is measured by the other', () => {
		const { project } = readExample('base; base:slow-bed on=front; glaze:quick-glaze on=front into');
		const bed = { ...CATALOGUE.find(({ id }) => id === 'chalk-paint')!, id: 'slow-bed', name: 'Slow bed', open: 0 };
		const plan = createPlanner()({
			...project,
			materials: [...project.materials, bed],
			workshop: { ...project.workshop, rates: { glaze: 0.01 } }
		});
		expect(plan.wetWork.find(({ coats }) => coats.length > 1)!.tooLarge.length).toBeGreaterThan(0);
		const [found] = plan.findings.filter(({ rule }) => rule === 'open-time');
		for (const remedy of found!.remedies) {
			const mended = createPlanner()({
				...project,
				materials: [...project.materials, bed],
				workshop: { ...project.workshop, rates: { glaze: 0.01 } },
				finish: applyRemedy(project.finish, remedy)
			});
			expect(
				mended.findings.filter(({ rule }) => rule === 'open-time'),
				remedy.label
			).toEqual([]);
		}
	});
});
