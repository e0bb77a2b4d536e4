import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { measureMotif } from '../layout';
import { describeProjectSchema, type Project } from '../project';
import { readMotifSvg, readProject, readProjectText, wordIssue } from './index';

const text = readFileSync('demo/sail-loft-chest.json', 'utf8');
const demo = () => JSON.parse(text) as Project & Record<string, unknown>;
const faultsOf = (value: unknown) => {
	const read = readProject(value);
	if (read.ok) return [];
	for (const issue of read.issues) expect(wordIssue(issue, 'mm').length).toBeGreaterThan(20);
	return read.issues.map(({ code, path }) => `${code} at ${path}`);
};

describe('the project file', () => {
	it('comes back in unchanged', () => {
		const read = readProjectText(text);
		if (!read.ok) throw new Error(JSON.stringify(read.issues));
		expect(`${JSON.stringify(read.project, null, '\t')}\n`).toBe(text);
	});

	it.each<[string, (p: any) => void, string]>([
		['another format', (p) => (p.format = 'x'), 'file.not-project at format'],
		['a newer version', (p) => (p.version = 9), 'file.version at version'],
		['a missing field', (p) => delete p.piece.faces[0].width, 'field.missing at piece.faces[0].width'],
		['a wrong type', (p) => (p.palette[1].hex = 7), 'field.type at palette[1].hex'],
		['a bad colour', (p) => (p.palette[1].hex = 'blue'), 'field.format at palette[1].hex'],
		['an unknown field', (p) => (p.piece.colour = 1), 'field.unknown at piece.colour'],
		['an unknown choice', (p) => (p.paper = 'a3'), 'field.choice at paper'],
		['an unknown kind of coat', (p) => (p.finish.coats[3].kind = 'polish'), 'field.union at finish.coats[3].kind'],
		[
			'a scale that is not finite',
			(p) => (p.layout.arrangements[0].scale.least = null),
			'field.type at layout.arrangements[0].scale.least'
		],
		['too many coats at once', (p) => (p.finish.coats[3].times = 40), 'field.too-big at finish.coats[3].times'],
		['a wait of years', (p) => (p.finish.coats[3].wait = 100_001), 'field.too-big at finish.coats[3].wait'],
		['a coat as thick as a board', (p) => (p.finish.coats[3].thickness = 4.5), 'field.too-big at finish.coats[3].thickness'],
		['a print through nothing', (p) => (p.finish.coats[7].arrangement = 'gone'), 'ref.unknown at finish.coats[7].arrangement'],
		[
			'wax through nothing',
			(p) => (p.finish.coats[8] = { ...p.finish.coats[8], kind: 'wax', material: 'clear-wax', through: 'gone' }),
			'ref.unknown at finish.coats[8].through'
		],
		[
			'a print in a zone that is not there',
			(p) => (p.finish.coats[7].colour = { zone: 'gone' }),
			'ref.unknown at finish.coats[7].colour.zone'
		],
		['a blend of a zone that is not there', (p) => (p.finish.coats[6].zone = 'gone'), 'ref.unknown at finish.coats[6].zone'],
		['a colour that is not there', (p) => (p.layout.zones[0].colours[1] = 'gone'), 'ref.unknown at layout.zones[0].colours[1]'],
		['paint made of wax', (p) => (p.finish.coats[5].material = 'clear-wax'), 'ref.kind at finish.coats[5].material'],
		['a coat on no part', (p) => (p.finish.coats[4].on = ['drawer-9']), 'ref.unknown at finish.coats[4].on[0]'],
		['an id twice', (p) => (p.palette[1].id = p.palette[0].id), 'id.twice at palette[1].id']
	])('names %s', (_name, spoil, fault) => {
		const project = demo();
		spoil(project);
		expect(faultsOf(project)).toContain(fault);
	});

	it('names the line where a broken file breaks off', () => {
		const read = readProjectText('{\n"format": "ember-ribbon/project",\n"version" 1}');
		expect(read).toMatchObject({ ok: false, issues: [{ code: 'file.not-json', values: { where: 'line 3, sign 11' } }] });
		expect(readProjectText('null')).toMatchObject({ ok: false, issues: [{ code: 'file.not-project' }] });
	});

	it('has its schema published as it is', () => {
		expect(JSON.parse(readFileSync('docs/project.schema.json', 'utf8'))).toEqual(JSON.parse(JSON.stringify(describeProjectSchema())));
	});
});

describe('readMotifSvg', () => {
	const svg = (inside: string, head = 'width="10mm" height="20mm" viewBox="0 0 100 200"') =>
		`<svg xmlns="http://www.w3.org/2000/svg" ${head}>${inside}</svg>`;
	const SQUARE = '<path d="M0 0h50v50h-50z"/>';
	const areaOf = (text: string) => {
		const read = readMotifSvg(text, 'm');
		return read.ok ? measureMotif(read.motif).openArea : read.issues.map(({ code, path }) => `${code} at ${path}`);
	};

	it.each([
		['a square, scaled to mm', svg(SQUARE), 25],
		['nested groups with transforms', svg(`<g transform="translate(10 0)"><g transform="scale(2)">${SQUARE}</g></g>`), 100],
		['a hole by the rule of its group', svg('<g fill-rule="evenodd"><path d="M0 0h50v50h-50zM10 10h30v30h-30z"/></g>'), 16],
		['the same path filled', svg('<path d="M0 0h50v50h-50zM10 10h30v30h-30z"/>'), 25],
		['an offset view box', svg(SQUARE, 'width="1in" height="1in" viewBox="-10 -10 254 254"'), 25]
	])('reads %s', (_name, text, area) => expect(areaOf(text)).toBeCloseTo(area as number, 3));

	it.each([
		['a script', svg('\n<script>alert(1)</script>'), 'svg.element at line 2'],
		['a picture from elsewhere', svg('<image href="http://example.org/a.png"/>'), 'svg.element at line 1'],
		['entities', `<!DOCTYPE svg [<!ENTITY a "b">]>${svg(SQUARE)}`, 'svg.doctype at line 1'],
		['an endless number', svg('<path d="M0 0L1e400 0L1 1Z"/>'), 'svg.path at line 1'],
		['a stroke without filling', svg('<path fill="none" d="M0 0h5v5z"/>'), 'svg.stroke at line 1'],
		['deep nesting', svg('<g>'.repeat(50) + '</g>'.repeat(50)), 'svg.too-deep at line 1'],
		['nothing', svg(''), 'svg.empty at svg'],
		['no size', svg(SQUARE, ''), 'svg.no-size at svg'],
		['no XML', '<svg', 'svg.not-xml at line 1']
	])('refuses %s', (_name, text, fault) => expect(areaOf(text)).toContain(fault));

	it('is how the motifs of the demo came in', () => {
		const read = readMotifSvg(readFileSync('demo/motifs/reed.svg', 'utf8'), 'reed');
		expect(read).toEqual({ ok: true, motif: demo().layout.motifs[0] });
	});
});
