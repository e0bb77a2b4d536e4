import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../formats';
import type { Single } from '../layout';
import { planProject } from '../plan';
import { addArrangement, addCoat, dropCoat, dropZone, followHoles, setCoat, type Project } from '../project';
import { applyRemedy, METHODS, newBase, newDust, newFiller, newSand, newStencil, newWax, type Coat } from './index';

function read(name: string): Project {
	const file = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
	if (!file.ok) throw new Error(JSON.stringify(file.issues));
	return { ...file.project, workshop: { temperature: 20, humidity: 50 } };
}
const demo = read('../tests/fixtures/reed-chest');
const withCoats = (project: Project, coats: readonly Coat[]): Project => ({ ...project, finish: { ...project.finish, coats: [...coats] } });
const without = (project: Project, ...ids: string[]) =>
	withCoats(
		project,
		project.finish.coats.filter(({ id }) => !ids.includes(id))
	);
const findingsOf = (project: Project) => planProject(project).findings;
const rulesOf = (project: Project) => findingsOf(project).map(({ rule }) => rule);

it.each(['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'])('%s is in good order', (name) =>
	expect(findingsOf(read(name))).toEqual([])
);

describe('a finding that the painter overrules', () => {
	const bare = without(demo, 'clear');
	const decided: Project = {
		...bare,
		finish: { ...bare.finish, decisions: [{ rule: 'protect', coat: 'stencil', choice: 'Left bare' }] }
	};
	const left = (project: Project) => findingsOf(project).find(({ rule, coat }) => rule === 'protect' && coat === 'stencil')?.overruled;

	it('is told with its decision, where it is no must', () => {
		const coats = decided.finish.coats.map((coat) => (coat.id === 'stencil' ? { ...coat, material: 'milk-paint' } : coat)) as Coat[];
		const project = { ...decided, finish: { ...decided.finish, decisions: [{ rule: 'protect', coat: 'base', choice: 'Left bare' }] } };
		expect(findingsOf(project).find(({ coat }) => coat === 'base')).toMatchObject({ kind: 'should', overruled: 'Left bare' });
		const must = findingsOf(withCoats(decided, coats)).find(({ kind }) => kind === 'must');
		expect(must).toMatchObject({ rule: 'protect', coat: 'stencil', overruled: null });
	});

	it('ends with the coat that it was about, however that goes', () => {
		const wax = { ...newWax('all'), id: 'stencil' };
		const gone = [
			dropCoat(decided, 'stencil'),
			setCoat(decided, wax),
			{ ...decided, finish: applyRemedy(decided.finish, { label: '', edits: [{ op: 'replace', coat: 'stencil', with: wax }] }) }
		];
		for (const project of gone) expect(project.finish.decisions).toEqual([]);
		const again = addCoat(dropCoat(decided, 'stencil'), newStencil('reeds', 'hull-white', 'chalk-paint'));
		expect(again.id).toBe('stencil');
		expect(left(again.project) ?? null).toBeNull();
	});

	it('stays while its coat is only changed or moved', () => {
		const stencil = decided.finish.coats.find(({ id }) => id === 'stencil')!;
		expect(setCoat(decided, { ...stencil, wait: 5 }).finish.decisions).toHaveLength(1);
		const moved = applyRemedy(decided.finish, { label: '', edits: [{ op: 'move', coat: 'stencil', to: 0 }] });
		expect(moved.decisions).toHaveLength(1);
	});
});

describe('sanding to bare', () => {
	const at = demo.finish.coats.findIndex(({ id }) => id === 'clear');
	const sanded = withCoats(demo, demo.finish.coats.toSpliced(at, 0, { ...newSand(['drawer-1', 'drawer-2']), id: 'strip', bare: true }));

	it('takes the film of what lies there out of the gaps, from that step on, and of nothing else', () => {
		const gapOf = (project: Project, id: string) => planProject(project).gaps.find(({ gap }) => gap === id)!;
		/** Between the two drawers only the clear coat is left: 50 um on each side. */
		expect(gapOf(sanded, 'gap-2').film).toEqual([expect.closeTo(0.05, 9), expect.closeTo(0.05, 9)]);
		expect(gapOf(sanded, 'gap-2').stages[at]).toBeCloseTo(gapOf(sanded, 'gap-2').mm, 9);
		expect(gapOf(sanded, 'gap-4').film).toEqual(gapOf(demo, 'gap-4').film);
	});

	it('is told as a loss where it was, and only there', () => {
		const lost = findingsOf(sanded).filter(({ rule }) => rule === 'sanded-off');
		expect(lost).toMatchObject([{ coat: 'strip', where: ['drawer-1', 'drawer-2'], what: expect.stringContaining('and 2 more') }]);
	});
});

