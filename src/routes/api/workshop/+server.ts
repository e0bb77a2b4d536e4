import { answerOrRefuse, LARGEST, readBody, refuse, refuseTooLarge, refuseWith } from '$lib/server/answer';
import { settingsNow } from '$lib/server/settingsNow';
import { saveSettings } from '$lib/server/services/settings';
import { keep, pool } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** What holds in the workshop, and where it stands among its steps. */
export const GET: RequestHandler = () => answerOrRefuse(async () => json(await settingsNow()));

/** What holds from now on, after the place at which it was read: one step. */
export const PUT: RequestHandler = async ({ request }) => {
	const body = await readBody(request, LARGEST.settings);
	if (body === null) return refuseTooLarge(LARGEST.settings);
	return answerOrRefuse(async () => {
		const read = await pool().run('readSettings', body, { isQuick: true });
		if (!read.ok) return refuse(422, read.issues);
		const saved = await keep(body.length, (db) => saveSettings(db, read.place, JSON.parse(read.document)));
		return saved
			? json(await settingsNow())
			: refuseWith(409, 'workshop.stale', 'Another window changed the workshop meanwhile. Look at it again, then change it.');
	});
};
