import { sql } from 'drizzle-orm';
import type { PgliteDatabase } from 'drizzle-orm/pglite';
import { createHash } from 'node:crypto';
import journal from './migrations/meta/_journal.json';

const files = import.meta.glob<string>('./migrations/*.sql', { query: '?raw', import: 'default', eager: true });

interface Migratable {
	readonly dialect: { migrate(migrations: object[], session: unknown, config: object): Promise<void> };
	readonly session: unknown;
}

function textOf(tag: string): string {
	const text = files[`./migrations/${tag}.sql`];
	if (text === undefined) throw new Error(`Migration ${tag} is in the journal, but its file is missing.`);
	return text;
}

function sumOf(text: string): string {
	return createHash('sha256').update(text).digest('hex');
}

/** Tells one set of migrations from another. */
export function sumOfMigrations(): string {
	return sumOf(journal.entries.map(({ tag }) => textOf(tag)).join('\n'));
}

/** Applies what is new, from migrations that are part of the bundle: the built server has no folder of them to read. */
export async function migrateDatabase(db: PgliteDatabase<Record<string, unknown>>): Promise<void> {
	const migrations = journal.entries.map(({ tag, when, breakpoints }) => ({
		sql: textOf(tag).split('--> statement-breakpoint'),
		bps: breakpoints,
		folderMillis: when,
		hash: sumOf(textOf(tag))
	}));
	const { dialect, session } = db as unknown as Migratable;
	await dialect.migrate(migrations, session, { migrationsFolder: '' });
}

/** Whether all migrations have been applied; a database without any is as new, and need not be copied first. */
export async function isMigrated(db: PgliteDatabase<Record<string, unknown>>): Promise<boolean> {
	const { rows: tables } = await db.execute<{ there: boolean }>(
		sql`SELECT to_regclass('drizzle.__drizzle_migrations') IS NOT NULL AS there`
	);
	if (!tables[0]?.there) return true;
	const { rows } = await db.execute<{ last: string | null }>(sql`SELECT max(created_at) AS last FROM drizzle.__drizzle_migrations`);
	return Number(rows[0]?.last ?? 0) >= Math.max(...journal.entries.map(({ when }) => when));
}
