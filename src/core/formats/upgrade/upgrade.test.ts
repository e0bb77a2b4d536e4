import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planProject } from '../../plan';
import { readProjectText } from '../index';
import { upgradeProject } from './index';

const version1 = readFileSync('src/core/formats/upgrade/version1.fixture.json', 'utf8');

describe('a file of version 1', () => {
	it('opens as what it was: the same drawers in the same places, the same coats, no new faults', () => {
		const read = readProjectText(version1);
		if (!read.ok) throw new Error(JSON.stringify(read.issues));
		const plan = planProject(read.project);
		expect(read.project.version).toBe(8);
		expect(read.project.layout.zones[0]).toMatchObject({ over: 'each', leaves: false, field: { pattern: 'edge-shade', corners: 'round' } });
		expect(plan.zones).toHaveLength(4);
		expect(plan.errors).toEqual([]);
		/** Its one dark base coat over white primer was always thin, and its shellac never scuffed; now both are said. */
		expect(plan.findings.map(({ rule, kind }) => `${rule} ${kind}`)).toEqual(['gloss-key should', 'hides-ground should']);
		expect(plan.faces.map(({ name, width, height }) => [name, width, height])).toEqual([['Front', 860, 940]]);
		expect(plan.faces[0]!.parts.map(({ id }) => id)).toEqual(['rail', 'drawer-1', 'drawer-2', 'drawer-3', 'drawer-4', 'plinth']);
		expect(plan.items.length).toBeGreaterThan(10);
	});

	it('calls the carcass the frame of its face', () => {
		const old = JSON.parse(version1);
		old.finish.coats.find(({ kind }: { kind: string }) => kind === 'base').on = ['frame', 'drawer-1'];
		const { finish } = upgradeProject(old);
		expect(finish.coats.find(({ kind }: { kind: string }) => kind === 'base').on).toEqual(['front/frame', 'drawer-1']);
	});

	it('still names what is wrong in it, where it stands', () => {
		const broken = JSON.parse(version1);
		delete broken.piece.faces[0].width;
		broken.piece.faces[0].chain = 'none';
		const read = readProjectText(JSON.stringify(broken));
		expect(!read.ok && read.issues.map(({ code, path }) => `${code} at ${path}`)).toEqual([
			'field.missing at piece.faces[0].width',
			'field.type at piece.faces[0].chain'
		]);
		for (const odd of [{ version: 1 }, { version: 1, piece: 7, finish: [] }, { version: 0 }, { version: '1' }, {}])
			expect(() => upgradeProject(odd)).not.toThrow();
	});
});

it('version 3 aged from the edges only', () => {
	const ageing = { id: 'z', field: { pattern: 'ageing', reach: 20, seed: 4 } };
	const { version, layout } = upgradeProject({
		version: 3,
		layout: { zones: [ageing, 'odd', { field: { pattern: 'clouds' } }] }
	}) as unknown as { version: number; layout: { zones: unknown[] } };
	expect([version, layout.zones]).toEqual([
		8,
		[{ id: 'z', field: { pattern: 'ageing', hands: false, motifs: false, reach: 20, seed: 4 } }, 'odd', { field: { pattern: 'clouds' } }]
	]);
});

