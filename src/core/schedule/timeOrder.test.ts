import { describe, expect, it } from 'vitest';
import file from '../../../tests/fixtures/reed-chest.json';
import { readProject } from '../formats';
import { newBase, newClear, newPaste, newPrime, newSand, newWax, type Coat } from '../layers';
import { planProject, sumOrder } from '../plan';
import { type Project } from '../project';

const read = readProject({ ...file, workshop: { temperature: 20, humidity: 50 } });
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
const film = { wait: null, times: 1, thickness: 1, applicator: 'cloth' as const, on: 'all' as const };
const gild: Coat = { kind: 'gilding-wax', id: 'gild', material: 'gilding-wax', ...film, colour: 'sand-bar', catches: 'edges' };
const planOf = (...coats: Coat[]) => planProject({ ...demo, finish: { coats, decisions: [] } });
const stepOf = (plan: ReturnType<typeof planOf>, id: string) => plan.order.find(({ coat }) => coat === id)!;
const says = (plan: ReturnType<typeof planOf>, rule: string) =>
	plan.findings.filter((finding) => finding.rule === rule).map(({ kind, coat }) => `${kind} ${coat}`);
const dark: Coat = { ...newWax('all'), id: 'dark', material: 'dark-wax' };
const clearAfter = (wait: number | null): Coat => ({ ...newClear('all'), wait });
const base = newBase('all', 'estuary', 'chalk-paint');

it('paste is laid in rounds: each dries at its height before the next, and the work grows with the lays', () => {
	const row = demo.layout.arrangements[0]!.id;
	const reeds = { ...newPaste(row), wait: null };
	const sheet = { border: 60, across: 1, down: 1, thickness: 1 };
	const layout = { ...demo.layout, motifs: demo.layout.motifs.map((motif) => ({ ...motif, sheet })) };
	const plan = planProject({ ...demo, layout, finish: { coats: [base, reeds, { ...newSand('all'), through: row }], decisions: [] } });
	const [lays] = plan.lays as [(typeof plan.lays)[number]];
	const rounds = Math.max(...lays.lays.map(({ round }) => round));
	expect(lays.lays).toHaveLength(plan.items.filter(({ arrangement }) => arrangement === row).length);
	expect(rounds).toBeGreaterThan(1);
	const step = stepOf(plan, 'paste');
	expect(step.between).toBeCloseTo(240, 6);
	const high = planProject({ ...demo, layout, finish: { coats: [base, { ...reeds, thickness: 2 }], decisions: [] } });
	expect(stepOf(high, 'paste').between).toBeCloseTo(240 * 2 ** 1.5, 6);
	expect(stepOf(plan, 'sand').waitBefore).toBeCloseTo(240, 6);
	expect(sumOrder(plan.order).whole).toBeGreaterThan(240 * rounds);
});

describe('what is waited for where the painter says nothing', () => {
	it.each<[string, Coat[], string, number]>([
		['a coat on a coat: its recoat', [base, newClear('all')], 'clear', 120],
		['gilding wax under water: until it is hard for certain', [gild, newClear('all')], 'clear', 1440],
		['a clear coat on dark wax: a day', [dark, newClear('all')], 'clear', 1440],
		['wax on wax: its recoat, though its tack would do', [newWax('all'), dark], 'dark', 30],
		['gilding wax on gilding wax: its own recoat', [gild, { ...gild, id: 'more' }], 'more', 30]
	])('%s', (_says, coats, id, minutes) => {
		const step = stepOf(planOf(...coats), id);
		expect(step.waitBefore).toBeCloseTo(minutes, 6);
		expect(step.waitFor).toBe(coats[0]!.id);
	});

	it('is less by the work that is done meanwhile', () => {
		const plan = planOf({ ...base, on: 'drawers' }, { ...newPrime('frame'), id: 'other' }, { ...newClear('drawers'), id: 'over' });
		const between = stepOf(plan, 'other');
		expect(between.waitBefore).toBe(0);
		expect(between.work).toBeGreaterThan(5);
		expect(stepOf(plan, 'over').waitBefore).toBeCloseTo(120 - between.work, 6);
	});

	it('follows the workshop, but for what is a number of hours whatever the weather', () => {
		const cold: Project = {
			...demo,
			workshop: { temperature: 10, humidity: 50 },
			finish: { coats: [dark, newClear('all')], decisions: [] }
		};
		expect(stepOf(planProject(cold), 'clear').waitBefore).toBeCloseTo(1440, 6);
		expect(stepOf(planProject({ ...cold, finish: { coats: [base, newClear('all')], decisions: [] } }), 'clear').waitBefore).toBeCloseTo(
			240,
			6
		);
	});
});

