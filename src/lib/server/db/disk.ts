import { existsSync } from 'node:fs';
import { mkdir, readdir, rm, stat, statfs, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { ASIDE } from './restoring';

/** Told where there is no more room to save: reading goes on, and so does saving as soon as there is. */
export class DiskFull extends Error {
	/** What is left, and what copies of the workshop take of the disk, bytes. */
	constructor(left: string = '0 MB left', copies = 0) {
		const take = copies > 1e6 ? ` Its copies take ${Math.round(copies / 1e6)} MB: some can be taken out on the page Copies.` : '';
		super(`The disk of the workshop is full (${left}). Nothing is lost and nothing has changed: make room on it, and it goes on.${take}`);
		this.name = 'DiskFull';
	}
}

/** Whether the database itself found no room: somebody else took it after it was looked at. It has changed nothing. */
export function foundNoRoom(error: unknown): boolean {
	const cause = error instanceof Error ? (error.cause ?? error) : null;
	return cause !== null && FULL.has((cause as { code?: unknown }).code);
}

/** As SQL names it, and as the system does: of room, and of what a user may take. */
const FULL: ReadonlySet<unknown> = new Set(['53100', 'ENOSPC', 'EDQUOT']);

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

/** Files that may still be made, where the file system counts them: the database makes some with a checkpoint. */
const LEAST_FILES = 64;

async function requireFree(directory: string, bytes: number): Promise<void> {
	const [free, files] = [await freeOn(directory), await filesLeft(directory)];
	const left = files < LEAST_FILES ? `room for ${files} files more` : free < bytes ? `${Math.floor(free / 1e6)} MB left` : null;
	if (left !== null) throw new DiskFull(left, await sizeOfCopies(directory));
}

/** What copies take, and what was put aside for one, bytes. */
async function sizeOfCopies(directory: string): Promise<number> {
	const folders = (await readdir(directory).catch(() => [])).filter((name) => name === 'backups' || ASIDE.test(name));
	const sizes = await Promise.all(folders.map((name) => sizeOf(join(directory, name))));
	return sizes.reduce((sum, size) => sum + size, 0);
}

/** Free on the disk of a folder, bytes. */
export async function freeOn(directory: string): Promise<number> {
	const { bavail, bsize } = await statfs(directory);
	return bavail * bsize;
}

/** All files under a folder, bytes; those that go meanwhile are not counted. */
export async function sizeOf(folder: string): Promise<number> {
	const entries = existsSync(folder) ? await readdir(folder, { withFileTypes: true, recursive: true }) : [];
	const sizes = entries
		.filter((entry) => entry.isFile())
		.map((entry) =>
			stat(join(entry.parentPath, entry.name)).then(
				({ size }) => size,
				() => 0
			)
		);
	return (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
}

/** Kept for the day on which the workshop itself has filled the disk: let go, it is room to clean up in, and for some files. Bytes each. */
const RESERVE = { files: 24, bytes: 2e6 };
const NAME = 'reserve';

/** Whether a save would be refused now. */
export async function isShortOfRoom(directory: string): Promise<boolean> {
	return (await freeOn(directory)) < leastRoom() + CHECKPOINT || (await filesLeft(directory)) < LEAST_FILES;
}

/** Files that may still be made; endless where the file system does not count them. */
async function filesLeft(directory: string): Promise<number> {
	const { files, ffree } = await statfs(directory);
	return files > 0 ? ffree : Infinity;
}

/** A database needs a few files of its own to be opened at all. Throws `DiskFull` where they cannot be made. */
export async function requireFilesToOpen(directory: string): Promise<void> {
	const left = await filesLeft(directory);
	if (left < TO_OPEN) throw new DiskFull(`room for ${left} files more`, await sizeOfCopies(directory));
}
const TO_OPEN = 8;

/** Whether a checkpoint finds room, were there no more to be left free. */
export async function hasRoomToWrite(directory: string): Promise<boolean> {
	return (await freeOn(directory)) > CHECKPOINT;
}

export async function letReserveGo(directory: string): Promise<void> {
	await rm(join(directory, NAME), { recursive: true, force: true });
}

/** Makes the reserve, where there is none and room is left beside it. */
export async function keepReserve(directory: string): Promise<void> {
	const folder = join(directory, NAME);
	const room = 2 * RESERVE.files * RESERVE.bytes + Math.max(0, leastRoom()) + CHECKPOINT;
	if (directory === '' || existsSync(folder) || (await freeOn(directory)) < room || (await filesLeft(directory)) < 2 * LEAST_FILES) return;
	try {
		await mkdir(folder);
		/** Written, so that it takes its room; no part may be a hole. */
		for (let i = 0; i < RESERVE.files; i++) await writeFile(join(folder, `${i}`), new Uint8Array(RESERVE.bytes).fill(1));
	} catch {
		await letReserveGo(directory);
	}
}
