// The entry of the built server: every request passes the guard before anything else answers it, static files among them.
import { once } from 'node:events';
import type { IncomingMessage, Server, ServerResponse } from 'node:http';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { GUARDS, refuseRequest } from './guard';

/** What the adapter built: it listens as soon as it is read, and nobody is heard before this is through. */
const built = pathToFileURL(resolve(import.meta.dirname, '..', 'index.js')).href;
const { server } = (await import(/* @vite-ignore */ built)) as { readonly server: { readonly server: Server } };
const { server: http } = server;
const answerers = http.listeners('request') as ((request: IncomingMessage, response: ServerResponse) => void)[];
http.removeAllListeners('request');
http.on('request', (request: IncomingMessage, response: ServerResponse) => {
	for (const [name, value] of GUARDS) response.setHeader(name, value);
	const refusal = refuseRequest(request.method ?? 'GET', (name) => {
		const value = request.headers[name];
		return typeof value === 'string' ? value : null;
	});
	if (refusal === null) for (const answer of answerers) answer(request, response);
	else refuse(response, refusal);
});

/** What may be left of the body is not read: the connection ends with the answer. */
function refuse(response: ServerResponse, { status, code, message }: NonNullable<ReturnType<typeof refuseRequest>>): void {
	response.writeHead(status, { 'content-type': 'application/json', 'cache-control': 'no-store', connection: 'close' });
	response.end(JSON.stringify({ errors: [{ code, path: '', message }] }));
}

if (!http.listening) await once(http, 'listening');
