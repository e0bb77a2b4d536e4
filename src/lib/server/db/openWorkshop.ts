import { PGlite } from '@electric-sql/pglite';
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite';
import { existsSync } from 'node:fs';
import { mkdir, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { clearFolder, compactDatabase } from './cleanUp';
import { syncFolder, writeCopy } from './copies';
import { emptyTakenOut } from './copyList';
import { DiskFull, foundNoRoom, isShortOfRoom, requireFilesToOpen } from './disk';
import { lockWorkshop } from './lock';
import { isMigrated, migrateDatabase } from './migrations';
import * as schema from './schema';
import { finishRestore, wasWorkshop } from './restoring';
import { openSynced } from './syncedFiles';
import { readTemplate, SETTINGS, unpackTemplate } from './template';

export type Database = PgliteDatabase<typeof schema> & { readonly $client: PGlite };

export interface Workshop {
	readonly db: Database;
	/** Empty for one in memory. */
	readonly directory: string;
	close(): Promise<void>;
}

/** The database of a workshop cannot be opened. */
export class WorkshopBroken extends Error {
	constructor(directory: string, cause: unknown) {
		super(
			`The workshop in ${directory} cannot be opened (${cause instanceof Error ? cause.message : String(cause)}). Nothing was changed in it. "npm run restore" lists its copies and puts one back beside what is there, which is kept.`
		);
		this.name = 'WorkshopBroken';
	}
}

/**
 * Opens a workshop: one directory that holds everything. Locked before it is opened, copied before it is migrated. A new one is made under another
 * name and renamed whole. Throws `WorkshopOpenElsewhere` where another process has it, `WorkshopBroken` where its database cannot be opened,
 * `DiskFull` where it has to be copied first and there is no room for that.
 */
export async function openWorkshop(directory: string, now: Date = new Date()): Promise<Workshop> {
	await mkdir(directory, { recursive: true });
	const lock = await lockWorkshop(directory);
	try {
		const { db, client } = await openDatabase(directory, now);
		return {
			db,
			directory,
			async close() {
				await client.close();
				await lock.release();
			}
		};
	} catch (error) {
		await lock.release();
		throw error;
	}
}

/** The database of a workshop that this process has locked. */
async function openDatabase(directory: string, now: Date): Promise<{ readonly db: Database; readonly client: PGlite }> {
	const dataDir = join(directory, 'database');
	await finishRestore(directory);
	await emptyTakenOut(directory, true);
	/** What an attempt that was cut off left; the program that unpacked it may still be at work for a moment. */
	for (const entry of await readdir(directory))
		if (entry.startsWith('database.new-'))
			await rm(join(directory, entry), { recursive: true, force: true, maxRetries: 20, retryDelay: 50 });
	if (!existsSync(dataDir)) {
		if (await wasWorkshop(directory)) throw new WorkshopBroken(directory, 'its database is not there');
		await makeDatabase(directory, dataDir);
	}
	const isShort = await isShortOfRoom(directory);
	if (isShort) await clearFolder(directory);
	await requireFilesToOpen(directory);
	try {
		const client = await openSynced(dataDir, SETTINGS);
		const db = drizzle(client, { schema });
		if (!(await isMigrated(db as never))) await writeCopy({ client, workshop: directory, now, pieces: await namesOfPieces(client) });
		await migrateDatabase(db as never);
		if (isShort) await compactDatabase(client, directory);
		return { db, client };
	} catch (error) {
		if (error instanceof DiskFull) throw error;
		throw foundNoRoom(error) ? new DiskFull() : new WorkshopBroken(directory, error);
	}
}

async function makeDatabase(directory: string, dataDir: string): Promise<void> {
	const next = join(directory, `database.new-${process.pid}`);
	await unpackTemplate(next);
	await syncFolder(next);
	await rename(next, dataDir);
}

/** Of a database that may be of an older version. */
async function namesOfPieces(client: PGlite): Promise<string[]> {
	const { rows } = await client.query<{ name: string | null }>("SELECT document #>> '{piece,name}' AS name FROM pieces");
	return rows.map(({ name }) => name ?? '');
}

/** A database in memory, migrated, for tests. */
export async function openMemory(): Promise<Workshop> {
	const client = await PGlite.create({ loadDataDir: await readTemplate(), postgresqlconf: SETTINGS });
	const db = drizzle(client, { schema });
	return { db, directory: '', close: () => client.close() };
}
