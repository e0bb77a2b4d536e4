import { describe, expect, it } from 'vitest';
import project from '../../../demo/sail-loft-chest.json';
import { type Project } from '../project';
import { readProject } from '../formats';
import { planProject } from '../plan';
import { applyRemedy, METHODS, newClear, newWax, type Coat, type Finding } from './index';

const read = readProject(project);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;

type Change = (coats: Coat[]) => Coat[];
const withCoats = (change: Change, more: Partial<Project> = {}): Project => ({
	...demo,
	...more,
	finish: { ...demo.finish, coats: change([...demo.finish.coats]) }
});
const findingsOf = (p: Project) => planProject(p).findings;
const without =
	(...ids: string[]): Change =>
	(coats) =>
		coats.filter((coat) => !ids.includes(coat.id));
const set =
	(id: string, more: Partial<Coat>): Change =>
	(coats) =>
		coats.map((coat) => (coat.id === id ? ({ ...coat, ...more } as Coat) : coat));
const moved =
	(id: string, to: number): Change =>
	(coats) =>
		coats
			.filter((coat) => coat.id !== id)
			.toSpliced(
				to,
				0,
				coats.find((coat) => coat.id === id)!
			);
const paint =
	(material: string): Change =>
	(coats) =>
		coats.map((coat) => (coat.kind === 'base' || coat.kind === 'blend' || coat.kind === 'stencil' ? { ...coat, material } : coat));
const compose =
	(...changes: Change[]): Change =>
	(coats) =>
		changes.reduce((all, change) => change(all), coats);
const asNew = { piece: { ...demo.piece, condition: 'new' as const } };

it('has nothing to say about a finish in good order', () => expect(findingsOf(demo)).toEqual([]));

/** Each case fires one rule, on the step named; each of its remedies must then silence that rule. */
const CASES: [name: string, change: Change, expected: Partial<Finding>, more?: Partial<Project>][] = [
	['no cleaning', without('clean'), { rule: 'clean-first', kind: 'must', coat: 'prime' }],
	['cleaning too late', moved('clean', 4), { rule: 'clean-first', coat: 'prime' }],
	['a new piece not dusted', without('clean'), { rule: 'clean-first' }, asNew],
	['stencil on wet paint', set('blend', { wait: 20 }), { rule: 'recoat', kind: 'must', coat: 'stencil' }],
	['blending on a wet base', set('base', { wait: 30 }), { rule: 'base-dry', kind: 'must', coat: 'blend' }],
	['no base, one blended coat', compose(without('base'), set('blend', { times: 1 })), { rule: 'base-dry', coat: 'blend' }],
	['no base and no primer', without('base', 'prime'), { rule: 'base-dry', coat: 'blend' }],
	[
		'one thin dark coat over white primer',
		set('base', { times: 1 }),
		{ rule: 'hides-ground', kind: 'should', coat: 'base', swatches: ['#1f3a47', '#285062'] }
	],
	[
		'wax under the stencil',
		(coats) => coats.toSpliced(6, 0, { ...newWax('drawers') }),
		{ rule: 'no-water-on-wax', kind: 'must', coat: 'stencil' }
	],
	['chalk-type paint left open', without('clear'), { rule: 'protect', kind: 'should' }],
	['milk paint left open', compose(paint('milk-paint'), without('clear')), { rule: 'protect', kind: 'must' }],
	[
		'clear coat on the frame only',
		set('clear', { on: 'frame' } as Partial<Coat>),
		{ rule: 'protect', where: ['drawer-1', 'drawer-2', 'drawer-3', 'drawer-4'] }
	],
	['hardware back before the clear coat', moved('hardware-on', 7), { rule: 'hardware-last', kind: 'must', coat: 'hardware-on' }],
	['hardware on wet clear coat', set('clear', { wait: 5 }), { rule: 'hardware-last', coat: 'hardware-on' }],
	['hardware never back', without('hardware-on'), { rule: 'hardware-last', coat: 'hardware-off' }]
];

