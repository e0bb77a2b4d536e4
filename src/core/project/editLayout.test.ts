import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Arrangement } from '../layout';
import { planProject } from '../plan';
import {
	addArrangement,
	addZone,
	dropArrangement,
	dropZone,
	newProject,
	setArrangement,
	setMotifs,
	ZONE_STARTERS,
	type Project
} from './index';
import { checkReferences, readMotifSvg, readProject } from '../formats';

const motifOf = (id: string) => {
	const read = readMotifSvg(readFileSync(`demo/motifs/${id}.svg`, 'utf8'), id);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.motif;
};
const knot = motifOf('knot');
const kinds = (project: Project) => project.finish.coats.map(({ kind }) => kind);

/** A new chest of three drawers, measured. */
function measured(): Project {
	const project = newProject({ name: 'A chest', units: 'mm', count: 3 });
	const lengths: Record<string, string> = { rail: '20', plinth: '60', 'drawer-1': '150', 'drawer-2': '170', 'drawer-3': '190' };
	const face = project.piece.faces[0]!;
	const chain = face.chain.map((entry) => ({ ...entry, reading: lengths[entry.id] ?? '3' }));
	const faces = [{ ...face, width: '800', height: '602', chain }, ...project.piece.faces.slice(1)];
	return { ...project, piece: { ...project.piece, faces } };
}

describe('a new project', () => {
	it.each([1, 5, 12])('of %i drawers is a valid file, and waits only for its readings', (drawers) => {
		const project = newProject({ name: 'x', units: 'in', count: drawers });
		expect(readProject(JSON.parse(JSON.stringify(project)))).toEqual({ ok: true, project });
		const { errors, findings } = planProject(project);
		expect(new Set(errors.map(({ code }) => code))).toEqual(new Set(['length.empty']));
		expect(errors).toHaveLength(2 + 2 * drawers + 3);
		expect(findings).toEqual([]);
	});
	it('has nothing wrong with it once it is measured', () => expect(planProject(measured())).toMatchObject({ errors: [], findings: [] }));
});

describe('what a zone may begin from', () => {
	it.each(ZONE_STARTERS.map((starter) => [starter.id, starter] as const))(
		'%s is a valid file with its coat, and nothing is wrong with it',
		(id, starter) => {
			const before = measured();
			const added = addZone(
				before,
				before.palette.map((colour) => colour.id),
				starter
			);
			const read = readProject(JSON.parse(JSON.stringify(added.project)));
			expect(read).toEqual({ ok: true, project: added.project });
			const plan = planProject(added.project);
			expect(plan.errors).toEqual([]);
			expect(plan.findings).toEqual([]);
			expect(plan.zones.filter(({ zone }) => zone === added.id).length).toBeGreaterThan(0);
			expect(plan.wetWork).toMatchObject([{ coats: [expect.any(String)] }]);
			expect(added.project.finish.coats.find(({ kind }) => kind === 'blend')).toMatchObject({ method: starter.method, zone: id });
			expect(dropZone(added.project, added.id)).toEqual(before);
		}
	);
});

describe('shades and rows', () => {
	const shaded = addZone(measured(), ['night-tide', 'eel-grass', 'drift-sand']);
	const both = addArrangement({ project: shaded.project, motif: knot });

	it('come with their coats, each over what it needs, and the order holds', () => {
		expect(kinds(both.project)).toEqual(['hardware-off', 'dust', 'prime', 'base', 'blend', 'stencil', 'clear', 'hardware-on']);
		expect(planProject(both.project)).toMatchObject({ errors: [], findings: [] });
		expect(planProject(both.project).items.length).toBeGreaterThan(6);
	});

	it('begin with a border that leaves the lowest front its centre', () => {
		expect(shaded.project.layout.zones[0]!.field).toMatchObject({ border: 30 });
		const project = measured();
		const face = project.piece.faces[0]!;
		const chain = face.chain.map((entry) => (entry.id === 'drawer-1' ? { ...entry, reading: '80' } : entry));
		const low = addZone({ ...project, piece: { ...project.piece, faces: [{ ...face, chain }], seams: [] } }, ['gull', 'eel-grass']);
		expect(low.project.layout.zones[0]!.field).toMatchObject({ border: 16 });
	});

	it('can be added twice, each under its own name', () => {
		const twice = addArrangement({ project: addZone(both.project, ['gull', 'eel-grass']).project, motif: knot }).project;
		expect(twice.layout.zones.map(({ id }) => id)).toEqual(['shade', 'shade-2']);
		expect(twice.layout.arrangements.map(({ id }) => id)).toEqual(['row', 'row-2']);
		expect(twice.layout.motifs).toHaveLength(1);
		expect(kinds(twice).slice(4, 8)).toEqual(['blend', 'stencil', 'blend', 'stencil'].sort());
		expect(checkReferences(twice)).toEqual([]);
	});

	it('of diamonds in two colours begins with every other one: one colour through all would show nothing', () => {
		const { project, id } = addArrangement({ project: measured(), motif: null, kind: 'harlequin' });
		expect(project.finish.coats.find((coat) => 'arrangement' in coat)).toMatchObject({ arrangement: id, role: 'diamond-1' });
	});

	it('take another motif with them, and let go of the one that nothing uses any more', () => {
		const wave = { ...knot, id: 'wave' };
		const row = both.project.layout.arrangements[0]! as Extract<Arrangement, { kind: 'run' }>;
		const other = setMotifs(both.project, { ...row, motif: 'wave' }, [knot, wave]);
		expect(other.layout.motifs).toEqual([wave]);
		expect(planProject(other).errors).toEqual([]);
		expect(setMotifs(other, row, [knot, wave]).layout).toEqual(both.project.layout);
	});

	it('go with their coats, and a motif with its last row', () => {
		expect(dropZone(dropArrangement(both.project, both.id), shaded.id)).toEqual(measured());
	});

	it('are changed one at a time, and leave the rest as it was', () => {
		const run = { ...both.project.layout.arrangements[0]!, name: 'Another' };
		const changed = setArrangement(both.project, run);
		expect(changed.layout.arrangements).toEqual([run]);
		expect(changed.piece).toBe(both.project.piece);
		expect(changed.layout.zones).toBe(both.project.layout.zones);
	});
});
