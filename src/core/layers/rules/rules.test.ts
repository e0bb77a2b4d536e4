import { describe, expect, it } from 'vitest';
import file from '../../../../demo/sail-loft-chest.json';
import { readProject } from '../../formats';
import { planProject } from '../../plan';
import { type Project } from '../../project';
import { applyRemedy, freeId, KINDS, RULES, type Coat, type CoatKind, type Finding } from '../index';

const read = readProject({ ...file, workshop: { temperature: 20, humidity: 50 } });
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;

/** Steps that stand for themselves in an example; each begins as its kind begins it. */
const START = {
	colours: ['estuary', 'hull-white'],
	zones: [{ id: 'glow', name: 'Glow' }],
	arrangements: [{ id: 'reeds', name: 'Reeds' }],
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
	return { project: { ...demo, piece: readPiece(piece), finish: { coats, decisions: [] } }, found };
}

function readPiece(words: string): Project['piece'] {
	const condition = /\b(new|bare|finished)\b/.exec(words)?.[1] as Project['piece']['condition'] | undefined;
	const ground = /ground=(\S+)/.exec(words)?.[1] as Project['piece']['faces'][0]['ground'] | undefined;
	const faces = demo.piece.faces.map((face) => {
		const { hardware } = face;
		const holes = words.includes('holes') && hardware.kind !== 'none' ? { ...hardware, holes: { old: 'fill' as const } } : hardware;
		return {
			...face,
			ground: ground ?? ('solid-wood' as const),
			hardware: words.includes('no-hardware') ? ({ kind: 'none' } as const) : holes
		};
	});
	return { ...demo.piece, faces, condition: condition ?? demo.piece.condition };
}

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
			/** A choice may be left where a must was. */
			expect(
				findingsOf(cured, id).filter(({ kind }) => kind === findings[0]!.kind || kind === 'must'),
				remedy.label
			).toEqual([]);
			expect(readProject(cured).ok, remedy.label).toBe(true);
		}
	});

	it.each(examples.good)('is silent on %s', (_says, order) => expect(findingsOf(readExample(order).project, id)).toEqual([]));
});