describe('what is said', () => {
	const says = (rule: string, ...coats: Coat[]) =>
		findingsOf(withCoats(demo, coats))
			.filter((finding) => finding.rule === rule)
			.map(({ what }) => what);
	const [prime, base, blend, stencil, clear] = ['prime', 'base', 'blend', 'stencil', 'clear'].map((id) =>
		demo.finish.coats.find((coat) => coat.id === id)!
	) as [Coat, Coat, Coat, Coat, Coat];
	const strip: Coat = { ...newSand('all'), id: 'strip', bare: true };

	it('tells a waxed ground from an old finish', () => {
		const bare = (ground: 'waxed' | 'solid-wood', condition: 'bare' | 'finished') => {
			const piece = { ...demo.piece, condition, faces: demo.piece.faces.map((face) => ({ ...face, ground })) };
			return findingsOf({ ...withCoats(demo, [base, clear]), piece }).find(({ rule }) => rule === 'clean-first')!;
		};
		expect(bare('waxed', 'bare').what).toBe('The first coat goes on a waxed or oiled ground that has not been cleaned.');
		expect(bare('waxed', 'bare').remedies.map(({ label }) => label)).toEqual(['Add cleaning before it']);
		expect(bare('solid-wood', 'bare').what).toBe('The first coat goes on a surface that has not been cleaned.');
		expect(bare('solid-wood', 'bare').remedies.map(({ label }) => label)).toEqual(['Add dusting off before it', 'Add cleaning before it']);
		expect(bare('waxed', 'finished').what).toBe('The first coat goes on a surface that has not been cleaned.');
	});

	it('names what is sanded off: up to three, and beyond that how many more', () => {
		expect(says('sanded-off', base, strip)).toEqual(['Sanding to bare takes off the base coat.']);
		expect(says('sanded-off', base, blend, clear, strip)).toEqual([
			'Sanding to bare takes off the base coat, the blended coat and the clear coat.'
		]);
		expect(says('sanded-off', prime, base, blend, clear, strip)).toEqual([
			'Sanding to bare takes off the primer, the base coat and 2 more.'
		]);
	});

	it('shows what a thin coat comes out as, and how many coats it takes', () => {
		const thin = { ...base, times: 1 } as Coat;
		const [finding] = findingsOf(withCoats(demo, [prime, thin, clear])).filter(({ rule }) => rule === 'hides-ground');
		expect(finding).toMatchObject({
			what: 'One coat of Estuary at dusk lets the ground show: #285062 where the swatch is #1f3a47.',
			swatches: ['#1f3a47', '#285062'],
			why: expect.stringContaining('It takes 2 coats.')
		});
		expect(finding!.remedies).toEqual([{ label: 'Lay 2 coats', edits: [{ op: 'replace', coat: 'base', with: { ...thin, times: 2 } }] }]);
		const faint = { ...demo, palette: demo.palette.map((colour) => ({ ...colour, opacity: 0.1 })) };
		const never = findingsOf(withCoats(faint, [prime, thin, clear])).find(({ rule }) => rule === 'hides-ground')!;
		expect(never.why).toContain('Not even 6 coats would do');
		expect(never.remedies).toEqual([]);
	});

	it('names what is covered, and how much more', () => {
		const over = { ...base, id: 'over' };
		expect(says('hidden-work', base, stencil, over)).toEqual(['The base coat covers the stencil under it.']);
		expect(says('hidden-work', base, blend, stencil, over)).toEqual(['The base coat covers the blended coat and 1 more under it.']);
	});
});

