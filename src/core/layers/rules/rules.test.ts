import { describe, expect, it } from 'vitest';
import file from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '../../formats';
import { planProject } from '../../plan';
import { type Project } from '../../project';
import { ARRANGEMENTS } from '../../layout';
import { CATALOGUE } from '../../materials';
import { applyRemedy, freeId, KINDS, RULES, type Coat, type CoatKind, type Finding } from '../index';

const read = readProject({ ...file, workshop: { temperature: 20, humidity: 50 } });
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;

/** What holds by a tack, until the coats that do so exist: a size that is tacky from half an hour on for a day, and leaf. */
const MADE_UP = [
	{ ...CATALOGUE.find(({ id }) => id === 'glaze-medium')!, id: 'made-up-size', name: 'Made-up size', tack: { from: 30, to: 1440 } },
	{ ...CATALOGUE.find(({ id }) => id === 'chalk-paint')!, id: 'made-up-leaf', name: 'Made-up leaf', heldBy: 'tack' as const }
];

/** Steps that stand for themselves in an example; each begins as its kind begins it. */
const START = {
	colours: ['estuary', 'hull-white'],
	zones: [{ id: 'glow', name: 'Glow' }],
	arrangements: [{ id: 'reeds', name: 'Reeds', kind: 'run' as const }],
	masks: ['mask'],
	paint: 'chalk-paint',
	hasHoles: true
};

/** `base:milk-paint x2 on=frame wait=60!`: the kind, its material, options, and whether it is the one that is found. */
function readStep(text: string, taken: readonly Coat[]): { readonly coat: Coat; readonly isFound: boolean } {
	const [head, ...options] = text.replace('!', '').trim().split(/\s+/) as [string, ...string[]];
	const [kind, material] = head.split(':') as [Coat['kind'], string | undefined];
	const begun = (KINDS[kind] as unknown as CoatKind<Coat>).starts(START)[0];
	if (!begun) throw new Error(`No step begins as "${text}"`);
	const more = Object.assign({}, ...options.map(readOption)) as Partial<Coat>;
	const coat = { ...(begun.coat as object), ...(material ? { material } : {}), ...more } as Coat;
	return { coat: { ...coat, id: freeId(coat.id, taken) } as Coat, isFound: text.includes('!') };
}

function readOption(option: string): object {
	const [key, value] = option.split('=') as [string, string | undefined];
	if (value !== undefined) return { [key]: key === 'wait' ? Number(value) : value };
	const times = /^x(\d)$/.exec(key);
	if (times) return { times: Number(times[1]) };
	const words: Record<string, object> = {
		bare: { bare: true },
		thin: { thickness: 0.25 },
		twice: { thickness: 2 },
		clear: { colour: null },
		through: { through: 'reeds' }
	};
	if (!words[key]) throw new Error(`No option is called "${key}"`);
	return words[key];
}

function readExample(order: string): { readonly project: Project; readonly found: string | null } {
	const [piece, steps] = order.includes('|') ? (order.split('|') as [string, string]) : ['', order];
	const coats: Coat[] = [];
	let found: string | null = null;
	for (const text of steps.split(';')) {
		const { coat, isFound } = readStep(text, coats);
		coats.push(coat);
		if (isFound) found = coat.id;
	}
	return {
		project: { ...demo, materials: MADE_UP, piece: readPiece(piece), layout: readLayout(piece), finish: { coats, decisions: [] } },
		found
	};
}

/** A second motif beside the reeds of one drawer, or on another drawer. */
function readLayout(words: string): Project['layout'] {
	const where = /\b(beside|apart)\b/.exec(words)?.[1];
	if (/\bacross\b/.test(words)) {
		const { start } = ARRANGEMENTS.trim;
		const motif = { ...demo.layout.motifs[0]!, id: 'rope', mould: { height: 8, shrinkage: 0.07 } };
		const rope = {
			...start({ id: 'rope', name: 'Rope', motif, parts: ['front'], shortest: 100, scale: 1 }),
			side: 'right' as const,
			inset: 60
		};
		return { ...demo.layout, motifs: [...demo.layout.motifs, motif], arrangements: [...demo.layout.arrangements, rope] };
	}
	if (where === undefined) return demo.layout;
	const [reeds] = demo.layout.arrangements as [Extract<Project['layout']['arrangements'][number], { kind: 'run' }>];
	const { start } = ARRANGEMENTS.single;
	const motif = demo.layout.motifs.find(({ id }) => id === reeds.motif)!;
	const parts = [where === 'beside' ? 'drawer-1' : 'drawer-4'];
	const buoys = {
		...start({ id: 'buoys', name: 'Buoys', motif, parts, shortest: 100, scale: 0.2 }),
		at: 'centre' as const,
		offset: { x: 0, y: -72 }
	};
	return { ...demo.layout, arrangements: [{ ...reeds, parts: ['drawer-1'] }, buoys] };
}

function readPiece(words: string): Project['piece'] {
	const condition = /\b(new|bare|finished)\b/.exec(words)?.[1] as Project['piece']['condition'] | undefined;
	const ground = /ground=(\S+)/.exec(words)?.[1] as Project['piece']['faces'][0]['ground'] | undefined;
	const faces = demo.piece.faces.map((face) => {
		const { hardware } = face;
		const filled = hardware.kind === 'none' ? hardware : { ...hardware, holes: { old: 'fill' as const } };
		const exceptions = words.includes('one-hole') && face.id === 'front' ? { 'drawer-3': filled } : face.exceptions;
		const holes = /\bholes\b/.test(words) ? filled : hardware;
		return {
			...face,
			exceptions,
			ground: ground ?? ('solid-wood' as const),
			hardware: words.includes('no-hardware') ? ({ kind: 'none' } as const) : holes
		};
	});
	return { ...demo.piece, faces, condition: condition ?? demo.piece.condition };
}

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
	['base; glaze', 'porous-glaze', 'Clear glaze first', 'base glaze-2 glaze'],
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

/** On which surfaces a remedy puts what it adds: a word where it is the whole piece, else a list. */
it.each<[order: string, rule: string, label: string, on: 'all' | 'some']>([
	['prime', 'clean-first', 'Add cleaning before it', 'all'],
	['prime on=frame', 'clean-first', 'Add cleaning before it', 'some'],
	['base', 'protect', 'Add a wax over it', 'all'],
	['base; clear on=drawers', 'protect', 'Add a wax over it', 'some'],
	['prime:shellac-primer; base', 'gloss-key', 'Scuff it before', 'all'],
	['prime:shellac-primer; scuff on=drawers; base', 'gloss-key', 'Scuff it before', 'some'],
	['base; glaze', 'porous-glaze', 'Seal it first', 'all'],
	['base; glaze on=drawers', 'porous-glaze', 'Clear glaze first', 'some'],
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
