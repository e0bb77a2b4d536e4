import { isSame } from '../units';

/**
 * A value with those parts of an earlier one that it has again: equal parts are the same objects, so that what is remembered of them by identity holds.
 * Both are plain data, as a project is after it has crossed to another thread.
 */
export function reuseParts<T>(before: unknown, now: T): T {
	if (Object.is(before, now) || !isContainer(before) || !isContainer(now)) return now;
	const keys = Object.keys(now);
	const isSameSort = Array.isArray(before) === Array.isArray(now);
	const [old, own] = [before as Record<string, unknown>, now as unknown as Record<string, unknown>];
	const parts = keys.map((key) => [key, isSameSort ? reuseParts(old[key], own[key]) : own[key]] as const);
	const isSame =
		isSameSort && keys.length === Object.keys(old).length && parts.every(([key, part]) => key in old && Object.is(part, old[key]));
	if (isSame) return before as T;
	return (Array.isArray(now) ? parts.map(([, part]) => part) : Object.fromEntries(parts)) as T;
}

/** Whether two are the same once written as JSON: fields that are not set do not cross to the workshop. `stored` came from there. */
export function isSameWritten<T>(stored: T, own: T): boolean {
	return isSame(stored, JSON.parse(JSON.stringify(own)));
}

/** What tells one part from another, and one kind from another. */
const NAMES: ReadonlySet<string> = new Set(['id', 'kind', 'role']);

/**
 * Whether a project has the same parts as another, each of the same kind and with the same fields, and only their figures and words differ: then a plan
 * of the one names all that the other has.
 */
export function hasSameParts(a: unknown, b: unknown, name = ''): boolean {
	if (Object.is(a, b)) return true;
	if (!isContainer(a) || !isContainer(b)) return !isContainer(a) && !isContainer(b) && !NAMES.has(name) && (a === null) === (b === null);
	if (Array.isArray(a) !== Array.isArray(b)) return false;
	const [one, other] = [a as Record<string, unknown>, b as Record<string, unknown>];
	const keys = Object.keys(one);
	return keys.length === Object.keys(other).length && keys.every((key) => key in other && hasSameParts(one[key], other[key], key));
}

function isContainer(value: unknown): value is object {
	return typeof value === 'object' && value !== null;
}
