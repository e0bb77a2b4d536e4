import { PGlite, type Transaction } from '@electric-sql/pglite';
import { spawn } from 'node:child_process';
import { constants, existsSync } from 'node:fs';
import { copyFile, mkdir, open, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { requireRoomForCheckpoint } from './disk';

/** A copy of the whole workshop. */
export interface Copy {
	/** Of its file in the folder of copies. */
	readonly name: string;
	readonly at: Date;
	readonly bytes: number;
	/** The pieces that were in it; null where it was made before that was kept. */
	readonly pieces: readonly string[] | null;
}

const FOLDER = 'backups';
/** Of now, and of versions before, which were made as PGlite makes them. */
const OWN = /^copy-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2})-\d{3}Z\.tar\.gz$/;
const OLD = /^workshop-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2})-\d{3}Z\.tar\.gz$/;

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** How far back copies are kept, and one for each of what: hours of a day, days of two weeks, weeks of half a year. */
const KEPT = [
	{ within: DAY, each: HOUR },
	{ within: 14 * DAY, each: DAY },
	{ within: 182 * DAY, each: 7 * DAY }
] as const;

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
export async function writeCopy(client: PGlite, workshop: string, now: Date, pieces: readonly string[]): Promise<string> {
	const folder = join(workshop, FOLDER);
	await mkdir(folder, { recursive: true });
	for (const entry of await readdir(folder)) if (entry.endsWith('.part')) await rm(join(folder, entry), { recursive: true, force: true });
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
		await writeFile(join(folder, name.replace('.tar.gz', '.json')), JSON.stringify({ pieces }));
		await rename(packed, join(folder, name));
		await syncEntry(folder);
	} finally {
		for (const part of [plain, packed, aside]) await rm(part, { recursive: true, force: true });
	}
	await thinCopies(workshop, now);
	return name;
}

/** Of the database, what a copy needs free while it is made: plain, packed, and its log by itself. */
const COPY_ROOM = 2.5;

/** All files under a folder, bytes; those that go meanwhile are not counted. */
async function sizeOf(folder: string): Promise<number> {
	const entries = await readdir(folder, { withFileTypes: true, recursive: true });
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

/** Has one file written to the disk, or of a folder the names in it. */
async function syncEntry(path: string): Promise<void> {
	const file = await open(path, 'r');
	try {
		await file.sync();
	} finally {
		await file.close();
	}
}

/** The copies of a workshop, the newest first. */
export async function listCopies(workshop: string): Promise<Copy[]> {
	const folder = join(workshop, FOLDER);
	const entries = existsSync(folder) ? await readdir(folder) : [];
	const copies = entries.flatMap((name) => {
		const at = (OWN.exec(name) ?? OLD.exec(name))?.[1];
		return at === undefined ? [] : [{ name, at: new Date(`${at.slice(0, 10)}T${at.slice(11).replaceAll('-', ':')}Z`) }];
	});
	const told = await Promise.all(
		copies.map(async ({ name, at }): Promise<Copy> => ({
			name,
			at,
			bytes: (await stat(join(folder, name))).size,
			pieces: await piecesOf(join(folder, name.replace('.tar.gz', '.json')))
		}))
	);
	return told.sort((a, b) => b.at.getTime() - a.at.getTime());
}

async function piecesOf(file: string): Promise<readonly string[] | null> {
	try {
		return (JSON.parse(await readFile(file, 'utf8')) as { pieces: string[] }).pieces;
	} catch {
		return null;
	}
}

/** Which copies stay: of each hour, day and week the newest, and always the newest of all. By their times, newest first. */
export function keptCopies(times: readonly Date[], now: Date): ReadonlySet<number> {
	const kept = new Set<number>(times.length > 0 ? [0] : []);
	for (const { within, each } of KEPT) {
		const seen = new Set<number>();
		times.forEach((time, i) => {
			const slot = Math.floor(time.getTime() / each);
			if (now.getTime() - time.getTime() > within || seen.has(slot)) return;
			seen.add(slot);
			kept.add(i);
		});
	}
	return kept;
}

async function thinCopies(workshop: string, now: Date): Promise<void> {
	const copies = await listCopies(workshop);
	const kept = keptCopies(
		copies.map(({ at }) => at),
		now
	);
	for (const [i, { name }] of copies.entries())
		if (!kept.has(i)) for (const file of [name, name.replace('.tar.gz', '.json')]) await rm(join(workshop, FOLDER, file), { force: true });
}

/** More than anybody saves between two restores: what a window that is still open edited is of no version that comes after. */
const VERSIONS_AHEAD = 100_000;

/**
 * Puts a copy in the place of the database, which has to be closed; what was there is kept beside it, and its name returned. The copy is unpacked
 * whole, opened and brought to the disk before anything is renamed. Throws where there is no such copy, or it cannot be opened: then all is as it was.
 */
export async function restoreCopy(workshop: string, name: string, now: Date): Promise<string> {
	if (!OWN.test(name) && !OLD.test(name)) throw new Error(`There is no copy called ${name}.`);
	const file = join(workshop, FOLDER, name);
	const [next, present] = [join(workshop, `database.new-${process.pid}`), join(workshop, 'database')];
	await rm(next, { recursive: true, force: true });
	try {
		await unpack(file, next, OLD.test(name));
		await syncFolder(next);
	} catch (error) {
		await rm(next, { recursive: true, force: true });
		throw error;
	}
	const kept = `database.before-${now.toISOString().replace(/[:.]/g, '-')}`;
	if (existsSync(present)) await rename(present, join(workshop, kept));
	await rename(next, present);
	await syncEntry(workshop);
	return kept;
}

async function unpack(file: string, to: string, isOld: boolean): Promise<void> {
	if (!isOld) {
		await mkdir(to, { recursive: true, mode: 0o700 });
		await run('tar', ['-xzf', file, '-C', to]);
		if (!existsSync(join(to, 'PG_VERSION'))) throw new Error('It holds no database.');
	}
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