describe('what really overlaps', () => {
	it('a print reaches only the fronts on which its motifs lie', () => {
		const [row] = demo.layout.arrangements;
		const leftOut = planProject(demo)
			.items.filter(({ part }) => part === 'drawer-2')
			.map(({ part, place }) => ({ part, place }));
		const project: Project = { ...demo, layout: { ...demo.layout, arrangements: [{ ...row!, leftOut } as typeof row & object] } };
		const stencil = planProject(project).order.find(({ coat }) => coat === 'stencil')!;
		expect(stencil.surfaces).toEqual(['drawer-1', 'drawer-3', 'drawer-4']);
		const first = project.finish.coats.findIndex(({ id }) => id === 'stencil');
		/** Wax on the front that has no print is no wax under the print. */
		const waxed = withCoats(project, project.finish.coats.toSpliced(first, 0, newWax(['drawer-2'])));
		expect(rulesOf({ ...waxed, finish: { ...waxed.finish, coats: waxed.finish.coats.filter(({ id }) => id !== 'clear') } })).not.toContain(
			'no-water-on-wax'
		);
	});

	it('two prints meet only where their openings do: beside the reeds wax on them is no wax under it', () => {
		const motif = { ...demo.layout.motifs[0]!, id: 'dot', width: 6, height: 6, paths: [{ d: 'M0 0H6V6H0Z', rule: 'nonzero' as const }] };
		const { project, id } = addArrangement({ project: demo, motif, kind: 'single', fronts: undefined, colour: 'sand-bar' });
		const print = project.finish.coats.find((coat) => 'arrangement' in coat && coat.arrangement === id)!;
		const coats = [...demo.finish.coats.filter((coat) => coat.id !== 'clear'), { ...newWax('all'), through: 'reeds' }, print];
		const laid = project.layout.arrangements.find((one) => one.id === id) as Single;
		const at = (fx: number) => {
			const reed = planProject(demo).items.find(({ part }) => part === 'drawer-1')!;
			const front = planProject(demo).faces[0]!.parts.find(({ id: part }) => part === 'drawer-1')!;
			const offset = { x: reed.left + fx * reed.width - front.width / 2, y: reed.centre.y - front.height / 2 };
			const moved: Single = { ...laid, parts: ['drawer-1'], scale: 1, at: 'centre', offset };
			const arrangements = project.layout.arrangements.map((one) => (one.id === id ? moved : one));
			return findingsOf({ ...project, layout: { ...project.layout, arrangements }, finish: { coats, decisions: [] } }).filter(
				({ rule }) => rule === 'no-water-on-wax'
			);
		};
		expect(at(0.5)).toMatchObject([{ coat: print.id, where: ['drawer-1'] }]);
		expect(at(-0.2)).toEqual([]);
	});

	it('through a motif no room to move is used', () => {
		const gaps = (project: Project) => planProject(project).gaps.map(({ left }) => left);
		const wax: Coat = { ...newWax('all'), thickness: 4 };
		const at = demo.finish.coats.length - 1;
		const put = (coat: Coat) => withCoats(demo, demo.finish.coats.toSpliced(at, 0, coat));
		expect(gaps(put({ ...wax, through: 'reeds' }))).toEqual(gaps(demo));
		expect(gaps(put(wax))[0]).toBeLessThan(gaps(demo)[0]!);
	});
});

