import { expect, it } from 'vitest';
import demo from '../../../tests/fixtures/reed-chest.json';
import { changeDrawers, type Project } from './index';
import { readProject } from '../formats';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const chest = read.project;
const zone = chest.layout.zones[0]!;
const run = chest.layout.arrangements[0]!;
const named: Project = {
	...chest,
	piece: {
		...chest.piece,
		faces: [{ ...chest.piece.faces[0]!, exceptions: { 'drawer-4': { kind: 'none' }, 'drawer-1': { kind: 'none' } } }]
	},
	layout: {
		...chest.layout,
		zones: [
			{ ...zone, parts: ['drawer-1', 'drawer-4'] },
			{ ...zone, id: 'low', parts: ['drawer-4'] }
		],
		arrangements: [{ ...run, parts: ['drawer-4'], leftOut: [{ part: 'drawer-4', place: '0' }] }]
	},
	finish: {
		...chest.finish,
		coats: chest.finish.coats.map((coat) =>
			coat.kind === 'clear' ? { ...coat, on: ['drawer-2', 'drawer-4'] } : coat.kind === 'prime' ? { ...coat, on: ['drawer-4'] } : coat
		)
	}
};

it('lets go of every mention of a drawer that is gone, so that the file stays whole', () => {
	const three = changeDrawers(named, 3);
	expect(readProject(JSON.parse(JSON.stringify(three)))).toMatchObject({ ok: true });
	expect(Object.keys(three.piece.faces[0]!.exceptions)).toEqual(['drawer-1']);
	expect(three.layout.zones.map(({ id, parts }) => [id, parts])).toEqual([['glow', ['drawer-1']]]);
	expect(three.layout.arrangements).toEqual([]);
	expect(three.finish.coats.map(({ kind }) => kind)).not.toContain('stencil');
	expect(three.finish.coats.map(({ kind }) => kind)).not.toContain('prime');
	expect(three.finish.coats.find(({ kind }) => kind === 'clear')).toMatchObject({ on: ['drawer-2'] });
});

it('keeps the readings that stay, and waits for the new ones', () => {
	const five = changeDrawers(chest, 5);
	const readings = five.piece.faces[0]!.chain.filter(({ role }) => role === 'drawer').map(({ reading }) => reading);
	expect(readings).toEqual(['175', '195', '215', '235', '']);
	expect(five.layout).toEqual(chest.layout);
	expect(changeDrawers(five, 4)).toEqual(chest);
});
