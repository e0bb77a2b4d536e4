import { randomUUID } from 'node:crypto';
import { closeSync, openSync, statSync } from 'node:fs';
import { link, unlink } from 'node:fs/promises';
import { connect, createServer, type Server } from 'node:net';

export class WorkshopOpenElsewhere extends Error {
	constructor(directory: string) {
		super(
			`The workshop in ${directory} is already open. Close the other Ember Ribbon first, or start this one with another workshop (EMBER_WORKSHOP=some/other/folder).`
		);
		this.name = 'WorkshopOpenElsewhere';
	}
}

export interface Lock {
	release(): Promise<void>;
}

/** The socket in the workshop's folder. */
const NAME = 'open.lock';
/** Tries to take it, where one that a dead process left is in the way. */
const TRIES = 5;

/**
 * Takes a workshop for this process alone: PGlite itself would let a second one in, and lose its rows. Two sockets hold it. One has no file and
 * is called by the device and the inode of the folder, so that it is the same by whatever path the folder is reached; the kernel frees it when the
 * process dies, however it dies. The other lies in the folder, for processes of another name space (a container), which see only that: whoever
 * holds it answers, and one that a dead process left answers nobody, and is taken away.
 */
export async function lockWorkshop(directory: string): Promise<Lock> {
	const { dev, ino } = statSync(directory, { bigint: true });
	const kernel = await listen(`\0ember-${dev}-${ino}`);
	if (kernel === null) throw new WorkshopOpenElsewhere(directory);
	/** Through the open folder: the path of a socket may be no longer than a hundred signs. */
	const folder = openSync(directory, 'r');
	const path = (name: string) => `/proc/self/fd/${folder}/${name}`;
	const own = `open-${randomUUID().slice(0, 8)}.lock`;
	let file = await listen(path(own)).catch(() => null);
	try {
		const taken = file === null ? null : await takeName(path(own), path(NAME));
		if (taken === false) throw new WorkshopOpenElsewhere(directory);
		/** A file system without sockets, or without room for one more, is held by the kernel's alone. */
		if (taken === null) {
			file?.close();
			file = null;
		}
	} catch (error) {
		file?.close();
		kernel.close();
		closeSync(folder);
		throw error;
	} finally {
		await unlink(path(own)).catch(() => {});
	}
	return {
		async release() {
			if (file !== null) await unlink(path(NAME)).catch(() => {});
			file?.close();
			kernel.close();
			closeSync(folder);
		}
	};
}

/** Null where another process listens there. */
function listen(name: string): Promise<Server | null> {
	const server = createServer((socket) => socket.destroy());
	return new Promise((resolve, reject) => {
		server.once('error', (error: NodeJS.ErrnoException) => (error.code === 'EADDRINUSE' ? resolve(null) : reject(error)));
		server.listen(name, () => {
			server.unref();
			resolve(server);
		});
	});
}

/** Gives a socket the name of the lock; false where one that answers has it, null where there is no room for its name. */
async function takeName(own: string, name: string): Promise<boolean | null> {
	for (let i = 0; i < TRIES; i++) {
		try {
			await link(own, name);
			return true;
		} catch (error) {
			const { code } = error as NodeJS.ErrnoException;
			if (code === 'ENOSPC' || code === 'EDQUOT') return null;
			if (code !== 'EEXIST') throw error;
		}
		if (await answers(name)) return false;
		await unlink(name).catch(() => {});
	}
	return false;
}

function answers(name: string): Promise<boolean> {
	return new Promise((resolve) => {
		const socket = connect(name);
		socket.once('connect', () => {
			socket.destroy();
			resolve(true);
		});
		socket.once('error', () => resolve(false));
	});
}