describe('old holes', () => {
	const fill = (old: 'fill' | 'keep'): Project => ({
		...demo,
		piece: {
			...demo.piece,
			faces: demo.piece.faces.map((face) =>
				face.hardware.kind === 'none' ? face : { ...face, hardware: { ...face.hardware, holes: { old } } }
			)
		}
	});

	it('bring the filler before the sanding that is there, which waits a day for it; without them it goes again', () => {
		const filled = followHoles(demo, fill('fill'));
		expect(filled.finish.coats.slice(0, 4).map(({ id }) => id)).toEqual(['hardware-off', 'clean', 'filler', 'sand']);
		const { order, quantities } = planProject(filled);
		expect(order[3]).toMatchObject({ waitBefore: expect.closeTo(1440, 6), waitFor: 'filler' });
		expect(order[2]!.surfaces).toEqual(['drawer-1', 'drawer-2', 'drawer-3', 'drawer-4']);
		/** Eight holes of 5 mm, 20 mm deep, and half as much again. */
		const ml = 8 * (Math.PI / 4) * 25 * 20 * 1.5e-3;
		expect(quantities.products.find(({ material }) => material === 'wood-filler')!.ml).toBeCloseTo(ml, 9);
		const kept = followHoles(filled, { ...filled, piece: fill('keep').piece });
		expect(kept.finish.coats).toEqual(demo.finish.coats);
		expect(followHoles(demo, demo)).toBe(demo);
		/** Once taken out by hand it does not come back with the next change. */
		const taken = dropCoat(filled, 'filler');
		expect(followHoles(taken, { ...taken, piece: { ...taken.piece, name: 'Other' } }).finish.coats).toEqual(demo.finish.coats);
	});

	it.each(['finished', 'new'] as const)(
		'come after the cleaning where a %s piece is sanded first, and are sanded by themselves',
		(condition) => {
			const [off, clean, sand, ...rest] = demo.finish.coats as [Coat, Coat, Coat, ...Coat[]];
			const wiped = condition === 'new' ? newDust('all') : clean;
			const before: Project = { ...withCoats(demo, [off, sand, wiped, ...rest]), piece: { ...demo.piece, condition } };
			const filled = followHoles(before, { ...before, piece: { ...fill('fill').piece, condition } });
			expect(filled.finish.coats.slice(0, 6).map(({ id }) => id)).toEqual(['hardware-off', 'sand', wiped.id, 'filler', 'sand-2', 'prime']);
			expect(findingsOf(filled)).toEqual([]);
		}
	);

	it('come first of all where nothing prepares, and last where there is no coat', () => {
		const ids = (coats: Coat[]) => followHoles(withCoats(demo, coats), withCoats(fill('fill'), coats)).finish.coats.map(({ id }) => id);
		const coats = demo.finish.coats;
		expect(ids(coats.filter(({ id }) => id === 'prime' || id === 'base'))).toEqual(['filler', 'sand', 'prime', 'base']);
		expect(ids(coats.filter(({ id }) => id === 'clean'))).toEqual(['clean', 'filler', 'sand']);
	});

	it('bring sanding too where there is none', () => {
		const filled = followHoles(without(demo, 'sand'), without(fill('fill'), 'sand'));
		expect(filled.finish.coats.slice(0, 5).map(({ id }) => id)).toEqual(['hardware-off', 'clean', 'filler', 'sand', 'prime']);
		expect(rulesOf(filled)).not.toContain('fill-holes');
		expect(newFiller().material).toBe('wood-filler');
	});
});

describe('a new coat goes where its kind belongs', () => {
	const idsWith = (coat: Coat) => addCoat(demo, coat).project.finish.coats.map(({ id }) => id);
	it.each<[string, Coat, string, string]>([
		['a base coat before the blending', newBase('all', 'estuary', 'chalk-paint'), 'base', 'base-2'],
		['a print over the blending', newStencil('reeds', 'hull-white', 'chalk-paint'), 'stencil', 'stencil-2'],
		['wax before the hardware goes on', newWax('all'), 'clear', 'wax'],
		['sanding among what prepares', newSand('all'), 'sand', 'sand-2']
	])('%s', (_says, coat, after, id) => {
		const ids = idsWith(coat);
		expect(ids[ids.indexOf(after) + 1]).toBe(id);
	});
});

it('a print in the colours of a zone takes one of them when the zone goes', () => {
	const stencil = demo.finish.coats.find(({ id }) => id === 'stencil')!;
	const toned = setCoat(demo, { ...stencil, colour: { zone: 'glow' } } as Coat);
	const dropped = dropZone(toned, 'glow');
	expect(dropped.finish.coats.map(({ id }) => id)).toEqual(demo.finish.coats.map(({ id }) => id).filter((id) => id !== 'blend'));
	expect(dropped.finish.coats.find(({ id }) => id === 'stencil')).toMatchObject({ colour: demo.layout.zones[0]!.colours[0] });
});

it('counts brushes by school', () => {
	const count = (brushes: 'clean-joins' | 'own-brushes' | 'one-dry') =>
		METHODS['mist-and-feather']
			.tools(3, brushes)
			.filter(({ tool }) => tool.includes('brush'))
			.reduce((sum, { count }) => sum + count, 0);
	expect([count('clean-joins'), count('own-brushes'), count('one-dry')]).toEqual([5, 3, 4]);
});
