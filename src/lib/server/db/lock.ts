import { createHash } from 'node:crypto';
import { realpathSync } from 'node:fs';
import { createServer, type Server } from 'node:net';

export class WorkshopOpenElsewhere extends Error {
	constructor(directory: string) {
		super(
			`The workshop in ${directory} is already open. Close the other Ember Ribbon first, or start this one with another workshop (EMBER_WORKSHOP=some/other/folder).`
		);
		this.name = 'WorkshopOpenElsewhere';
	}
}

/**
 * Takes a workshop for this process alone: PGlite itself would let a second one in, and lose its rows. The lock is a
 * socket without a file, which the kernel frees when the process dies, however it dies.
 */
export async function lockWorkshop(directory: string): Promise<Server> {
	const name = `\0ember-${createHash('sha256').update(realpathSync(directory)).digest('hex').slice(0, 32)}`;
	const server = createServer((socket) => socket.destroy());
	await new Promise<void>((resolve, reject) => {
		server.once('error', (error: NodeJS.ErrnoException) =>
			reject(error.code === 'EADDRINUSE' ? new WorkshopOpenElsewhere(directory) : error)
		);
		server.listen(name, resolve);
	});
	server.unref();
	return server;
}
