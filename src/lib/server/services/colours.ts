import type { Colour } from '$core/colour';
import { asc } from 'drizzle-orm';
import { colours, type Database } from '../db';

export async function listColours(db: Database): Promise<Colour[]> {
	return (await db.select().from(colours).orderBy(asc(colours.createdAt), asc(colours.id))).map((row) => row.document);
}

/** Puts a colour on the shelf that was read (`readColourText` of the pool); one of the same id is replaced. */
export async function keepColour(db: Database, colour: Colour): Promise<void> {
	await db
		.insert(colours)
		.values({ id: colour.id, document: colour })
		.onConflictDoUpdate({ target: colours.id, set: { document: colour } });
}
