import { refuseWith } from '$lib/server/answer';
import { bringBackCopy } from '$lib/server/services/copies';
import { workshopNow } from '$lib/server/workshop';
import type { RequestHandler } from './$types';

/** Brings back a copy that was taken out. */
export const POST: RequestHandler = async ({ params }) =>
	(await bringBackCopy((await workshopNow()).workshop, params.name))
		? new Response(null, { status: 204 })
		: refuseWith(404, 'copy.gone', 'This copy was taken out too long ago: it is gone for good.');
