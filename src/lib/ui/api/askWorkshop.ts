import type { PlanError } from '$core/plan';

/** What the workshop said: what was asked for, or why not. `status` is null where it did not answer; `body` is what came with a refusal. */
export type Answer<T> =
	| { readonly ok: true; readonly status: number; readonly value: T }
	| { readonly ok: false; readonly status: number | null; readonly body: unknown; readonly faults: readonly PlanError[] };

interface Question {
	readonly method?: 'GET' | 'POST' | 'PUT' | 'DELETE';
	/** Sent as JSON. */
	readonly json?: unknown;
	/** Sent as it is. */
	readonly body?: BodyInit;
	readonly type?: string;
	/** Goes on when the page is left. */
	readonly keepalive?: boolean;
}

/** Asks the server of the workshop. It never throws: every way of failing comes as faults in words, each saying what to do. */
export async function askWorkshop<T>(
	path: string,
	{ method = 'GET', json, body, type, keepalive = false }: Question = {}
): Promise<Answer<T>> {
	const ask = () =>
		fetch(path, {
			method,
			...(json !== undefined ? { body: JSON.stringify(json) } : body !== undefined ? { body } : {}),
			...(json !== undefined || type ? { headers: { 'content-type': type ?? 'application/json' } } : {}),
			keepalive,
			cache: 'no-store'
		}).catch(() => null);
	let response = await ask();
	for (const pause of BUSY) {
		if (response?.status !== BUSY_STATUS) break;
		await new Promise((resolve) => setTimeout(resolve, pause));
		response = await ask();
	}
	const read: unknown = await response?.json().catch(() => null);
	/** An answer that breaks off counts as none. */
	const isWhole = response?.status === 204 || (read !== null && read !== undefined);
	if (response?.ok && isWhole) return { ok: true, status: response.status, value: read as T };
	const status = response && (!response.ok || isWhole) ? response.status : null;
	return { ok: false, status, body: read ?? null, faults: faultsOf(status, read) };
}

/** A workshop that is busy has changed nothing: it is asked again by itself, after so long each time, ms. */
const BUSY = [400, 1200];
const BUSY_STATUS = 503;

const SILENT = 'The workshop does not answer. Check that Ember Ribbon is still running, and try again in a moment.';
const CAUSES: Readonly<Record<number, string>> = {
	403: 'The workshop takes nothing from this page. Open it from the address that Ember Ribbon printed.',
	404: 'It is not in the workshop any more.',
	409: 'It was changed in another window.',
	413: 'This is too large to be sent. Make it smaller first.',
	421: 'The workshop does not answer to the name in the address. Open it from the address that Ember Ribbon printed.',
	503: 'The workshop is busy. Nothing has changed; try again in a moment.',
	507: 'The disk of the workshop is full. Nothing is lost: make room on it, and try again.'
};

function faultsOf(status: number | null, body: unknown): readonly PlanError[] {
	const told = (body as { errors?: readonly PlanError[] } | null | undefined)?.errors;
	if (status !== null && (status < 500 || status === 503 || status === 507) && Array.isArray(told) && told.length > 0) return told;
	const message =
		status === null
			? SILENT
			: (CAUSES[status] ?? `The workshop could not do it (${status}). Nothing has changed; try again, and if it goes on, start it anew.`);
	return [{ code: 'workshop', path: '', message }];
}
