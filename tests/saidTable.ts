import { readFileSync } from 'node:fs';
import { ISSUE_CODES, readProjectText, wordIssue } from '../src/core/formats';
import { ISSUE_VALUES } from '../src/core/formats/testing';
import { KINDS, RULES, type Coat, type CoatKind } from '../src/core/layers';
import { CATALOGUE, gatherMaterials } from '../src/core/materials';
import { readExample, START } from './readExample';
import { planProject } from '../src/core/plan';
import { changeUnits, type Project } from '../src/core/project';
import { describeSheets } from '../src/core/sheets';

const DEMOS = ['sail-loft-chest', 'chart-cabinet', 'ferry-table', 'net-box'];

/** All that the program can say, by where it comes from: of what differs by its figures alone, one. */
export function listSaid(): Record<string, string[]> {
	const pieces = DEMOS.flatMap((name) => {
		const read = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
		return read.ok ? [changeUnits(read.project, 'mm'), changeUnits(read.project, 'in')] : [];
	});
	const plans = pieces.map((project) => ({ project, plan: planProject(project) }));
	return {
		issues: once(ISSUE_CODES.flatMap(wordingsOf)),
		findings: once(RULES.flatMap(({ examples }) => examples.bad.flatMap(([, order]) => findingsOf(readExample(order).project)))),
		'zone findings': once(
			plans.flatMap(({ plan }) => plan.zoneFindings.flatMap(({ says, why, remedies }) => [says, why, ...remedies.map((one) => one.says)]))
		),
		'ways to lay': once(
			plans.flatMap(({ plan }) =>
				plan.arrangements.flatMap(({ groups }) =>
					groups.flatMap(({ choices }) => choices.flatMap(({ title, reason, warning }) => [title, reason, warning ?? '']))
				)
			)
		),
		'how it is done': once(
			plans.flatMap(({ plan }) =>
				plan.order.flatMap(({ title, label, name, how, cautions, ready }) => [title, label, name, ...how, ...cautions, ready ?? ''])
			)
		),
		'every step': once(Object.values(KINDS).flatMap((kind) => stepsOf(kind as unknown as CoatKind<Coat>))),
		materials: once(CATALOGUE.flatMap(({ name, ready, misleads, cautions }) => [name, ready, misleads ?? '', ...cautions])),
		sheets: once(plans.flatMap(({ project, plan }) => textsIn(describeSheets(project, plan, project.paper))))
	};
}

/** How each way to begin a kind is done, with what, and what can hurt. */
function stepsOf(kind: CoatKind<Coat>): string[] {
	const known = gatherMaterials([]);
	return kind.starts(START).flatMap(({ text, coat }) => {
		const material = 'material' in coat ? (known.get(coat.material) ?? null) : null;
		const tools = kind.tools(coat, 2, material).map(({ tool, count }) => `${count} × ${tool}`);
		const setting = { moves: true, write: (mm: number) => `${mm} mm`, material, touchDry: 30 };
		return [text, kind.word, kind.detail(coat, material), ...kind.steps(coat, setting), ...tools, ...kind.cautions];
	});
}

/** Values that may be one of something, or say yes; limits are not. */
const COUNTED = ['count', 'rows', 'fields', 'drawers', 'step', 'left', 'back', 'soft'];

/** Of one, and of several, in both units. */
function wordingsOf(code: string): string[] {
	const one = { ...ISSUE_VALUES, ...Object.fromEntries(COUNTED.map((key) => [key, 1])) };
	return [
		wordIssue({ code, path: '', values: one }, 'mm'),
		wordIssue({ code, path: '', values: ISSUE_VALUES }, 'mm'),
		wordIssue({ code, path: '', values: ISSUE_VALUES }, 'in')
	];
}

function findingsOf(project: Project): string[] {
	return planProject(project).findings.flatMap(({ what, why, remedies }) => [what, why, ...remedies.map(({ label }) => label)]);
}

/** Whatever is written on a page. */
function textsIn(value: unknown): string[] {
	if (typeof value === 'string') return / /.test(value) && /[a-z]{2}/.test(value) ? [value] : [];
	if (typeof value !== 'object' || value === null) return [];
	return Object.values(value).flatMap(textsIn);
}

/** Without those that differ in a number other than one. */
function once(said: readonly string[]): string[] {
	const known = new Map<string, string>();
	for (const text of said) {
		const key = text.replace(/\d+(?:[.,/ ]\d+)*/g, (number) => (number === '1' ? '1' : '#'));
		if (text !== '' && !known.has(key)) known.set(key, text);
	}
	return [...known.values()].sort();
}

/** The document of it. */
export function writeSaid(said: Record<string, readonly string[]>): string {
	const parts = Object.entries(said).map(([where, texts]) => `## ${where}\n\n${texts.map((text) => `- ${text}`).join('\n')}\n`);
	return `# All that the program can say\n\nWritten by \`node scripts/run.mjs scripts/words.ts\`; of what differs by its figures alone, one.\n\n${parts.join('\n')}`;
}
