import { startWorkshop, stopWorkshop, warmSoon } from '$lib/server/workshop';
import { building } from '$app/environment';
import { refuseWith } from '$lib/server/answer';
import { GUARDS, refuseRequest } from '$lib/server/entry/guard';
import type { Handle, HandleServerError, RequestEvent, ServerInit } from '@sveltejs/kit';

export const init: ServerInit = async () => {
	if (building) return;
	await startWorkshop(process.env['EMBER_WORKSHOP'] ?? '.workshop/main');
	warmSoon();
	process.once('sveltekit:shutdown', () => void stopWorkshop());
};

/** The guard stands before the built server too, where static files are; here it is for work on the sources. */
export const handle: Handle = async (given) => {
	const response = await answer(given);
	for (const [name, value] of GUARDS) response.headers.set(name, value);
	/** What is shown is as it is now, on the way back too, unless its address changes with it. */
	if (!response.headers.has('cache-control'))
		response.headers.set('cache-control', isPageOfPiece(given.event, response) ? 'no-cache' : 'no-store');
	return response;
};

/** The page of a piece holds none of it: the browser may keep it whole for the way back, and it asks for the piece then. */
function isPageOfPiece({ route }: RequestEvent, response: Response): boolean {
	return (route.id?.startsWith('/pieces/[id]/') ?? false) && (response.headers.get('content-type')?.startsWith('text/html') ?? false);
}

const answer: Handle = ({ event, resolve }) => {
	if (building) return resolve(event);
	const refusal = refuseRequest(event.request.method, (name) => event.request.headers.get(name));
	return refusal ? refuseWith(refusal.status, refusal.code, refusal.message) : resolve(event);
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
