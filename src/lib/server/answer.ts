import { wordIssue } from '$core/formats';
import type { Issue } from '$core/units';
import { json } from '@sveltejs/kit';
import { MOST_DOCUMENT, MOST_STEP_BYTES } from '../saving';
import { DiskFull, foundNoRoom } from './db';
import { JobStopped, type Stopped } from './pool';
import { withoutPaths } from './withoutPaths';

/** A refusal as every route gives it: a list of {code, path, message}. */
export function refuse(status: number, issues: readonly Issue[]): Response {
	const told = issues.slice(0, MOST_TOLD);
	return json({ errors: told.map((issue) => ({ code: issue.code, path: issue.path, message: wordIssue(issue, 'mm') })) }, { status });
}

/** Nobody reads more faults than these at once. */
const MOST_TOLD = 200;

/** What is stored cannot be read: its faults, in words already. */
export function refuseFaults(faults: readonly { readonly path: string; readonly message: string }[]): Response {
	return json({ errors: faults.map((fault) => ({ code: 'piece.faulty', ...fault })) }, { status: 422 });
}

/** JSON of what is known here, and of texts that are JSON already: they are not read for it. */
export function jsonWith(known: object, texts: Readonly<Record<string, string>>): Response {
	const fields = Object.entries(texts).map(([name, text]) => `${JSON.stringify(name)}:${text}`);
	const own = JSON.stringify(known).slice(1, -1);
	return new Response(`{${[...(own === '' ? [] : [own]), ...fields].join()}}`, { headers: { 'content-type': 'application/json' } });
}

export function refuseWith(status: number, code: string, message: string): Response {
	return json({ errors: [{ code, path: '', message }] }, { status });
}

/** Largest bodies, bytes: a project file, or a save with its steps; a motif. */
export const LARGEST = {
	file: MOST_DOCUMENT,
	save: MOST_DOCUMENT + MOST_STEP_BYTES + 1e6,
	motif: 9e6,
	colour: 1e5,
	settings: 1e6
} as const;

/** So much of a body that is too large is read and dropped, bytes: who sends it hears the answer only when it has sent all. */
const DROPPED = 128e6;

/** The bytes of a body; null where there are more than these, or they broke off. */
export async function readBody(request: Request, most: number): Promise<Uint8Array | null> {
	let parts: Uint8Array[] = [];
	let length = 0;
	try {
		for await (const part of (request.body ?? []) as AsyncIterable<Uint8Array>) {
			length += part.length;
			if (length > DROPPED) return null;
			if (length > most) parts = [];
			else parts.push(part);
		}
	} catch {
		return null;
	}
	if (length > most) return null;
	const bytes = new Uint8Array(length);
	let at = 0;
	for (const part of parts) {
		bytes.set(part, at);
		at += part.length;
	}
	return bytes;
}

/** What may be left of the body is not read: the connection ends with the answer, or the next question on it would wait behind that. */
export function refuseTooLarge(most: number): Response {
	const refused = refuseWith(
		413,
		'body.too-large',
		`This is too large to be taken: ${Math.round(most / 1e6)} MB at most, and whole. Make it smaller first.`
	);
	refused.headers.set('connection', 'close');
	return refused;
}

const STATUS: Readonly<Record<Stopped, number>> = { 'too-long': 422, 'too-big': 422, busy: 503, failed: 422, closed: 503 };

/** Answers with what was worked out and kept; what came to no end, or found no room, is refused in words. */
export async function answerOrRefuse(work: () => Promise<Response>): Promise<Response> {
	try {
		return await work();
	} catch (error) {
		const full = error instanceof DiskFull ? error : foundNoRoom(error) ? new DiskFull() : null;
		if (full) return refuseWith(507, 'disk.full', full.message);
		if (!(error instanceof JobStopped)) throw error;
		const message =
			error.why === 'failed' ? `This could not be worked out (${withoutPaths(error.message)}). Nothing has changed.` : error.message;
		const refused = refuseWith(STATUS[error.why], `pool.${error.why}`, message);
		if (refused.status === 503) refused.headers.set('retry-after', '1');
		return refused;
	}
}
