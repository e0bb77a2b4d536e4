import type { Colour } from '$core/colour';
import { readColour } from '$core/formats';
import type { Issue } from '$core/units';
import { asc } from 'drizzle-orm';
import { colours, type Database } from '../db';

export async function listColours(db: Database): Promise<Colour[]> {
	return (await db.select().from(colours).orderBy(asc(colours.createdAt), asc(colours.id))).map((row) => row.document);
}

/** Puts a colour on the shelf; one of the same id is replaced. */
export async function keepColour(
	db: Database,
	value: unknown
): Promise<{ readonly kind: 'kept'; readonly colour: Colour } | { readonly kind: 'bad'; readonly issues: readonly Issue[] }> {
	const read = readColour(value);
	if (!read.ok) return { kind: 'bad', issues: read.issues };
	await db
		.insert(colours)
		.values({ id: read.colour.id, document: read.colour })
		.onConflictDoUpdate({ target: colours.id, set: { document: read.colour } });
	return { kind: 'kept', colour: read.colour };
}
