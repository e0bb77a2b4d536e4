import { describe, expect, it } from 'vitest';
import { newStencil } from '../layers';
import { planProject } from '../plan';
import { addZone, dropColour, nameMix, newProject, setColour, usesOfColour } from './index';
import { readProject } from '../formats';

const project = newProject({ name: 'x', units: 'mm', count: 3 });
const [first, second] = project.palette as [(typeof project.palette)[0], (typeof project.palette)[0]];
const mixed = setColour(project, {
	id: 'mixed',
	name: 'Mixed',
	hex: '#000000',
	opacity: 0.9,
	mix: [
		{ colour: first.id, parts: 1 },
		{ colour: second.id, parts: 2 }
	]
});

describe('the palette of a project', () => {
	it('has the shade of a mix as its parts make it, whatever was written, when it is set and when it is read', () => {
		const { hex } = mixed.palette.at(-1)!;
		expect(hex).not.toBe('#000000');
		const wrong = { ...mixed, palette: mixed.palette.map((colour) => (colour.id === 'mixed' ? { ...colour, hex: '#ffffff' } : colour)) };
		const read = readProject(JSON.parse(JSON.stringify(wrong)));
		expect(read.ok && read.project.palette.at(-1)!.hex).toBe(hex);
		const changed = setColour(mixed, { ...second, hex: '#c03020' });
		expect(changed.palette.at(-1)!.hex).not.toBe(hex);
		expect(changed.palette).toHaveLength(mixed.palette.length);
	});

	it.each<[name: string, parts: [parts: number, name: string][]]>([
		[
			'1 Slack water, 2 Hull white',
			[
				[1, 'Slack water'],
				[2, 'Hull white']
			]
		],
		[
			'1 Slack water, 2 (3 Hull white, 1 Sand bar)',
			[
				[1, 'Slack water'],
				[2, '3 Hull white, 1 Sand bar']
			]
		],
		[
			`1 ${'a'.repeat(60)}, and more`,
			[
				[1, 'a'.repeat(60)],
				[2, 'b'.repeat(20)],
				[3, 'c']
			]
		],
		[
			'A mix',
			[
				[1, 'a'.repeat(79)],
				[2, 'b']
			]
		]
	])('names a new mix "%s"', (name, parts) => {
		expect(nameMix(parts.map(([count, name]) => ({ colour: { name }, parts: count })))).toBe(name);
	});

	it('lets go only of what nothing uses, and says what does', () => {
		const shaded = addZone(mixed, [second.id, first.id]).project;
		expect(usesOfColour(shaded, second.id)).toEqual(['Edge shade and glow', 'Mixed']);
		expect(() => dropColour(shaded, second.id)).toThrow('Edge shade and glow, Mixed');
		const dropped = dropColour(shaded, 'mixed');
		expect(dropped.palette.map(({ id }) => id)).not.toContain('mixed');
		expect(planProject(dropped).errors.filter(({ code }) => code.startsWith('ref'))).toEqual([]);
	});

	it.each([
		['a mix of itself', [{ colour: 'mixed', parts: 1 }], ['colour.circle at palette[4].mix']],
		['a part that is not there', [{ colour: 'gone', parts: 1 }], ['ref.unknown at palette[4].mix[0].colour']],
		['no part at all', [], ['field.too-small at palette[4].mix']],
		['a part of nothing', [{ colour: first.id, parts: 0 }], ['field.too-small at palette[4].mix[0].parts']]
	])('refuses %s, and names the field', (_, mix, issues) => {
		const bad = { ...mixed, palette: mixed.palette.map((colour) => (colour.id === 'mixed' ? { ...colour, mix } : colour)) };
		const read = readProject(JSON.parse(JSON.stringify(bad)));
		expect(!read.ok && read.issues.map(({ code, path }) => `${code} at ${path}`)).toEqual(issues);
	});
});

it('the second colour of a shaded print is in use: it is not taken out from under it', () => {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const [tips, heart] = begun.palette.map(({ id }) => id) as [string, string];
	const print = { ...newStencil('a', tips, 'chalk-paint'), heart };
	const project = { ...begun, layout: { ...begun.layout, zones: [] }, finish: { coats: [print], decisions: [] } };
	expect(usesOfColour(project, heart)).toEqual(['a stencil']);
	expect(() => dropColour(project, heart)).toThrow(RangeError);
});
