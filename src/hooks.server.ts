import { startWorkshop, stopWorkshop } from '$lib/server/workshop';
import { building } from '$app/environment';
import { refuseWith } from '$lib/server/answer';
import type { Handle, ServerInit } from '@sveltejs/kit';

export const init: ServerInit = async () => {
	if (building) return;
	await startWorkshop(process.env['EMBER_WORKSHOP'] ?? '.workshop/main');
	process.once('sveltekit:shutdown', () => void stopWorkshop());
};

/** A page of another site must not change this workshop; programs on this machine send no origin and are let in. */
export const handle: Handle = async ({ event, resolve }) => {
	const origin = event.request.headers.get('origin');
	const changes = event.request.method !== 'GET' && event.request.method !== 'HEAD';
	if (changes && origin !== null && origin !== event.url.origin)
		return refuseWith(403, 'origin.other', 'Only pages of this workshop may change it.');
	return resolve(event);
};
