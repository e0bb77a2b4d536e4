import { answerOrRefuse, jsonWith, refuseFaults, refuseWith } from '$lib/server/answer';
import { findStep } from '$lib/server/services/pieces';
import { database, pool } from '$lib/server/workshop';
import type { RequestHandler } from './$types';

/** The database counts so far. */
const LAST = 2 ** 31 - 1;

/** The step before `?before=`, or after `?after=`, for undo and redo after a reload. */
export const GET: RequestHandler = async ({ params, url }) => {
	const side = url.searchParams.has('after') ? 'after' : 'before';
	const place = Number(url.searchParams.get(side) ?? NaN);
	if (!Number.isSafeInteger(place) || Math.abs(place) > LAST)
		return refuseWith(400, 'revision.place', 'Say before or after which step: ?before=7.');
	const step = await findStep(await database(), params.id, side, place);
	if (!step) return refuseWith(404, 'revision.none', `There is nothing ${side} this.`);
	return answerOrRefuse(async () => {
		const read = await pool().run('open', step.document, { isQuick: true });
		return read.ok ? jsonWith({ place: step.place }, { document: read.document }) : refuseFaults(read.faults);
	});
};
