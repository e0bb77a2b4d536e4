import { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/pglite';
import { execFile } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { dirname, resolve } from 'node:path';
import { promisify } from 'node:util';
import { migrateDatabase, sumOfMigrations } from './migrations';

/** Small: one painter's workshop. Saves some 120 MB of memory, and keeps the log short between two checkpoints (`Upkeep` asks for them). */
export const SETTINGS = ['shared_buffers = 16MB', 'max_wal_size = 64MB', 'min_wal_size = 32MB'];

/** An empty database with its tables, packed once for each set of migrations: making one afresh takes seconds and much memory. */
async function fileOfTemplate(): Promise<string> {
	const file = resolve(`node_modules/.cache/ember-ribbon/empty-${sumOfMigrations().slice(0, 16)}.tar.gz`);
	if (!existsSync(file)) await packTemplate(file);
	return file;
}

/** For a database in memory. */
export async function readTemplate(): Promise<Blob> {
	return new Blob([new Uint8Array(await readFile(await fileOfTemplate()))]);
}

/** Into a folder that is not there yet. */
export async function unpackTemplate(directory: string): Promise<void> {
	await mkdir(directory, { mode: 0o700 });
	await promisify(execFile)('tar', ['--extract', '--gzip', '--file', await fileOfTemplate(), '--directory', directory]);
}

async function packTemplate(file: string): Promise<void> {
	const database = await PGlite.create({ postgresqlconf: SETTINGS });
	await migrateDatabase(drizzle(database) as never);
	await database.exec('CHECKPOINT');
	const dump = await database.dumpDataDir('gzip');
	await database.close();
	await mkdir(dirname(file), { recursive: true });
	const part = `${file}.${process.pid}.part`;
	await writeFile(part, new Uint8Array(await dump.arrayBuffer()));
	await rename(part, file);
}
