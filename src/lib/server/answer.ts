import { wordIssue } from '$core/formats';
import type { Issue } from '$core/units';
import { json } from '@sveltejs/kit';

/** A refusal as every route gives it: a list of {code, path, message}. */
export function refuse(status: number, issues: readonly Issue[]): Response {
	return json({ errors: issues.map((issue) => ({ code: issue.code, path: issue.path, message: wordIssue(issue, 'mm') })) }, { status });
}

export function refuseWith(status: number, code: string, message: string): Response {
	return json({ errors: [{ code, path: '', message }] }, { status });
}

/** The body as JSON; null where it is none. */
export async function readJson(request: Request): Promise<unknown> {
	try {
		return await request.json();
	} catch {
		return null;
	}
}