describe('an arc is kept to the minute', () => {
	it('a day of dark wax under a clear coat: sooner is a must, then it is a choice', () => {
		expect(says(planOf(dark, clearAfter(1439)), 'no-water-on-wax')).toEqual(['must clear']);
		expect(says(planOf(dark, clearAfter(1440)), 'no-water-on-wax')).toEqual(['should clear']);
		/** Paint over it is never tried, whatever else goes over it. */
		expect(says(planOf(dark, clearAfter(5000), { ...base, on: 'all' }), 'no-water-on-wax')).toEqual(['must clear']);
		expect(says(planOf(newWax('all'), clearAfter(1440)), 'no-water-on-wax')).toEqual(['must clear']);
	});

	it('gilding wax: from twelve hours on', () => {
		expect(says(planOf(gild, clearAfter(719)), 'no-water-on-oil')).toEqual(['must clear']);
		expect(says(planOf(gild, clearAfter(720)), 'no-water-on-oil')).toEqual([]);
	});

	describe('a window holds to the end of the work in it', () => {
		const faces = demo.piece.faces.map((face) => ({ ...face, ground: 'metal' as const }));
		const prime = newPrime('all');
		const plan = (wait: number | null, rates = {}, more: Coat[] = []) =>
			planProject({
				...demo,
				workshop: { ...demo.workshop, rates },
				piece: { ...demo.piece, faces },
				finish: { coats: [{ ...newSand('all'), bare: true }, ...more, { ...prime, wait }], decisions: [] }
			});
		/** From the end of sanding it to the end of priming it, the surface that is longest bare. */
		const longest = ({ sittings }: ReturnType<typeof plan>) =>
			Math.max(
				...sittings
					.filter(({ coat }) => coat === 'prime')
					.map(
						({ surfaces, doneAt }) => doneAt - sittings.find((one) => one.coat === 'sand' && one.surfaces.includes(surfaces[0]!))!.doneAt
					)
			);
		const held = longest(plan(0));

		it('metal that is sanded bright is primed within half a day, surface by surface', () => {
			expect(held).toBeGreaterThan(5);
			expect([plan(0), plan(720 - held), plan(721 - held), plan(720)].map((one) => says(one, 'prime-slick'))).toEqual([
				[],
				[],
				['should prime'],
				['should prime']
			]);
			const { sittings } = plan(720 - held);
			const spare = sittings.filter(({ coat }) => coat === 'prime').map(({ latest, beginsAt }) => latest! - beginsAt);
			expect(Math.min(...spare)).toBeCloseTo(0, 6);
			expect(sittings.filter(({ coat }) => coat === 'sand').map(({ latest }) => latest)).not.toContainEqual(expect.any(Number));
		});

		it('gives up the waits that made it late, and offers nothing where the work alone takes too long', () => {
			const remedies = (one: ReturnType<typeof plan>) => one.findings.find(({ rule }) => rule === 'prime-slick')!.remedies;
			const late = plan(300, {}, [{ kind: 'dust', id: 'dust', on: 'all', wait: 600 }]);
			expect(remedies(late)).toEqual([
				{
					label: 'Go on as soon as it is ready',
					edits: [
						{ op: 'wait', coat: 'dust', wait: null },
						{ op: 'wait', coat: 'prime', wait: null }
					]
				}
			]);
			expect(remedies(plan(null, { brush: 0.002 }))).toEqual([]);
		});
	});

	it('says how long was waited and how long it needs, and one remedy gives the wait back to the plan', () => {
		const plan = planOf(base, clearAfter(50));
		const [finding] = plan.findings.filter(({ rule }) => rule === 'recoat');
		expect(finding!.what).toBe('It goes on 50 min after the base coat (chalk-type paint), which needs 2 h.');
		expect(finding!.remedies).toEqual([{ label: 'Wait 2 h', edits: [{ op: 'wait', coat: 'clear', wait: null }] }]);
	});
});

it('work follows the area, the tool, the passes and the motifs', () => {
	const work = (coat: Coat) => stepOf(planOf(coat), coat.id).work;
	const area = planProject(demo).quantities.surfaces.reduce((sum, surface) => sum + surface.area, 0);
	expect(work(base)).toBeCloseTo(area / 0.1, 6);
	expect(work({ ...base, times: 2, applicator: 'roller' })).toBeCloseTo((2 * area) / 0.2, 6);
	expect(work(newSand('all'))).toBeCloseTo(area / 0.08, 6);
	expect(work({ ...newSand('all'), bare: true })).toBeCloseTo(area / 0.02, 6);
	const stencil = demo.finish.coats.find(({ id }) => id === 'stencil')!;
	const { items } = planProject(demo);
	const open = items.reduce((sum, item) => sum + item.openArea, 0) / 1e6;
	/** Its sheet is washed after every eight lays. */
	expect(work(stencil)).toBeCloseTo(open / 0.1 + 1.5 * items.length + 3 * Math.floor(items.length / 8), 6);
	/** Two on each of four drawers. */
	expect(work({ kind: 'hardware-off', id: 'off', wait: null })).toBe(16);
	expect(work({ kind: 'hardware-on', id: 'on', wait: null })).toBe(24);
});

it('carries its arcs: each from an earlier step to a later one, least no more than asked', () => {
	const { arcs, order } = planProject(demo);
	const at = new Map(order.map((step) => [step.coat, step.at]));
	expect(arcs.length).toBeGreaterThan(order.length);
	for (const { before, after, least, asks } of arcs) {
		expect(at.get(before)!).toBeLessThan(at.get(after)!);
		expect(least).toBeLessThanOrEqual(asks);
	}
	expect(arcs).toContainEqual(expect.objectContaining({ before: 'base', after: 'blend', rule: 'base-dry', least: 120 }));
	expect(arcs).toContainEqual(expect.objectContaining({ before: 'clear', after: 'hardware-on', rule: 'hardware-last', least: 30 }));
});

it('sums the whole from the first step to the last, and the work in it to the half hour, never less', () => {
	const { order } = planProject(demo);
	const work = order.reduce((sum, step) => sum + step.work, 0);
	const { whole, work: told } = sumOrder(order);
	expect(whole).toBe(order.at(-1)!.doneAt);
	expect(told % 30).toBe(0);
	expect(told).toBeGreaterThanOrEqual(work);
	expect(told - work).toBeLessThan(30);
	expect(sumOrder([])).toEqual({ whole: 0, work: 0 });
});
