import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProject, readProjectText } from '../formats';
import { CATALOGUE } from '../materials';
import { planProject } from '../plan';
import { KINDS, type Coat, type CoatKind } from '../layers';
import {
	addCoat,
	changesOfWorkshop,
	dropArrangement,
	dropZone,
	paintOf,
	settingsOf,
	takeWorkshop,
	withLabel,
	writeLabel,
	type Project
} from './index';

const read = readProjectText(readFileSync('demo/sail-loft-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const chest: Project = read.project;
const paint = CATALOGUE.find(({ id }) => id === 'chalk-paint')!;

it('a figure from the label makes a tin of one’s own, of every step that was done with ours, and the label wins', () => {
	const { project, tin } = writeLabel(chest, 'chalk-paint', { recoat: 300 });
	expect(tin).toMatchObject({
		id: 'chalk-paint-own',
		like: 'chalk-paint',
		name: 'Chalk-type paint, own tin',
		recoat: 300,
		from: { recoat: 'label' }
	});
	expect(readProject(project).ok).toBe(true);
	const painted = chest.finish.coats.flatMap((coat) => ('material' in coat && coat.material === 'chalk-paint' ? [coat.id] : []));
	expect(painted.length).toBeGreaterThan(2);
	expect(project.finish.coats.flatMap((coat) => ('material' in coat && coat.material === tin.id ? [coat.id] : []))).toEqual(painted);
	const waits = (of: Project) => planProject(of).order.find(({ coat }) => coat === 'stencil')!.waitBefore;
	expect(waits(project) - waits(chest)).toBeGreaterThan(100);
	/** A second figure goes to the same tin. */
	const again = writeLabel(project, tin.id, { coverage: 9 });
	expect([again.project.materials.length, again.tin.from]).toEqual([1, { recoat: 'label', coverage: 'label' }]);
	/** A tin of that name stands on the shelf already. */
	expect(writeLabel(chest, 'chalk-paint', { recoat: 1 }, [tin]).tin.id).toBe('chalk-paint-own-2');
	expect(() => writeLabel(chest, 'nothing', {})).toThrow('nothing');
});

it.each<[says: string, change: object, comes: object]>([
	['a recoat under its touch', { recoat: 20 }, { recoat: 20, touchDry: 20 }],
	['a touch over its recoat', { touchDry: 600 }, { recoat: 600, touchDry: 600 }],
	['both as they are read', { touchDry: 30, recoat: 90 }, { recoat: 90, touchDry: 30 }],
	['a name says nothing of figures', { name: 'Blue tin' }, { name: 'Blue tin', recoat: paint.recoat }]
])('%s', (_says, change, comes) => {
	const tin = withLabel(paint, change);
	expect(tin).toMatchObject(comes);
	expect(Object.keys(tin.from ?? {}).sort()).toEqual(
		Object.keys(change)
			.filter((key) => key !== 'name')
			.sort()
	);
});

it('a change on the shelf is offered to a piece that has the tin, and imposed on none', () => {
	const { project, tin } = writeLabel(chest, 'clear-coat', { recoat: 95 });
	const shelf = {
		...settingsOf(project),
		materials: [
			{ ...tin, recoat: 120 },
			{ ...tin, id: 'other', name: 'Other' }
		]
	};
	expect(changesOfWorkshop(project, shelf)).toEqual(['materials']);
	expect(changesOfWorkshop(chest, { ...settingsOf(chest), materials: shelf.materials })).toEqual([]);
	expect(takeWorkshop(project, shelf).materials).toEqual([shelf.materials[0]]);
});

/** Paste on bare wood and gilding over the seal go where the school of the workshop has them. */
it.each<[schools: Project['workshop']['schools'], kind: 'paste' | 'gilding', after: string | null]>([
	[undefined, 'paste', 'shells'],
	[{ paste: 'bare' }, 'paste', 'sand'],
	[{ paste: 'base' }, 'paste', 'shells'],
	[undefined, 'gilding', 'shells'],
	[{ gilding: 'after' }, 'gilding', 'clear']
])('with %j a %s lies behind %s', (schools, what, after) => {
	const coat =
		what === 'paste'
			? ({ ...chest.finish.coats.find(({ kind }) => kind === 'stencil')!, kind: 'paste', id: 'new', material: 'drywall-paste' } as never)
			: ({
					kind: 'gilding-wax',
					id: 'new',
					wait: null,
					material: 'gilding-wax',
					times: 1,
					thickness: 1,
					applicator: 'cloth',
					on: 'all',
					colour: 'sand-bar',
					catches: 'edges'
				} as never);
	const { project, id } = addCoat({ ...chest, workshop: { ...chest.workshop, ...(schools ? { schools } : {}) } }, coat);
	const at = project.finish.coats.findIndex((one) => one.id === id);
	expect(project.finish.coats[at - 1]?.id).toBe(after);
});

it('every way to begin a step, one after another, is a piece that can be saved; then each goes again', () => {
	let project = chest;
	for (const kind of Object.values(KINDS) as unknown as CoatKind<Coat>[]) {
		const starts = kind.starts({
			colours: project.palette.map(({ id }) => id),
			zones: project.layout.zones,
			arrangements: project.layout.arrangements,
			masks: ['mask'],
			paint: paintOf(project),
			hasHoles: true
		});
		for (const { coat, text } of starts) {
			if ('mask' in coat && !project.finish.coats.some(({ id }) => id === 'mask')) continue;
			const added = addCoat(project, coat);
			const read = readProject(added.project);
			expect(read.ok ? [] : read.issues, text).toEqual([]);
			project = { ...added.project, finish: { ...added.project.finish, coats: added.project.finish.coats.slice(-90) } };
		}
	}
	/** Whatever goes through what is gone goes with it. */
	const bare = project.layout.arrangements.reduce((left, { id }) => dropArrangement(left, id), project);
	const zoneless = bare.layout.zones.reduce((left, { id }) => dropZone(left, id), bare);
	const read = readProject(zoneless);
	expect(read.ok ? [] : read.issues).toEqual([]);
});