describe.each(CASES)('%s', (_name, change, expected, more) => {
	const project = withCoats(change, more);
	const found = findingsOf(project);

	it('is found, and nothing else is', () => {
		expect(found).toMatchObject([expected]);
		expect(found[0]!.where.length).toBeGreaterThan(0);
	});
	it('is mended by each of its remedies', () => {
		expect(found[0]!.remedies.length).toBeGreaterThan(0);
		for (const remedy of found[0]!.remedies) {
			const after = findingsOf({ ...project, finish: applyRemedy(project.finish, remedy) });
			expect(after.filter(({ rule }) => rule === expected.rule)).toEqual([]);
		}
	});
});

describe('what satisfies a rule', () => {
	it.each<[string, Change, Partial<Project>?]>([
		['sanded bare instead of cleaned', compose(without('clean'), set('sand', { bare: true } as Partial<Coat>))],
		[
			'dusted off, when new',
			compose(without('clean', 'sand'), (coats) => [{ kind: 'dust', id: 'dust', wait: null, on: 'all' }, ...coats]),
			asNew
		],
		['two blended coats on primer, without a base on the fronts', set('base', { on: 'frame' } as Partial<Coat>)],
		['wax at the end', (coats) => coats.toSpliced(8, 0, newWax('all'))],
		['wax in place of clear coat', (coats) => coats.map((coat) => (coat.id === 'clear' ? { ...newWax('all'), id: 'clear' } : coat))],
		[
			'wax on the frame while the fronts are still painted',
			(coats) =>
				coats
					.toSpliced(5, 0, { ...newWax('frame') })
					.map((coat) => (coat.id === 'clear' ? { ...coat, on: 'drawers' as const } : coat)) as Coat[]
		],
		['mineral paint, which is its own sealer', compose(paint('mineral-paint'), without('clear'))],
		[
			'hardware left on, masked',
			compose(without('hardware-off', 'hardware-on'), (coats) => [{ kind: 'hardware-masked', id: 'masked', wait: null }, ...coats])
		],
		["a long wait of the painter's own", set('base', { wait: 5000 })]
	])('%s', (_name, change, more) => expect(findingsOf(withCoats(change, more))).toEqual([]));

	it('is a recorded choice where it is a should, never where it is a must', () => {
		const decide = (p: Project, coat: string) =>
			findingsOf({ ...p, finish: { ...p.finish, decisions: [{ rule: 'protect', coat, choice: 'Left bare' }] } });
		expect(decide(withCoats(without('clear')), 'base')[0]).toMatchObject({ kind: 'should', overruled: 'Left bare' });
		expect(decide(withCoats(compose(paint('milk-paint'), without('clear'))), 'base')[0]).toMatchObject({ kind: 'must', overruled: null });
	});
	it('a clear coat over a dark wax a day old is done by some', () => {
		const dark: Coat = { ...(newWax('all') as Extract<Coat, { kind: 'wax' }>), material: 'dark-wax', wait: 1500 };
		const [finding] = findingsOf(withCoats((coats) => coats.toSpliced(7, 0, dark)));
		expect(finding).toMatchObject({ rule: 'no-water-on-wax', kind: 'should' });
	});
});

it('hints at work that a later base coat hides', () => {
	const hints = planProject(withCoats(moved('base', 6))).hints;
	expect(hints).toMatchObject([{ code: 'coat.hides', path: 'finish.coats[6]' }]);
	expect(planProject(demo).hints).toEqual([]);
});

it('gives two clear coats the same id only once', () => {
	const finish = applyRemedy(demo.finish, { label: '', edits: [{ op: 'insert', at: 0, coat: newClear('all') }] });
	expect(finish.coats.map(({ id }) => id)).toContain('clear-2');
});

it('counts brushes by school', () => {
	const count = (brushes: 'clean-joins' | 'own-brushes' | 'one-dry') =>
		METHODS['mist-and-feather']
			.tools(3, brushes)
			.filter(({ tool }) => tool.includes('brush'))
			.reduce((sum, { count }) => sum + count, 0);
	expect([count('clean-joins'), count('own-brushes'), count('one-dry')]).toEqual([5, 3, 4]);
});
