import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { BLEND_METHODS, KINDS, METHODS } from '../src/core/layers';
import { ARRANGEMENTS } from '../src/core/layout';
import { planProject } from '../src/core/plan';
import { newProject } from '../src/core/project';
import { writeCraftTables } from './craftTables';
import { listSaid, writeSaid } from './saidTable';

const read = (name: string) => readFileSync(`docs/${name}.md`, 'utf8');
/** Tables are drawn out by the printer; what stands in them is what counts. */
const plain = (text: string) => text.replace(/ +/g, ' ').replace(/-{3,}/g, '---');

it('the tables of craft.md say what the code says', () => {
	const craft = read('craft');
	expect(plain(craft)).toBe(plain(writeCraftTables(craft)));
});

it('every section that a comment cites is there', () => {
	const cited = execFileSync('grep', ['-rhoE', '(craft|methods) [0-9]+[a-c]?( and [0-9]+[a-c]?| to [0-9]+)?', 'src', '--include=*.ts'], {
		encoding: 'utf8'
	});
	for (const [, name, ...sections] of cited.matchAll(/^(craft|methods) (\d+[a-c]?)(?: (?:and|to) (\d+[a-c]?))?$/gm))
		for (const section of sections.filter((one) => one !== undefined))
			expect(read(name!), `${name} ${section}`).toMatch(new RegExp(`^##+ ${section}\\. `, 'm'));
});

it('kinds that the docs name are those of the tables', () => {
	const file = read('project-file');
	for (const kind of Object.keys(ARRANGEMENTS)) expect(file).toContain(`\`${kind}\``);
	for (const id of BLEND_METHODS) expect(plain(read('craft')).toLowerCase()).toContain(METHODS[id].name.toLowerCase());
	expect(Object.keys(KINDS).length).toBeGreaterThan(20);
});

it('every field of a plan stands in plan.md', () => {
	const plan = planProject(newProject({ name: 'Chest', units: 'mm', count: 3 }));
	const text = read('plan');
	for (const field of Object.keys(plan)) expect(text, field).toMatch(new RegExp(`[\`"]${field}(\\[\\])?[\`".]`));
});

describe('all that the program can say', () => {
	const said = listSaid();

	it('stands in words.md, to be read aloud', () => {
		expect(readFileSync('docs/words.md', 'utf8')).toBe(writeSaid(said));
	});

	/** What a machine says when nobody reads it. */
	it.each([
		['a value that is not there', /\b(?:undefined|null|NaN|Infinity|object Object)\b/],
		['one of many', /(?<![\d.,/] ?)\b1 (?!less\b|across\b)[a-z]{3,}s\b/],
		['one that are', /\b1 of (?:its|the|them)[a-z ]{0,12}\b(?:have|are|stand|lie|go|find|hang)\b/],
		['two spaces, or none after a stop', /\S {2,}\S|[a-z]\.[A-Z]/],
		['two stops', /(?<!\.)\.\.(?!\.)|,,|\.,| [,.;](?!\d)/]
	])('never says %s', (_what, artefact) => {
		for (const [where, texts] of Object.entries(said))
			expect(
				texts.filter((text) => artefact.test(text)),
				where
			).toEqual([]);
	});
});
