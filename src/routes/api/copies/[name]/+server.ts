import { refuseWith } from '$lib/server/answer';
import { listCopies, takeOutCopy } from '$lib/server/services/copies';
import { restoreWorkshop, workshopNow } from '$lib/server/workshop';
import { withoutPaths } from '$lib/server/withoutPaths';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const NONE = ['copy.none', 'There is no such copy any more. Look at the list again.'] as const;

/** Puts a copy back: what is there now is kept beside it, under the name that comes back. */
export const POST: RequestHandler = async ({ params }) => {
	const { workshop } = await workshopNow();
	if (!(await listCopies(workshop)).some(({ name }) => name === params.name)) return refuseWith(404, ...NONE);
	try {
		return json({ kept: await restoreWorkshop(params.name) });
	} catch (error) {
		const why = withoutPaths(error instanceof Error ? error.message : String(error));
		return refuseWith(422, 'copy.broken', `This copy could not be put back (${why}). The workshop is as it was; take another.`);
	}
};

/** Takes a copy out; for an hour it can be brought back. */
export const DELETE: RequestHandler = async ({ params }) =>
	(await takeOutCopy((await workshopNow()).workshop, params.name)) ? new Response(null, { status: 204 }) : refuseWith(404, ...NONE);
