import { describe, expect, it } from 'vitest';
import { readProject } from '../../formats';
import { planProject } from '../../plan';
import { type Project } from '../../project';
import { applyRemedy, isFilm, RULES, type Finding } from '../index';
import { readExample } from '../../../../tests/readExample';

/** What a remedy makes of an order: where it puts what it adds or moves. */
it.each<[order: string, rule: string, label: string, ids: string]>([
	['prime; base', 'clean-first', 'Add cleaning before it', 'clean prime base'],
	['prime; clean; base', 'clean-first', 'Move the cleaning before it', 'clean prime base'],
	['new | prime; base', 'clean-first', 'Add dusting off before it', 'dust prime base'],
	['sand; blend x2', 'base-dry', 'Prime, and blend two coats', 'sand prime blend'],
	['base; stencil; hardware-on', 'protect', 'Add two clear coats over it', 'base stencil clear hardware-on'],
	['base; stencil; hardware-on', 'protect', 'Add a wax over it', 'base stencil wax hardware-on'],
	['hardware-off; base; hardware-on; clear', 'hardware-last', 'Move it after the last coat', 'hardware-off base clear hardware-on'],
	['hardware-off; base; clear', 'hardware-last', 'Add putting it back at the end', 'hardware-off base clear hardware-on'],
	[
		'clean; base; hardware-off; clear; hardware-on',
		'hardware-last',
		'Move it before the first coat',
		'clean hardware-off base clear hardware-on'
	],
	['base; wax; stencil; clear', 'no-water-on-wax', 'Move the wax after it', 'base stencil clear wax'],
	['base; wax; stencil', 'no-water-on-wax', 'Clear coat instead of the wax', 'base wax stencil'],
	['clean; prime:shellac-primer; base', 'gloss-key', 'Scuff it before', 'clean prime scuff base'],
	['ground=glass | clean; base', 'prime-slick', 'Add a primer made to grip before it', 'clean prime base'],
	['holes | clean; prime; base', 'fill-holes', 'Add filling and sanding before it', 'clean filler sand prime base'],
	['holes | clean; prime; filler; base', 'fill-holes', 'Move the filling before it, and sand', 'clean filler sand prime base'],
	['holes | clean; filler; dust; prime', 'fill-holes', 'Add sanding after it', 'clean filler dust sand prime'],
	['base; glaze', 'porous-glaze', 'Seal it first', 'base clear glaze'],
	['base; glaze', 'porous-glaze', 'Clear glaze first, left wet', 'base glaze-2 glaze'],
	['base; stencil; base x2', 'hidden-work', 'Move it before the stencil', 'base base-2 stencil'],
	['prime; base; sand bare', 'sanded-off', 'Move it before them', 'sand prime base'],
	['prime; base; sand bare', 'sanded-off', 'Only key it, not to bare', 'prime base sand'],
	['clean; base; clean:degreaser-rinse', 'rinse-bare', 'Move it before the paint', 'clean clean-2 base']
])('of %s, %s: %s', (order, rule, label, ids) => {
	const { project } = readExample(order);
	const remedy = findingsOf(project, rule)
		.flatMap(({ remedies }) => remedies)
		.find((one) => one.label === label);
	expect(remedy, label).toBeDefined();
	expect(
		applyRemedy(project.finish, remedy!)
			.coats.map(({ id }) => id)
			.join(' ')
	).toBe(ids);
});

/** A thin dark wax takes a clear coat where some have tried it; nothing else, and no other wax. */
it.each<[order: string, kind: Finding['kind']]>([
	['base; wax:dark-wax; clear wait=1440', 'should'],
	['base; wax:dark-wax; stencil', 'must'],
	['base; wax; clear wait=5000', 'must']
])('of %s, wax: %s', (order, kind) => {
	const found = findingsOf(readExample(order).project, 'no-water-on-wax');
	expect(found.map((finding) => finding.kind)).toContain(kind);
	expect(found.some((finding) => finding.kind === 'must')).toBe(kind === 'must');
});

