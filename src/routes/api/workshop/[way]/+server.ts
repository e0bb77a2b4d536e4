import { answerOrRefuse, readBody, refuseWith } from '$lib/server/answer';
import { settingsNow } from '$lib/server/settingsNow';
import { stepSettings } from '$lib/server/services/settings';
import { keep } from '$lib/server/workshop';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** One step of the workshop back or forth, from the place that is sent. */
export const POST: RequestHandler = async ({ params, request }) => {
	const { way } = params;
	if (way !== 'back' && way !== 'forth') error(404, 'There is nothing at this address.');
	const place = new TextDecoder().decode((await readBody(request, 100)) ?? new Uint8Array());
	if (!/^\d{1,12}$/.test(place)) return refuseWith(422, 'workshop.place', 'Say from which place: a whole number, as it was read.');
	return answerOrRefuse(async () => {
		await keep(0, (db) => stepSettings(db, Number(place), way));
		return json(await settingsNow());
	});
};
