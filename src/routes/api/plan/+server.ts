import { LARGEST, readBody, refuseTooLarge, answerOrRefuse } from '$lib/server/answer';
import { pool } from '$lib/server/workshop';
import type { RequestHandler } from './$types';

/** Takes a project file, returns its whole plan, keeps nothing. See docs/plan.md. */
export const POST: RequestHandler = async ({ request }) => {
	const file = await readBody(request, LARGEST.file);
	if (file === null) return refuseTooLarge(LARGEST.file);
	return answerOrRefuse(async () => {
		const { read, text } = await pool().run('plan', file);
		return new Response(text, { status: read ? 200 : 422, headers: { 'content-type': 'application/json' } });
	});
};
