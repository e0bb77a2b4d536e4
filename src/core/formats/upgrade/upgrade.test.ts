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
		expect(read.project.version).toBe(6);
		expect(read.project.layout.zones[0]).toMatchObject({ over: 'each', leaves: false, field: { pattern: 'edge-shade', corners: 'round' } });
		expect(plan.zones).toHaveLength(4);
		expect(plan.errors).toEqual([]);
		/** Its one dark base coat over white primer was always thin, and its shellac never scuffed; now both are said. */
		expect(plan.findings.map(({ rule, kind }) => `${rule} ${kind}`)).toEqual(['gloss-key should', 'hides-ground should']);
		expect(plan.faces.map(({ name, width, height }) => [name, width, height])).toEqual([['Front', 860, 940]]);
		expect(plan.faces[0]!.parts.map(({ id }) => id)).toEqual(['rail', 'drawer-1', 'drawer-2', 'drawer-3', 'drawer-4', 'plinth']);
		expect(plan.items.length).toBeGreaterThan(10);
	});

	it('calls the carcass by the name of its face', () => {
		const old = JSON.parse(version1);
		old.finish.coats.find(({ kind }: { kind: string }) => kind === 'base').on = ['frame', 'drawer-1'];
		const { finish } = upgradeProject(old);
		expect(finish.coats.find(({ kind }: { kind: string }) => kind === 'base').on).toEqual(['front', 'drawer-1']);
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
		6,
		[{ id: 'z', field: { pattern: 'ageing', hands: false, motifs: false, reach: 20, seed: 4 } }, 'odd', { field: { pattern: 'clouds' } }]
	]);
});

describe.each([2, 3, 4, 5])('a file of version %i', (version) => {
	const read = readProjectText(readFileSync(`src/core/formats/upgrade/version${version}.fixture.json`, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const { project } = read;

	it('opens as what it was: every motif where it lay, in its colour, by the coat that goes through it', () => {
		const plan = planProject(project);
		expect([project.version, plan.errors]).toEqual([6, []]);
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
		expect(upgradeProject({ version: 5, finish })).toEqual({ version: 6, finish });
});
