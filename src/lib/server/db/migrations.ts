import type { PgliteDatabase } from 'drizzle-orm/pglite';
import { createHash } from 'node:crypto';
import journal from './migrations/meta/_journal.json';

const files = import.meta.glob<string>('./migrations/*.sql', { query: '?raw', import: 'default', eager: true });

interface Migratable {
	readonly dialect: { migrate(migrations: object[], session: unknown, config: object): Promise<void> };
	readonly session: unknown;
}

/** Applies what is new, from migrations that are part of the bundle: the built server has no folder of them to read. */
export async function migrateDatabase(db: PgliteDatabase<Record<string, unknown>>): Promise<void> {
	const migrations = journal.entries.map(({ tag, when, breakpoints }) => {
		const text = files[`./migrations/${tag}.sql`];
		if (text === undefined) throw new Error(`Migration ${tag} is in the journal, but its file is missing.`);
		return {
			sql: text.split('--> statement-breakpoint'),
			bps: breakpoints,
			folderMillis: when,
			hash: createHash('sha256').update(text).digest('hex')
		};
	});
	const { dialect, session } = db as unknown as Migratable;
	await dialect.migrate(migrations, session, { migrationsFolder: '' });
}