/** On which surfaces a remedy puts what it adds: a word where it is the whole piece, else a list. */
it.each<[order: string, rule: string, label: string, on: 'all' | 'some']>([
	['prime', 'clean-first', 'Add cleaning before it', 'all'],
	['prime on=frame', 'clean-first', 'Add cleaning before it', 'some'],
	['base', 'protect', 'Add a wax over it', 'all'],
	['base; clear on=drawers', 'protect', 'Add a wax over it', 'some'],
	['prime:shellac-primer; base', 'gloss-key', 'Scuff it before', 'all'],
	['prime:shellac-primer; scuff on=drawers; base', 'gloss-key', 'Scuff it before', 'some'],
	['base; glaze', 'porous-glaze', 'Seal it first', 'all'],
	['base; glaze on=drawers', 'porous-glaze', 'Clear glaze first, left wet', 'some'],
	['ground=metal | base', 'prime-slick', 'Add a primer made to grip before it', 'all'],
	['ground=metal | prime on=frame; base', 'prime-slick', 'Add a primer made to grip before it', 'some']
])('of %s, %s: %s, on %s', (order, rule, label, on) => {
	const { project } = readExample(order);
	const [edit] = findingsOf(project, rule).flatMap(({ remedies }) =>
		remedies.filter((one) => one.label === label).flatMap(({ edits }) => edits)
	);
	const put = edit?.op === 'insert' && 'on' in edit.coat ? edit.coat.on : null;
	expect(on === 'all' ? put === 'all' : Array.isArray(put) && put.length > 0).toBe(true);
});

/** How many coats, and how thick, a remedy puts in or leaves. */
it.each<[order: string, rule: string, label: string, coats: string]>([
	['base; wax:dark-wax', 'guard-coat', 'A clear coat under it', 'clear 1 x 1'],
	['base; wax:dark-wax', 'guard-coat', 'Clear wax under it, as a guard coat', 'wax 1 x 1'],
	['base; base:metallic-paint; wax', 'metal-wax', 'A clear coat between', 'clear 1 x 1'],
	['base; clear; wax x4', 'wax-heavy', 'Lay each once, thin', 'wax 1 x 1'],
	['base; clear; wax x2; wax x2', 'wax-heavy', 'Lay each once, thin', 'wax 1 x 1, wax 1 x 1']
])('of %s, %s: %s lays %s', (order, rule, label, coats) => {
	const edits = findingsOf(readExample(order).project, rule)
		.flatMap(({ remedies }) => remedies)
		.find((one) => one.label === label)?.edits;
	const laid = (edits ?? []).flatMap((edit) => (edit.op === 'insert' ? [edit.coat] : edit.op === 'replace' ? [edit.with] : []));
	expect(laid.map((coat) => (isFilm(coat) ? `${coat.kind} ${coat.times} x ${coat.thickness}` : coat.kind)).join(', ')).toBe(coats);
});

const findingsOf = (project: Project, rule: string): Finding[] => planProject(project).findings.filter((finding) => finding.rule === rule);

describe.each(RULES)('$id', ({ id, examples, satisfiedBy }) => {
	it('says what satisfies it, with two bad examples and two good ones at least', () => {
		expect(satisfiedBy.length).toBeGreaterThan(20);
		expect(Math.min(examples.bad.length, examples.good.length)).toBeGreaterThanOrEqual(2);
	});

	it.each(examples.bad)('finds %s, and each remedy cures it', (_says, order) => {
		const { project, found } = readExample(order);
		const findings = findingsOf(project, id);
		expect(findings.map(({ coat }) => coat)).toEqual([found]);
		expect(findings[0]!.where.length).toBeGreaterThan(0);
		expect(findings[0]!.remedies.length).toBeGreaterThan(0);
		for (const remedy of findings[0]!.remedies) {
			const cured = { ...project, finish: applyRemedy(project.finish, remedy) };
			/** Only waiting a day for dark wax leaves something: the choice that some make. */
			const isChoice = id === 'no-water-on-wax' && remedy.label.startsWith('Wait');
			expect(
				findingsOf(cured, id).map(({ kind }) => kind),
				remedy.label
			).toEqual(isChoice ? ['should'] : []);
			expect(readProject(cured).ok, remedy.label).toBe(true);
		}
	});

	it.each(examples.good)('is silent on %s', (_says, order) => expect(findingsOf(readExample(order).project, id)).toEqual([]));
});
