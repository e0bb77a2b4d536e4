import { statfs } from 'node:fs/promises';

/** Told where there is no more room to save: reading goes on, and so does saving as soon as there is. */
export class DiskFull extends Error {
	constructor(free = 0) {
		super(
			`The disk of the workshop is full (${Math.floor(free / 1e6)} MB left). Nothing is lost and nothing has changed: make room on it, and it goes on.`
		);
		this.name = 'DiskFull';
	}
}

/** Whether the database itself found no room: somebody else took it after it was looked at. It has changed nothing. */
export function foundNoRoom(error: unknown): boolean {
	const cause = error instanceof Error ? (error.cause ?? error) : null;
	return cause !== null && (cause as { code?: unknown }).code === DISK_FULL;
}

/** As SQL names it. */
const DISK_FULL = '53100';

/** Left free for the database to be closed in order, MB; another figure by EMBER_LEAST_ROOM. */
const LEAST_ROOM = 80;

const leastRoom = () => Number(process.env['EMBER_LEAST_ROOM'] ?? LEAST_ROOM) * 1e6;

/** Throws `DiskFull` where so many bytes might not find room; of nothing (what is taken out) there is always room. */
export async function requireRoom(directory: string, bytes: number): Promise<void> {
	if (directory !== '' && bytes > 0) await requireFree(directory, leastRoom() + bytes);
}

/** What a checkpoint writes at most, bytes: the pages that are held in memory, and what it notes. */
const CHECKPOINT = 40e6;

/** The same before a checkpoint and so many bytes more, whatever is set: one that finds the disk full may not come back, and nobody else is answered. */
export async function requireRoomForCheckpoint(directory: string, bytes = 0): Promise<void> {
	if (directory !== '') await requireFree(directory, Math.max(leastRoom(), 0) + CHECKPOINT + bytes);
}

async function requireFree(directory: string, bytes: number): Promise<void> {
	const { bavail, bsize } = await statfs(directory);
	if (bavail * bsize < bytes) throw new DiskFull(bavail * bsize);
}
