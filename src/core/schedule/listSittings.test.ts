import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../formats';
import { kindOfCoat, newGlaze, newPaste, newSand, ratesOf, type Coat, type Layer, type Site, type Stack } from '../layers';
import { NO_TRAITS } from '../layers/traits';
import type { DryingTimes } from './dryMaterial';
import { listSittings } from './listSittings';
import { timeOrder } from './timeOrder';
import { planProject } from '../plan';
import { STARTERS } from '../piece';
import { newProject, type Project } from '../project';

const open = (name: string): Project => {
	const read = readProjectText(readFileSync(name, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
};
const DEMOS = ['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'].map((name): [string, Project] => [
	name,
	open(`demo/${name}.json`)
]);
const SHAPES = STARTERS.map(({ id }): [string, Project] => [id, newProject({ name: 'Piece', units: 'in', count: null, shape: id })]);

describe.each([...DEMOS, ...SHAPES])('the sittings of %s', (_name, project) => {
	const { sittings, order, arcs } = planProject(project);

	it('follow each other in the order of the steps, and take together as long as the step', () => {
		expect([...new Set(sittings.map(({ coat }) => coat))]).toEqual(order.map(({ coat }) => coat));
		expect(new Set(sittings.map(({ id }) => id)).size).toBe(sittings.length);
		for (const step of order) {
			const own = sittings.filter(({ coat }) => coat === step.coat);
			expect(own[0]!.beginsAt).toBe(step.beginsAt);
			expect(own.at(-1)!.doneAt).toBe(step.doneAt);
			expect(own.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(step.work, 6);
			own
				.slice(1)
				.forEach((one, i) =>
					expect(one.beginsAt).toBeCloseTo(own[i]!.doneAt + (one.pass > Math.max(1, own[i]!.pass) ? step.between : 0), 6)
				);
		}
	});

	it('go over every surface in every pass, each once, where they are not rounds of lays or sections of a zone', () => {
		for (const step of order) {
			const own = sittings.filter(({ coat, pass }) => coat === step.coat && pass > 0);
			for (const pass of new Set(own.map((one) => one.pass))) {
				const seen = own.filter((one) => one.pass === pass).flatMap(({ surfaces }) => surfaces);
				expect(seen.filter((surface) => !step.surfaces.includes(surface))).toEqual([]);
				if (own.every(({ round, section }) => round === null && section === null)) expect(new Set(seen).size).toBe(seen.length);
			}
		}
	});

	it('are bound by every arc on what they share with what came before', () => {
		const of = (coat: string, pass: (passes: number[]) => number) => {
			const own = sittings.filter((one) => one.coat === coat && one.pass > 0);
			return own.filter((one) => one.pass === pass(own.map((other) => other.pass)));
		};
		for (const { before, after, least, most } of arcs)
			for (const one of of(after, (all) => Math.min(...all)))
				for (const other of of(before, (all) => Math.max(...all))) {
					if (!other.surfaces.some((surface) => one.surfaces.includes(surface))) continue;
					expect(one.earliest).toBeGreaterThanOrEqual(other.doneAt + least - 1e-6);
					if (most !== null) expect(one.latest!).toBeLessThanOrEqual(other.doneAt + most - one.minutes + 1e-6);
				}
		/** Where the plan waits by itself nothing is begun too soon. */
		if (project.finish.coats.every(({ wait }) => wait === null))
			for (const { earliest, beginsAt, id } of sittings) expect(beginsAt, id).toBeGreaterThanOrEqual(earliest - 1e-6);
	});
});

describe('a step is cut into what is done in one go', () => {
	const chest = open('tests/fixtures/reed-chest.json');
	const sittingsOf = (...coats: Coat[]) => planProject({ ...chest, finish: { coats, decisions: [] } }).sittings;

	it('what is taken out by itself, the carcass first; minutes as its area', () => {
		const sanding = sittingsOf(newSand('all'));
		expect(sanding.map(({ loose }) => loose)).toEqual([null, 'drawer-1', 'drawer-2', 'drawer-3', 'drawer-4']);
		const areas = new Map(planProject(chest).quantities.surfaces.map(({ surface, area }) => [surface, area]));
		for (const { surfaces, minutes } of sanding)
			expect(minutes).toBeCloseTo(surfaces.reduce((sum, surface) => sum + areas.get(surface)!, 0) / ratesOf()['sand-to-key'], 6);
	});

	it('of a coat on one drawer, or on the carcass, the only one says where it is', () => {
		const looseOf = (on: Coat[]) => sittingsOf(...on).map(({ loose, id }) => [loose, id]);
		expect(looseOf([{ ...newSand('all'), on: ['drawer-2'] }])).toEqual([['drawer-2', 'sand/1']]);
		expect(looseOf([newSand('frame')])).toEqual([[null, 'sand/1']]);
		const [blend] = chest.finish.coats.filter((coat) => coat.kind === 'blend');
		const piece = planProject({
			...chest,
			workshop: { ...chest.workshop, rates: { [blend!.method]: 0.012 } },
			finish: { coats: [blend!], decisions: [] }
		});
		/** So slow that each drawer is a section, or several. */
		expect(new Set(piece.sittings.map(({ loose }) => loose))).toEqual(new Set(['drawer-1', 'drawer-2', 'drawer-3', 'drawer-4']));
	});

	it('nothing is waited for before the first step, whatever it is told', () => {
		const plan = planProject({ ...chest, finish: { coats: [{ ...newSand('all'), wait: 77 }], decisions: [] } });
		expect([
			plan.order[0]!.waitBefore,
			plan.order[0]!.waitFor,
			plan.order[0]!.beginsAt,
			plan.sittings[0]!.earliest,
			plan.sittings[0]!.latest
		]).toEqual([0, null, 0, 0, null]);
	});

	it('a round of lays is a pass, and takes its share of them; the face lies on its back where it is worked so', () => {
		const paste = { ...newPaste('reeds'), times: 2, lies: 'flat' as const };
		const plan = planProject({ ...chest, finish: { coats: [paste], decisions: [] } });
		const { lays } = plan.lays[0]!;
		const rounds = Math.max(...lays.map(({ round }) => round));
		expect(plan.sittings).toHaveLength(2 * rounds);
		plan.sittings.forEach(({ round, pass, minutes, needs }, i) => {
			expect([round, pass, needs]).toEqual([1 + (i % rounds), i + 1, ['face-up']]);
			expect(minutes / plan.order[0]!.work).toBeCloseTo(lays.filter((lay) => lay.round === round).length / lays.length / 2, 9);
		});
	});

	it('a blend and a glaze are worked in sections that stay wet; more hands are told', () => {
		const blend = chest.finish.coats.find((coat) => coat.kind === 'blend')!;
		const plan = planProject({
			...chest,
			workshop: { temperature: 20, humidity: 50 },
			finish: { coats: [{ ...blend, hands: 2, drawers: 'out' }, newGlaze('all', null)], decisions: [] }
		});
		const own = (coat: string) => plan.sittings.filter((one) => one.coat === coat && one.pass === 1);
		expect(own(blend.id).map(({ minutes }) => minutes)).toEqual(plan.wetWork[0]!.sections.map(({ minutes }) => expect.closeTo(minutes, 6)));
		expect(own(blend.id)[0]).toMatchObject({ section: 1, hands: 2, needs: ['drawers-out'] });
		/** Eight minutes at 20 degrees. */
		expect(own('glaze').length).toBeGreaterThan(1);
		for (const { minutes } of own('glaze')) expect(minutes).toBeLessThan(8 + 1e-6);
	});

	it('passes beyond any count are one sitting of all the work, and the time between them is not lost, nor told as work', () => {
		const layer = { coat: { ...newPaste('reeds'), times: 9 }, at: 0, surfaces: new Set(['front']), traits: NO_TRAITS } as unknown as Layer;
		const site = { area: 0.4, on: new Map(), open: null, lays: { count: 60, rounds: 30 } } as unknown as Site;
		const [step] = listSittings({ layers: [layer] } as unknown as Stack, {
			sites: new Map([['paste', site]]),
			drying: [{ recoat: 240 } as DryingTimes],
			wet: [],
			lays: new Map(),
			piece: { faces: [] } as never,
			rates: ratesOf()
		});
		expect([step!.passes.length, step!.passes[0]!.length, step!.unlisted]).toEqual([1, 1, 269 * 240]);
		expect(step!.passes[0]![0]!.minutes).toBeCloseTo(9 * (0.4 / 0.02 + 3 * 60), 6);
		const { steps } = timeOrder({ layers: [layer], surfaces: [] } as unknown as Stack, [{ recoat: 240 } as DryingTimes], [step!]);
		expect([steps[0]!.work, steps[0]!.doneAt].map((minutes) => Math.round(minutes))).toEqual([1800, 1800 + 269 * 240]);
	});

	it('rates of the workshop are what the minutes come from', () => {
		const coats: Coat[] = [newSand('all')];
		const slow = planProject({
			...chest,
			workshop: { ...chest.workshop, rates: { 'sand-to-key': 0.04 } },
			finish: { coats, decisions: [] }
		});
		expect(slow.order[0]!.work).toBeCloseTo(2 * planProject({ ...chest, finish: { coats, decisions: [] } }).order[0]!.work, 9);
	});

	it('no kind asks for a rate that is not in the table', () => {
		for (const coat of chest.finish.coats)
			expect(
				Number.isFinite(
					kindOfCoat(coat).work(
						coat,
						{
							area: 1,
							edge: 1,
							on: new Map(),
							shares: [],
							colours: 0,
							open: null,
							lays: null,
							moulded: 0,
							crossing: 0,
							hardware: 1,
							holes: 1
						},
						ratesOf()
					)
				)
			).toBe(true);
	});
});
