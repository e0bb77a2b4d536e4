import { planFile, writePlan } from '$core/sheets';
import type { RequestHandler } from './$types';

/** Takes a project file, returns its whole plan, keeps nothing. See docs/plan.md. */
export const POST: RequestHandler = async ({ request }) => {
	const { read, answer } = planFile(await request.text());
	return new Response(writePlan(answer), { status: read ? 200 : 422, headers: { 'content-type': 'application/json' } });
};
