import { PGlite, type Transaction } from '@electric-sql/pglite';
import { spawn } from 'node:child_process';
import { constants, existsSync } from 'node:fs';
import { copyFile, mkdir, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { dropParts, FOLDER, isCopy, noteOf, OLD, thinCopies } from './copyList';
import { requireRoomForCheckpoint, sizeOf } from './disk';
import { ASIDE, finishRestore, swapDatabase, syncEntry, type Stepped } from './restoring';

/** Runs a program to its end; others are answered meanwhile. Throws with what it said where it ended with more than `worst`. */
function run(command: string, args: readonly string[], worst = 0): Promise<void> {
	return new Promise((resolve, reject) => {
		const child = spawn(command, args, { stdio: ['ignore', 'ignore', 'pipe'] });
		let said = '';
		child.stderr.on('data', (data) => (said += String(data)));
		child.once('error', reject);
		child.once('close', (status) => {
			if (status !== null && status <= worst) resolve();
			else reject(new Error(`${command}: ${said.trim().slice(0, 300) || `ended with ${status}`}`));
		});
	});
}

/** With this tar says that a file grew, or went, while it was read: the log makes that good when the copy is opened. */
const CHANGED_MEANWHILE = 1;

/**
 * Writes a copy of a workshop that is open and goes on being used. First a checkpoint, and where it was; then all files, as they are while others
 * change them; last what was logged since that checkpoint, set aside while nothing is changed. When a copy is opened the log makes good what was
 * caught half: as after a crash. Whole or not at all. Returns its name. Throws `DiskFull` where there is no room for it.
 */
export async function writeCopy({
	client,
	workshop,
	now,
	pieces,
	byHand = false
}: {
	readonly client: PGlite;
	readonly workshop: string;
	readonly now: Date;
	readonly pieces: readonly string[];
	readonly byHand?: boolean | undefined;
}): Promise<string> {
	const folder = join(workshop, FOLDER);
	await mkdir(folder, { recursive: true });
	await dropParts(workshop);
	const database = join(workshop, 'database');
	await requireRoomForCheckpoint(workshop, COPY_ROOM * (await sizeOf(database)));
	const name = `copy-${now.toISOString().replace(/[:.]/g, '-')}.tar.gz`;
	const [plain, packed, aside] = [join(folder, `${name}.tar.part`), join(folder, `${name}.part`), join(folder, `${name}.log.part`)];
	const append = (...what: readonly string[]) => run('tar', ['-rf', plain, '-C', ...what], CHANGED_MEANWHILE);
	try {
		await client.query('CHECKPOINT');
		const { rows } = await client.query<{ first: string }>('SELECT redo_wal_file AS first FROM pg_control_checkpoint()');
		await append(database, './global/pg_control');
		await append(database, '--exclude=./global/pg_control', '--exclude=./pg_wal/*', '.');
		await client.transaction((tx) => setLogAside(tx, database, aside, rows[0]!.first));
		await append(aside, './pg_wal');
		await pack(plain, packed);
		await syncEntry(packed);
		await writeFile(join(folder, noteOf(name)), JSON.stringify({ pieces, byHand }));
		await rename(packed, join(folder, name));
		await syncEntry(folder);
	} finally {
		for (const part of [plain, packed, aside]) await rm(part, { recursive: true, force: true });
	}
	await thinCopies(workshop);
	return name;
}

/** Of the database, what a copy needs free while it is made: plain, packed, and its log by itself. */
const COPY_ROOM = 2.5;

/** Copies the files of the log from the first that is needed up to the one that is written; all that is committed has been written to them. Others wait: a few ms a file. */
async function setLogAside(tx: Transaction, database: string, aside: string, first: string): Promise<void> {
	const to = join(aside, 'pg_wal');
	await mkdir(to, { recursive: true, mode: 0o700 });
	const { rows } = await tx.query<{ last: string }>('SELECT pg_walfile_name(pg_current_wal_insert_lsn()) AS last');
	for (const file of await readdir(join(database, 'pg_wal')))
		if (/^[0-9A-F]{24}$/.test(file) && file >= first && file <= rows[0]!.last)
			await copyFile(join(database, 'pg_wal', file), join(to, file), constants.COPYFILE_FICLONE);
}

function pack(from: string, to: string): Promise<void> {
	return run('sh', ['-c', 'exec nice -n 10 gzip -1 -c < "$0" > "$1"', from, to]);
}

/** Has the system write to the disk what it still holds of a folder's file system: what a checkpoint wrote, or a copy that was unpacked. Throws where it cannot. */
export function syncFolder(folder: string): Promise<void> {
	return run('sync', ['-f', folder]);
}

/** More than anybody saves between two restores: what a window that is still open edited is of no version that comes after. */
const VERSIONS_AHEAD = 100_000;

/**
 * Puts a copy in the place of the database, which has to be closed; what was there is kept beside it, and its name returned. The copy is unpacked
 * whole, opened and brought to the disk before anything is renamed. Throws where there is no such copy, or it cannot be opened: then all is as it was.
 */
export async function restoreCopy(workshop: string, name: string, now: Date, stepped: Stepped = () => {}): Promise<string> {
	if (!isCopy(name)) throw new Error(`There is no copy called ${name}.`);
	await finishRestore(workshop);
	const next = join(workshop, `database.new-${process.pid}`);
	await rm(next, { recursive: true, force: true });
	try {
		await unpack(workshop, name, next);
		await syncFolder(next);
	} catch (error) {
		await rm(next, { recursive: true, force: true });
		throw error;
	}
	stepped('unpacked');
	const kept = `database.before-${now.toISOString().replace(/[:.]/g, '-')}`;
	await swapDatabase(workshop, { next: basename(next), kept }, stepped);
	return kept;
}

async function unpack(workshop: string, name: string, to: string): Promise<void> {
	const isOld = OLD.test(name);
	const file = join(workshop, FOLDER, name);
	if (ASIDE.test(name)) {
		const from = join(workshop, name);
		await requireRoomForCheckpoint(workshop, await sizeOf(from));
		await run('cp', ['-a', from, to]);
	} else if (!isOld) {
		await mkdir(to, { recursive: true, mode: 0o700 });
		await run('tar', ['-xzf', file, '-C', to]);
	}
	if (!isOld && !existsSync(join(to, 'PG_VERSION'))) throw new Error('It holds no database.');
	const client = await PGlite.create({
		dataDir: to,
		...(isOld ? { loadDataDir: new Blob([new Uint8Array(await readFile(file))]) } : {})
	});
	try {
		await client.query('UPDATE pieces SET version = version + $1', [VERSIONS_AHEAD]);
	} finally {
		await client.close();
	}
}
