import type { PGlite } from '@electric-sql/pglite';
import { dropParts, emptyTakenOut } from './copyList';
import { freeOn, hasRoomToWrite, letReserveGo } from './disk';

/** What each table keeps that is large. */
const LARGE = { picture_parts: 'bytes', revisions: 'document', cards: 'picture', pieces: 'document', motifs: 'document' } as const;

/** What the workshop itself left on the disk, before its database is opened: the reserve, copies that were cut off or taken out. */
export async function clearFolder(directory: string): Promise<void> {
	await letReserveGo(directory);
	await emptyTakenOut(directory, true);
	await dropParts(directory);
}

/** Waste below this is left, bytes. */
const WORTH = 2e6;
/** Written anew a table needs its room again, and its log once more. */
const NEEDS = 2.5;

/** Gives back to the disk what was deleted in the database: tables are written anew, the least first, as far as there is room to do so. */
export async function compactDatabase(client: PGlite, directory: string): Promise<void> {
	/** With none at all it is opened as it is, to be read. */
	if (!(await hasRoomToWrite(directory))) return;
	const found: { table: string; live: number; waste: number }[] = [];
	for (const [table, column] of Object.entries(LARGE)) {
		await client.query(`VACUUM ${table}`);
		const { rows } = await client.query<{ whole: string; live: string }>(
			`SELECT pg_total_relation_size('${table}') AS whole, (SELECT coalesce(sum(pg_column_size(${column})), 0) FROM ${table}) AS live`
		);
		const [whole, live] = [Number(rows[0]!.whole), Number(rows[0]!.live)];
		found.push({ table, live, waste: whole - live });
	}
	for (const { table, live, waste } of found.sort((a, b) => a.live - b.live)) {
		if (waste < WORTH || (await freeOn(directory)) < NEEDS * live + WORTH) continue;
		await client.query(`VACUUM FULL ${table}`);
		/** Only with a checkpoint what was there before goes, and the log of it. */
		if (await hasRoomToWrite(directory)) await client.query('CHECKPOINT');
	}
}