describe.each([2, 3, 4, 5])('a file of version %i', (version) => {
	const read = readProjectText(readFileSync(`src/core/formats/upgrade/version${version}.fixture.json`, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const { project } = read;

	it('opens as what it was: every motif where it lay, in its colour, by the coat that goes through it', () => {
		const plan = planProject(project);
		expect([project.version, plan.errors]).toEqual([8, []]);
		expect(plan.faces[0]!.parts.filter(({ role }) => role === 'drawer')).toHaveLength(4);
		expect(plan.items.length).toBeGreaterThan(20);
		expect(project.layout.arrangements).toMatchObject([{ kind: 'run', id: 'reeds' }]);
		const [stencil] = project.finish.coats.filter(({ kind }) => kind === 'stencil');
		expect(stencil).toMatchObject({ arrangement: 'reeds', colour: 'hull-white', edge: 'soft' });
		expect(plan.quantities.paints.find(({ colour }) => colour === 'hull-white')!.ml).toBeGreaterThan(3);
	});
});

it('version 4 counted motifs from the left: what was moved or left out is the same one', () => {
	const old = JSON.parse(readFileSync('src/core/formats/upgrade/version4.fixture.json', 'utf8'));
	old.layout.runs[0].moved = [{ part: 'drawer-2', index: 1, x: 111, y: 77 }];
	old.layout.runs[0].leftOut = [{ part: 'drawer-3', index: 0 }];
	const read = readProjectText(JSON.stringify(old));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const before = planProject({
		...read.project,
		layout: { ...read.project.layout, arrangements: [{ ...read.project.layout.arrangements[0]!, moved: [], leftOut: [] } as never] }
	});
	const after = planProject(read.project);
	const on = (plan: typeof after, part: string) => plan.items.filter((item) => item.part === part);
	expect(on(after, 'drawer-2')[1]).toMatchObject({ byHand: true, centre: { x: 111, y: 77 }, key: on(before, 'drawer-2')[1]!.key });
	expect(on(after, 'drawer-3').map(({ key }) => key)).toEqual(
		on(before, 'drawer-3')
			.slice(1)
			.map(({ key }) => key)
	);
});

it('version 5 gave a wait to the step before it: it is that of the step that waits, and the last one waited for nothing', () => {
	const old = JSON.parse(readFileSync('src/core/formats/upgrade/version5.fixture.json', 'utf8'));
	const waits = (document: { finish: { coats: { wait: number | null }[] } }) => document.finish.coats.map(({ wait }) => wait);
	expect(waits(old).filter((wait) => wait !== null)).toEqual([1500, 90, 30]);
	expect(waits(upgradeProject(old))).toEqual([null, ...waits(old).slice(0, -1)]);
	for (const finish of [undefined, 7, {}, { coats: 'none' }, { coats: [null, 'odd', { kind: 'dust' }] }])
		expect(upgradeProject({ version: 5, finish })).toEqual({ version: 8, finish });
});

describe('a file of version 6, where a face was its frame to a coat and a part was itself alone', () => {
	const old = JSON.parse(readFileSync('src/core/formats/upgrade/version6.fixture.json', 'utf8'));
	const read = readProjectText(JSON.stringify(old));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const { finish } = read.project;

	it('names what each coat meant', () => {
		const onOf = (id: string) => (finish.coats.find((coat) => coat.id === id) as { on: unknown }).on;
		expect(onOf('prime')).toEqual(['front/frame', 'door-1/rest', 'top']);
		expect(onOf('base')).toEqual(['front/frame', 'left', 'door-1/rest', 'door-2/rest', 'panel-1/rest']);
		expect(onOf('clear')).toEqual(['door-2/rest', 'panel-2/rest', 'right']);
		expect([onOf('sand'), onOf('beads')]).toEqual(['frame', ['bead-1', 'bead-2']]);
	});

	it('takes as much as it did, as long, and leaves as much room in every gap', () => {
		const plan = planProject(read.project);
		/** As version 6 had it. */
		expect(plan.order.map(({ coat, work }) => [coat, Number(work.toFixed(4))])).toEqual([
			['hardware-off', 14],
			['clean', 7.3761],
			['sand', 14.7144],
			['prime', 7.3897],
			['scuff', 7.3761],
			['paste', 202.2543],
			['burrs', 0.3136],
			['base', 15.8922],
			['beads', 2.8199],
			['blend', 15.5218],
			['hollows', 1.0296],
			['clear', 9.6249],
			['gilding-wax', 0.6024],
			['crests', 0.8362],
			['hardware-on', 21]
		]);
		/** Areas of what has no level lines are found to a thousandth or so, by other points since. */
		const known = { 'hull-white': 152.4596, 'sand-bar': 23.8609, 'slack-water': 18.1311, estuary: 1.6335, 'old-brass': 1.5824 };
		expect(plan.quantities.paints.map(({ colour }) => colour)).toEqual(Object.keys(known));
		for (const { colour, ml } of plan.quantities.paints)
			expect(Math.abs(ml / known[colour as keyof typeof known] - 1), `${colour} ${ml}`).toBeLessThan(0.004);
		/** What is varnished and left so under hull white was not looked at before version 8. */
		expect(plan.findings.map(({ rule, coat }) => `${rule} ${coat}`)).toEqual([
			'base-dry blend',
			'base-dry hollows',
			'protect base',
			'bleed-block base',
			'bleed-block beads',
			'bleed-block blend'
		]);
		expect(plan.gaps.map(({ left }) => Number(left.toFixed(4)))).toEqual([2.1987, 2.6775, 2.2088, 1.6987, 1.7087, 2.1987, 2.2088]);
		expect(plan.quantities.surfaces.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(1.84403, 6);
	});

	it('a coat that named only a rail, which was no surface, still names it; what is odd is left for the schema', () => {
		const onOf = (on: unknown) => {
			const coats = old.finish.coats.map((coat: { id: string }) => (coat.id === 'base' ? { ...coat, on } : coat));
			const { finish } = upgradeProject({ ...old, finish: { ...old.finish, coats } });
			return (finish.coats as { id: string; on: unknown }[]).find(({ id }) => id === 'base')!.on;
		};
		expect([onOf(['rail']), onOf(7), onOf(['gone', 3])]).toEqual([['rail'], 7, ['gone', 3]]);
		for (const odd of [{}, { finish: 7 }, { finish: { coats: [null] }, piece: { faces: [7, { chain: [null, { id: 3 }], parts: 'x' }] } }])
			expect(() => upgradeProject({ version: 6, ...odd })).not.toThrow();
	});
});

it('version 7 knew fewer steps: all that it said is said as it was', () => {
	const old = JSON.parse(readFileSync('src/core/formats/upgrade/version7.fixture.json', 'utf8'));
	expect(old.version).toBe(7);
	const { version, ...rest } = upgradeProject(old);
	const said = { ...old };
	delete said.version;
	expect([version, rest]).toEqual([8, said]);
	const read = readProjectText(JSON.stringify(old));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const plan = planProject(read.project);
	expect([plan.errors, plan.findings]).toEqual([[], []]);
	/** As version 7 had it. */
	expect(plan.order.at(-1)!.doneAt).toBeCloseTo(2278.3819, 3);
});
