import { expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { readProjectText } from '../../formats';
import { planProject } from '../../plan';
import { describeHoles } from './describeHoles';

const read = readProjectText(readFileSync('tests/fixtures/reed-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const chest = read.project;
type Face = (typeof chest.piece.faces)[0];
const linesOf = (hardware: Face['hardware']) => {
	const project = {
		...chest,
		piece: { ...chest.piece, faces: chest.piece.faces.map((face, i) => (i === 0 ? { ...face, hardware } : face)) }
	};
	const plan = planProject(project);
	const pages = describeHoles(project, plan, plan.faces[0]!, 'a4');
	return { plan, lines: pages.flatMap(({ items }) => items.flatMap((item) => (item.kind === 'text' ? [item.text] : []))) };
};
const knob = {
	kind: 'knob',
	across: { rule: 'edge', distance: '100', count: 2 },
	down: { rule: 'top', distance: '60' },
	room: 'clear',
	hole: '5',
	diameter: '32'
} as const;

it('each hole by its centre on its own part; drawers that are drilled alike are told once', () => {
	const { plan, lines } = linesOf({ ...knob, holes: { old: 'keep' } });
	const { width } = plan.faces[0]!.parts.find(({ id }) => id === 'drawer-2')!;
	expect(lines).toContain('Hole 5 mm wide, its centre 100 mm from the left, 60 mm from the top.');
	expect(lines).toContain(`Hole 5 mm wide, its centre ${Math.round(width - 100)} mm from the left, 60 mm from the top.`);
	expect(lines.filter((text) => /^Hole \d/.test(text)).length).toBe(2);
	expect(lines.some((text) => text.startsWith('Old hole'))).toBe(false);
});

it('old ones that are filled stand beside the new', () => {
	const { lines } = linesOf({ ...knob, holes: { old: 'move', across: { rule: 'middle' }, down: { rule: 'top', distance: '40' } } });
	expect(lines.filter((text) => /^Hole \d/.test(text)).length).toBe(2);
	expect(lines).toContain('Old hole to fill, 5 mm wide, its centre 408 mm from the left, 40 mm from the top.');
});

it('no page where there is none', () => expect(linesOf({ kind: 'none' }).lines).toEqual([]));
