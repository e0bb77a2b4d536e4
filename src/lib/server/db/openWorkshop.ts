import { PGlite } from '@electric-sql/pglite';
import { drizzle, type PgliteDatabase } from 'drizzle-orm/pglite';
import { existsSync } from 'node:fs';
import { mkdir } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { backUp } from './backup';
import { lockWorkshop } from './lock';
import { migrateDatabase } from './migrations';
import * as schema from './schema';
import { readTemplate, SETTINGS } from './template';

export type Database = PgliteDatabase<typeof schema> & { readonly $client: PGlite };

export interface Workshop {
	readonly db: Database;
	readonly directory: string;
	close(): Promise<void>;
}

const TEMPLATE = resolve('node_modules/.cache/ember-ribbon/empty-database.tar.gz');

/**
 * Opens a workshop: one directory that holds everything. Locked before it is opened, copied before it is migrated.
 * Throws `WorkshopOpenElsewhere` where another process has it.
 */
export async function openWorkshop(directory: string, now: Date = new Date()): Promise<Workshop> {
	await mkdir(directory, { recursive: true });
	const lock = await lockWorkshop(directory);
	try {
		const dataDir = join(directory, 'database');
		const isNew = !existsSync(join(dataDir, 'PG_VERSION'));
		const client = await PGlite.create({
			dataDir,
			postgresqlconf: SETTINGS,
			...(isNew ? { loadDataDir: await readTemplate(TEMPLATE) } : {})
		});
		if (!isNew) await backUp(client, join(directory, 'backups'), now);
		const db = drizzle(client, { schema });
		await migrateDatabase(db as never);
		return {
			db,
			directory,
			async close() {
				await client.close();
				lock.close();
			}
		};
	} catch (error) {
		lock.close();
		throw error;
	}
}

/** A database in memory, migrated, for tests. */
export async function openMemory(): Promise<Workshop> {
	const client = await PGlite.create({ loadDataDir: await readTemplate(TEMPLATE), postgresqlconf: SETTINGS });
	const db = drizzle(client, { schema });
	await migrateDatabase(db as never);
	return { db, directory: '', close: () => client.close() };
}
