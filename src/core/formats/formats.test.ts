import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { measureMotif } from '../layout';
import { gatherMaterials } from '../materials';
import { describeProjectSchema, type Project } from '../project';
import { readMotifSvg, readProject, readProjectText, wordIssue } from './index';

const text = readFileSync('tests/fixtures/reed-chest.json', 'utf8');
const demo = () => JSON.parse(text) as Project & Record<string, unknown>;
const own = (id: string) => gatherMaterials([]).get(id)!;
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
		['a blend into what is not wet', (p) => (p.finish.coats[6].intoWet = 'prime'), 'coat.not-before at finish.coats[6].intoWet'],
		['an extender of days', (p) => (p.finish.coats[5].extender = 241), 'field.too-big at finish.coats[5].extender'],
		[
			'a ground of a part that is not there',
			(p) => (p.piece.faces[0].grounds = { 'drawer-9': 'glass' }),
			'ref.unknown at piece.faces[0].grounds.drawer-9'
		],
		['a frame of a part', (p) => (p.finish.coats[4].on = ['drawer-1/frame']), 'ref.unknown at finish.coats[4].on[0]'],
		['places to go on and to leave out', (p) => (p.finish.coats[4].on = ['front', '!top']), 'field.invalid at finish.coats[4].on'],
		['an id twice', (p) => (p.palette[1].id = p.palette[0].id), 'id.twice at palette[1].id'],
		[
			'a wax that is tacky no more before it is',
			(p) => (p.materials = [{ ...own('gilding-wax'), tack: { from: 60, to: 59 } }]),
			'field.invalid at materials[0].tack.to'
		],
		[
			'a paste whose limits are crossed',
			(p) => (p.materials = [{ ...own('puff-gel'), paste: { least: 2, most: 1.9, opening: 3, shrinkage: 0, puff: false } }]),
			'field.invalid at materials[0].paste.most'
		]
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
		['an offset view box', svg(SQUARE, 'width="1in" height="1in" viewBox="-10 -10 254 254"'), 25],
		['a drawing that is not as its box is, whole and in the middle', svg(SQUARE, 'width="20mm" height="20mm" viewBox="0 0 100 200"'), 25],
		['one that is stretched into it', svg(SQUARE, 'width="20mm" height="20mm" viewBox="0 0 100 200" preserveAspectRatio="none"'), 50],
		['a size from its box alone, at 96 to the inch', svg('<path d="M0 0h96v96h-96z"/>', 'viewBox="0 0 96 192"'), 645.16],
		['a size without a box, at 96 to the inch', svg('<path d="M0 0h96v96h-96z"/>', 'width="2in" height="2in"'), 645.16],
		['a circle, as its curve has it', svg('<circle cx="50" cy="50" r="40"/>'), Math.PI * 16],
		['an ellipse', svg('<ellipse cx="50" cy="50" rx="40" ry="20"/>'), Math.PI * 8],
		['a rectangle', svg('<rect x="5" y="5" width="60" height="40"/>'), 24],
		['a polygon', svg('<polygon points="0,0 60,0 0,40"/>'), 12],
		['a line drawn with a pen', svg('<line x1="10" y1="10" x2="60" y2="10" stroke="#000" stroke-width="8"/>'), 4],
		['a pen with square ends', svg('<path d="M10 10H60" fill="none" stroke="red" stroke-width="8" stroke-linecap="square"/>'), 4 + 0.64],
		[
			'a closed line, open inside',
			svg('<rect x="10" y="10" width="40" height="40" fill="none" stroke="#123" stroke-width="4"/>'),
			44 * 0.44 - 36 * 0.36
		],
		['a pen that is wider one way', svg('<g transform="scale(1 2)"><path d="M10 10H60" stroke="red" stroke-width="8"/></g>'), 8],
		['a fill by style, over its attribute', svg('<path style="fill:none" fill="red" d="M0 0h50v50h-50z"/>' + SQUARE), 25],
		['what is used twice', svg('<defs><path id="a" d="M0 0h20v20h-20z"/></defs><use href="#a"/><use href="#a" x="50" y="30"/>'), 8],
		[
			'a symbol',
			svg('<symbol id="s"><rect width="20" height="20"/></symbol><use xlink:href="#s"/>').replace('<svg', '<svg xmlns:xlink="x"'),
			4
		],
		[
			'nothing that is hidden',
			svg(`${SQUARE}<g display="none"><rect width="99" height="99"/></g><rect width="99" height="99" opacity="0"/>`),
			25
		],
		['a page of paper under it all', svg(`<rect width="100" height="200" fill="#fff"/>${SQUARE}`), 25],
		['white on top, knocked out', svg(`${SQUARE}<circle cx="25" cy="25" r="10" style="fill: white"/>`), 25 - Math.PI + 0.12],
		['white on top of what comes after it', svg(`<circle cx="25" cy="25" r="10" fill="white"/>${SQUARE}`), 25],
		['a fill that is inherited', svg(`<g fill="none">${SQUARE}<path fill="blue" d="M0 0h10v10h-10z"/></g>`), 1],
		['shapes that overlap, once', svg(SQUARE + SQUARE), 25]
	])('reads %s', (_name, text, area) =>
		expect(Math.abs((areaOf(text) as number) - (area as number))).toBeLessThan(0.02 + (area as number) / 1000)
	);

	it.each([
		['a script', svg('\n<script>alert(1)</script>'), 'svg.element at line 2'],
		['a picture from elsewhere', svg('<image href="http://example.org/a.png"/>'), 'svg.element at line 1'],
		['entities', `<!DOCTYPE svg [<!ENTITY a "b">]>${svg(SQUARE)}`, 'svg.doctype at line 1'],
		['an endless number', svg('<path d="M0 0L1e400 0L1 1Z"/>'), 'svg.path at line 1'],
		['a shape without filling or stroke', svg('<path fill="none" d="M0 0h5v5z"/>'), 'svg.empty at svg'],
		['deep nesting', svg('<g>'.repeat(100_000) + '</g>'.repeat(100_000)), 'svg.too-deep at line 1'],
		['what uses itself', svg('<g id="a"><use href="#a"/><use href="#a"/></g>'), 'svg.too-many at svg'],
		[
			'what uses another ten times, six times over',
			svg(
				[...'abcdef']
					.map(
						(id, i) =>
							`<g id="${id}">${i === 0 ? SQUARE : '<use href="#' + 'abcdef'[i - 1] + '"/>'.repeat(1) + `<use href="#${'abcdef'[i - 1]}"/>`.repeat(9)}</g>`
					)
					.join('')
			),
			'svg.too-many at svg'
		],
		['a file from elsewhere', svg('<use href="other.svg#a"/>'), 'svg.outside at line 1'],
		['a million points', svg(`<path d="M0 0${'L1 2L3 4'.repeat(500_000)}Z"/>`), 'svg.too-large at '],
		['a hundred thousand points', svg(`<path d="M0 0${'L1 2L3 4'.repeat(50_000)}Z"/>`), 'svg.too-many at svg'],
		['what is not a number', svg('<rect width="NaN" height="5"/><circle r="x"/>'), 'svg.path at line 1'],
		['nothing', svg(''), 'svg.empty at svg'],
		['no size', svg(SQUARE, ''), 'svg.no-size at svg'],
		['no XML', '<svg', 'svg.not-xml at line 1']
	])('refuses %s', (_name, text, fault) => expect(String(areaOf(text))).toContain(fault));

	it.each([
		['text', '<text>Reed</text>', 'svg.element: text'],
		['a clip', '<g clip-path="url(#a)"><rect width="10" height="10"/></g>', 'svg.alters: clip-path'],
		['a transform that is none', '<rect transform="scale(NaN)" width="10" height="10"/>', 'svg.transform: scale(NaN)'],
		['a picture from elsewhere', '<image href="http://example.org/a.png"/>', 'svg.element: image']
	])('reads what it can, and names %s', (_name, text, passed) => {
		const read = readMotifSvg(svg(SQUARE + text), 'm');
		expect(read.ok && read.notRead.map(({ code, values }) => `${code}: ${values!['what']}`)).toEqual([passed]);
	});

	it('is how the motifs of the demo came in', () => {
		const read = readMotifSvg(readFileSync('demo/motifs/reed.svg', 'utf8'), 'reed');
		expect(read).toEqual({ ok: true, motif: demo().layout.motifs[0], notRead: [] });
	});
});
