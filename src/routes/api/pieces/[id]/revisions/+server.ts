import { refuseWith } from '$lib/server/answer';
import { findRevisionBefore } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The version before `?before=`, for undo after a reload. */
export const GET: RequestHandler = async ({ params, url }) => {
	const before = Number(url.searchParams.get('before'));
	if (!Number.isInteger(before)) return refuseWith(400, 'revision.before', 'Say before which version: ?before=7.');
	const revision = await findRevisionBefore(await database(), params.id, before);
	return revision ? json(revision) : refuseWith(404, 'revision.none', 'There is nothing before this.');
};
