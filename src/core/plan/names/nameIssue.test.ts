import cabinet from '../../../../demo/chart-cabinet.json';
import chest from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '../../formats';
import { newProject } from '../../project';
import { STARTERS } from '../../piece';
import { nameIssue } from './nameIssue';
import { planProject } from '../planProject';
import { describe, expect, it } from 'vitest';

const open = (file: unknown) => {
	const read = readProject(file);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return { project: read.project, plan: planProject(read.project) };
};
const [sail, chart] = [open(chest), open(cabinet)];

describe('an issue is told by where it is, not by its path in the file', () => {
	it.each<[string, object]>([
		['piece.faces[0].width', { words: 'Front, width', screen: 'measure', face: 'front', field: 'width' }],
		['piece.faces[0].chain[0].reading', { words: 'Front, rail', field: 'rail' }],
		['piece.faces[0].chain[1].reading', { words: 'Front, gap 1' }],
		['piece.faces[0].chain[2].reading', { words: 'Front, drawer 1', field: 'drawer-1' }],
		['piece.faces[0].hardware.diameter', { words: 'Front, knobs and pulls', face: 'front' }],
		['piece.seams[0]', { words: 'the piece', screen: 'measure' }],
		['layout.zones[0].field', { words: 'Edge shade and glow', screen: 'layout' }],
		['layout.arrangements[0].scale', { words: 'Reed bed', screen: 'layout' }],
		['finish.coats[3].material', { words: 'Primer', screen: 'coats' }],
		['palette[0].hex', { words: 'Estuary at dusk', screen: 'mix' }],
		['workshop.humidity', { words: 'the workshop', screen: 'coats' }]
	])('%s', (path, place) => expect(nameIssue(sail.project, sail.plan, path)).toMatchObject(place));
	it('a link of a row within the chain, by the deepest one; a part by its name', () => {
		expect(nameIssue(chart.project, chart.plan, 'piece.faces[0].parts[0].place').words).toBe('Front, Panel 1');
		const row = chart.project.piece.faces[0]!.chain.findIndex(({ split }) => split);
		const path = `piece.faces[0].chain[${row}].split.chain[1].reading`;
		expect(nameIssue(chart.project, chart.plan, path).field).toBe(chart.project.piece.faces[0]!.chain[row]!.split!.chain[1]!.id);
	});
	it.each(STARTERS.map(({ id }) => id))('every issue of a new %s has words without brackets', (shape) => {
		const project = newProject({ name: 'x', units: 'mm', count: null, shape });
		const plan = planProject(project);
		for (const { path } of plan.errors) expect(nameIssue(project, plan, path).words).not.toMatch(/[[\].]/);
		/** One that is cut to any shape begins measured. */
		expect(plan.errors.length > 0).toBe(shape !== 'free-board');
	});
});
