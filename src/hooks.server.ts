import { pool, startWorkshop, stopWorkshop } from '$lib/server/workshop';
import { building } from '$app/environment';
import { refuseWith } from '$lib/server/answer';
import { hostsOf, isKnownHost, isOwnOrigin } from '$lib/server/hosts';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';

export const init: ServerInit = async () => {
	if (building) return;
	await startWorkshop(process.env['EMBER_WORKSHOP'] ?? '.workshop/main');
	pool().warm();
	process.once('sveltekit:shutdown', () => void stopWorkshop());
};

const HOSTS = hostsOf(process.env['EMBER_HOSTS']);

/**
 * The workshop answers to its own names only: a name of another site that was turned to this machine could read all of it. A page of
 * another site must not change it; programs on this machine send no origin and are let in.
 */
export const handle: Handle = async (given) => {
	const response = await answer(given);
	for (const [name, value] of GUARDS) response.headers.set(name, value);
	return response;
};

/** On every answer: it is what it says it is, it is not framed, and nobody is told where a link was followed from. */
const GUARDS = [
	['x-content-type-options', 'nosniff'],
	['x-frame-options', 'DENY'],
	['referrer-policy', 'same-origin'],
	['cross-origin-resource-policy', 'same-origin']
] as const;

const answer: Handle = async ({ event, resolve }) => {
	if (building) return resolve(event);
	const host = event.request.headers.get('host');
	if (!isKnownHost(host, HOSTS))
		return refuseWith(
			421,
			'host.unknown',
			`This workshop does not answer to the name ${host ?? ''}. Its owner can allow it with EMBER_HOSTS.`
		);
	const changes = event.request.method !== 'GET' && event.request.method !== 'HEAD';
	if (changes && !isOwnOrigin(event.request.headers.get('origin'), host))
		return refuseWith(403, 'origin.other', 'Only pages of this workshop may change it.');
	return resolve(event);
};

/** Of a fault of the database what it said, without all that it was given: that is the painter's. */
function wordOf(error: unknown): string {
	if (!(error instanceof Error)) return String(error);
	const { message, stack = '' } = error.cause instanceof Error ? error.cause : error;
	return stack.includes(message) ? stack : `${message}\n${stack}`;
}

/** What nobody foresaw is told to whoever keeps the workshop; that somebody asked for what there is not, to nobody. */
export const handleError: HandleServerError = ({ error, status, message }) => {
	if (status < 500) return { message };
	console.error(wordOf(error));
	return { message: 'The workshop could not do this. Nothing has changed; try again, and if it goes on, start it anew.' };
};
