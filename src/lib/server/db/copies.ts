import { PGlite } from '@electric-sql/pglite';
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdir, open, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

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

/** Runs a program to its end; others are answered meanwhile. Throws with what it said where it failed. */
function run(command: string, args: readonly string[]): Promise<void> {
	return new Promise((resolve, reject) => {
		const child = spawn(command, args, { stdio: ['ignore', 'ignore', 'pipe'] });
		let said = '';
		child.stderr.on('data', (data) => (said += String(data)));
		child.once('error', reject);
		child.once('close', (status) => {
			/** A file that grew while it was read is written again from the log: tar's 1 is no failure here. */
			if (status === 0 || (command === 'tar' && status === 1)) resolve();
			else reject(new Error(`${command}: ${said.trim().slice(0, 300) || `ended with ${status}`}`));
		});
	});
}

/**
 * Writes a copy of a workshop that is open and goes on being used. First a checkpoint, and where it was; then all files, as they are while others
 * change them; last the log of changes, while nothing is changed. When a copy is opened the log makes good what was caught half: as after a crash.
 * Whole or not at all. Returns its name.
 */
export async function writeCopy(client: PGlite, workshop: string, now: Date, pieces: readonly string[]): Promise<string> {
	const folder = join(workshop, FOLDER);
	await mkdir(folder, { recursive: true });
	for (const entry of await readdir(folder)) if (entry.endsWith('.part')) await rm(join(folder, entry), { force: true });
	const name = `copy-${now.toISOString().replace(/[:.]/g, '-')}.tar.gz`;
	const [plain, packed] = [join(folder, `${name}.tar.part`), join(folder, `${name}.part`)];
	const files = ['-C', join(workshop, 'database')];
	try {
		await client.query('CHECKPOINT');
		await syncFolder(join(workshop, 'database'));
		await run('tar', ['-cf', plain, ...files, './global/pg_control']);
		await run('tar', ['-rf', plain, ...files, '--exclude=./global/pg_control', '--exclude=./pg_wal/*', '.']);
		await client.runExclusive(() => run('tar', ['-rf', plain, ...files, './pg_wal']));
		await pack(plain, packed);
		await syncFile(packed);
		await writeFile(join(folder, name.replace('.tar.gz', '.json')), JSON.stringify({ pieces }));
		await rename(packed, join(folder, name));
	} finally {
		for (const part of [plain, packed]) await rm(part, { force: true });
	}
	await thinCopies(workshop, now);
	return name;
}

function pack(from: string, to: string): Promise<void> {
	return run('sh', ['-c', 'exec nice -n 10 gzip -1 -c < "$0" > "$1"', from, to]);
}

/** Has the system write to the disk what it still holds of a folder's file system: what a checkpoint wrote, or a copy that was unpacked. */
export async function syncFolder(folder: string): Promise<void> {
	await run('sync', ['-f', folder]).catch(() => {});
}

async function syncFile(path: string): Promise<void> {
	const file = await open(path, 'r+');
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

/**
 * Puts a copy in the place of the database, which has to be closed; what was there is kept beside it, and its name returned. The copy is unpacked
 * whole before anything is renamed. Throws where there is no such copy, or it cannot be unpacked: then all is as it was.
 */
export async function restoreCopy(workshop: string, name: string, now: Date): Promise<string> {
	if (!OWN.test(name) && !OLD.test(name)) throw new Error(`There is no copy called ${name}.`);
	const file = join(workshop, FOLDER, name);
	const [next, present] = [join(workshop, `database.new-${process.pid}`), join(workshop, 'database')];
	await rm(next, { recursive: true, force: true });
	try {
		if (OLD.test(name)) {
			const client = await PGlite.create({ dataDir: next, loadDataDir: new Blob([new Uint8Array(await readFile(file))]) });
			await client.close();
		} else {
			await mkdir(next, { recursive: true, mode: 0o700 });
			await run('tar', ['-xzf', file, '-C', next]);
		}
		if (!existsSync(join(next, 'PG_VERSION'))) throw new Error(`The copy ${name} holds no database.`);
	} catch (error) {
		await rm(next, { recursive: true, force: true });
		throw error;
	}
	const kept = `database.before-${now.toISOString().replace(/[:.]/g, '-')}`;
	if (existsSync(present)) await rename(present, join(workshop, kept));
	await rename(next, present);
	await syncFolder(workshop);
	return kept;
}
