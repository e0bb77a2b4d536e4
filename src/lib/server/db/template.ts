import { PGlite } from '@electric-sql/pglite';
import { existsSync } from 'node:fs';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { dirname } from 'node:path';

/** Small: one painter's workshop. Saves some 120 MB of memory, and keeps the log short between two checkpoints (`Upkeep` asks for them). */
export const SETTINGS = ['shared_buffers = 16MB', 'max_wal_size = 64MB', 'min_wal_size = 32MB'];

/** An empty database, built once: making one afresh takes seconds and much memory. */
export async function readTemplate(file: string): Promise<Blob> {
	if (!existsSync(file)) await buildTemplate(file);
	return new Blob([new Uint8Array(await readFile(file))]);
}

async function buildTemplate(file: string): Promise<void> {
	const database = await PGlite.create({ postgresqlconf: SETTINGS });
	const dump = await database.dumpDataDir('gzip');
	await database.close();
	await mkdir(dirname(file), { recursive: true });
	const part = `${file}.${process.pid}.part`;
	await writeFile(part, new Uint8Array(await dump.arrayBuffer()));
	await rename(part, file);
}
