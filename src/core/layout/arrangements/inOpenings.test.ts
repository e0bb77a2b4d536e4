import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { planProject } from '../../plan';
import { STARTERS } from '../../piece';
import { newProject, type Project } from '../../project';
import { ARRANGEMENTS, type Arrangement } from '../index';

const read = readProjectText(readFileSync('demo/sail-loft-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const chest = read.project;
const motif = chest.layout.motifs[0]!;

/** An arrangement as it begins on all of the face that has an opening, on a piece as it starts. */
function lay(shape: string, kind: 'run' | 'single' | 'grid' | 'scatter' | 'border', more: object = {}) {
	const begun = newProject({ name: 'Piece', units: 'mm', count: null, shape });
	const face = planProject(begun).faces.find(({ parts }) => parts.some(({ role }) => role === 'open'))!;
	const start = { id: 'a', name: 'A', motif, parts: [face.id], shortest: Math.min(face.width, face.height), scale: 0.5, round: Math.round };
	const arrangement = { ...ARRANGEMENTS[kind].start(start), ...more } as Arrangement;
	const project: Project = { ...begun, layout: { ...begun.layout, motifs: [motif], arrangements: [arrangement] } };
	return { face, plan: planProject(project) };
}

const OPEN = STARTERS.map(({ id }) => id).filter((shape) =>
	planProject(newProject({ name: 'Piece', units: 'mm', count: null, shape })).faces.some(({ parts }) =>
		parts.some(({ role }) => role === 'open')
	)
);

describe.each(OPEN)('on %s, with an opening', (shape) => {
	it.each(['run', 'grid', 'scatter', 'border'] as const)(
		'%s lays nothing that would fall into it, and counts only what it lays',
		(kind) => {
			const { plan } = lay(shape, kind);
			for (const { openArea, rings } of plan.items) {
				expect(openArea).toBeGreaterThan(0);
				expect(rings.length).toBeGreaterThan(0);
			}
			if (kind !== 'run') return;
			const { choices, taken } = plan.arrangements[0]!.groups[0]!;
			expect(choices[taken]!.title.split(', ')[0], choices[taken]!.reason).toBe(String(plan.items.length));
		}
	);
});

it('a frame round a glass: two of a row of twelve are seen, and it says where the others went', () => {
	const { plan } = lay('frame', 'run');
	expect(plan.items).toHaveLength(2);
	const { choices, taken } = plan.arrangements[0]!.groups[0]!;
	expect(choices[taken]!.reason).toMatch(/; 10 left out on Front, where nothing is$/);
});

it('one that lies wholly in an opening is not laid, and told; pulled there by hand it stays, to be pulled out again', () => {
	const { plan, face } = lay('frame', 'single');
	expect(plan.items).toEqual([]);
	expect(plan.hints.map(({ code, path }) => `${code} ${path}`)).toContain('single.nowhere layout.arrangements[0].offset');
	const beside = lay('frame', 'single', { offset: { x: 0, y: -face.height / 2 + 30 } }).plan;
	expect(beside.items).toHaveLength(1);
	expect(beside.hints.map(({ code }) => code)).not.toContain('single.nowhere');
	const moved = lay('frame', 'run', { moved: [{ part: face.id, place: '1', x: face.width / 2, y: face.height / 2 }] }).plan;
	expect(moved.items.filter(({ byHand }) => byHand)).toHaveLength(1);
});

it('a motif that only crosses gaps does not go over the edge; one that hangs over it does', () => {
	const start = { id: 'a', name: 'A', motif, parts: ['front'], shortest: 860, scale: 0.5, round: Math.round };
	const plan = (offset: object) => {
		const single = { ...ARRANGEMENTS.single.start(start), scale: 1.5, offset } as Arrangement;
		return planProject({ ...chest, layout: { ...chest.layout, arrangements: [single] }, finish: { coats: [], decisions: [] } });
	};
	const across = plan({ x: 0, y: 0 });
	expect(across.items[0]!.cutBy).toEqual(['opening']);
	expect(across.hints.map(({ code }) => code)).not.toContain('run.over-edge');
	expect(plan({ x: 430, y: 0 }).hints.map(({ code }) => code)).toContain('run.over-edge');
});
