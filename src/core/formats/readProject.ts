import type { z } from 'zod';
import type { Issue } from '../units';
import { findUnreadable } from './findUnreadable';
import { checkReferences } from './checkReferences';
import { followMixes } from '../colour';
import { PROJECT_FORMAT, PROJECT_VERSION, ProjectSchema, type Project } from '../project';
import { upgradeProject } from './upgrade';

export type ReadProject = { readonly ok: true; readonly project: Project } | { readonly ok: false; readonly issues: readonly Issue[] };

/** So much text is no project of ours; refused before it is parsed. */
const LARGEST_PROJECT = 8_000_000;

/** Reads a project file. Every fault is named with its field; a file with a fault is not read at all. */
export function readProjectText(text: string): ReadProject {
	if (text.length > LARGEST_PROJECT)
		return { ok: false, issues: [{ code: 'file.too-large', path: '', values: { most: LARGEST_PROJECT / 1e6 } }] };
	let value: unknown;
	try {
		value = JSON.parse(text.replace(/^\uFEFF/, ''));
	} catch (error) {
		return { ok: false, issues: [{ code: 'file.not-json', path: '', values: { where: placeOfFault(text, error) } }] };
	}
	return readProject(value);
}

/** As `readProjectText`, from a value that is already parsed. */
export function readProject(given: unknown): ReadProject {
	if (typeof given !== 'object' || given === null || (given as { format?: unknown }).format !== PROJECT_FORMAT)
		return { ok: false, issues: [{ code: 'file.not-project', path: 'format', values: { expected: PROJECT_FORMAT } }] };
	const unreadable = findUnreadable(given);
	if (unreadable !== null) return { ok: false, issues: [unreadable] };
	const value: unknown = upgradeProject(given);
	const version = (value as { version?: unknown }).version;
	if (version !== PROJECT_VERSION)
		return {
			ok: false,
			issues: [{ code: 'file.version', path: 'version', values: { got: JSON.stringify(version) ?? 'nothing', known: PROJECT_VERSION } }]
		};
	const parsed = ProjectSchema.safeParse(value);
	if (!parsed.success) return { ok: false, issues: parsed.error.issues.slice(0, MOST_ISSUES).flatMap((issue) => issueOfZod(issue, value)) };
	const issues = checkReferences(parsed.data);
	return issues.length > 0 ? { ok: false, issues } : { ok: true, project: { ...parsed.data, palette: followMixes(parsed.data.palette) } };
}

/** `piece.faces[0].chain[3].reading` */
function writePath(path: readonly PropertyKey[]): string {
	return path.reduce<string>(
		(text, key) => (typeof key === 'number' ? `${text}[${key}]` : text === '' ? String(key) : `${text}.${String(key)}`),
		''
	);
}

/** Of keys that nobody knows, at one place: more are not told. */
const MOST_KEYS = 20;
/** Faults of one file: more are not told. */
const MOST_ISSUES = 200;

/** What a schema found wrong, with the path of the field. */
export function issueOfZod(issue: z.core.$ZodIssue, document: unknown): Issue[] {
	const path = writePath(issue.path);
	if (isMissing(document, issue.path)) return [{ code: 'field.missing', path }];
	switch (issue.code) {
		case 'unrecognized_keys':
			return issue.keys.slice(0, MOST_KEYS).map((key) => ({ code: 'field.unknown', path: path === '' ? key : `${path}.${key}` }));
		case 'invalid_type':
			return [{ code: 'field.type', path, values: { expected: issue.expected } }];
		case 'invalid_value':
			return [{ code: 'field.choice', path, values: { expected: issue.values.map(String).join(', ') } }];
		case 'too_small':
			return [{ code: 'field.too-small', path, values: { least: String(issue.minimum), of: issue.origin } }];
		case 'too_big':
			return [{ code: 'field.too-big', path, values: { most: String(issue.maximum), of: issue.origin } }];
		case 'invalid_union':
			return [
				{
					code: 'field.union',
					path: issue.discriminator ? writePath([...issue.path, issue.discriminator].filter((key, i, all) => key !== all[i - 1])) : path
				}
			];
		case 'invalid_format':
			return [{ code: 'field.format', path }];
		default:
			return [{ code: 'field.invalid', path, values: { message: issue.message } }];
	}
}

function isMissing(document: unknown, path: readonly PropertyKey[]): boolean {
	const value = path.reduce<unknown>((inner, key) => (inner as Record<PropertyKey, unknown> | undefined)?.[key], document);
	return path.length > 0 && value === undefined;
}

function placeOfFault(text: string, error: unknown): string {
	const at = /position (\d+)/.exec(error instanceof Error ? error.message : '')?.[1];
	const before = text.slice(0, at === undefined ? text.length : Number(at)).split('\n');
	return `line ${before.length}, sign ${before.at(-1)!.length + 1}`;
}
