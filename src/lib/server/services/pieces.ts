import { type Project } from '$core/project';
import { LONGEST_NAME } from '$core/units';
import { and, asc, desc, eq, gt, isNotNull, isNull, lt, max, min, sql } from 'drizzle-orm';
import { cards, pieces, revisions, type Card, type Database } from '../db';
import { KEPT_STEPS } from '../../saving';
import type { SaveRead } from '../pool';
import { isDaysAgo } from './days';

/** A document as it is stored, for a process to read: `open` and the like of the pool. */
export interface StoredPiece {
	readonly id: string;
	readonly version: number;
	readonly document: string;
	readonly updatedAt: Date;
}

/** What is known of a piece without reading it: its card as it was made at some save, null where none was made yet. */
export interface ListedPiece {
	readonly id: string;
	readonly version: number;
	readonly name: string;
	readonly updatedAt: Date;
	readonly card: Card | null;
	/** Of the save that the card was made of. */
	readonly cardVersion: number | null;
}

export type SaveOutcome =
	| { readonly kind: 'saved'; readonly version: number; readonly updatedAt: Date }
	| { readonly kind: 'stale'; readonly version: number; readonly updatedAt: Date; readonly place: number }
	| { readonly kind: 'gone' };

/** Where a piece stands among the steps that are kept of it. */
export interface StepsKept {
	readonly place: number;
	readonly first: number;
	readonly last: number;
}

/** Adds a piece; its document is text that was read (`readPiece` of the pool). */
export async function addPiece(db: Database, document: string): Promise<string> {
	return db.transaction(async (tx) => {
		const [piece] = await tx
			.insert(pieces)
			.values({ document: asJson(document) })
			.returning({ id: pieces.id });
		await tx.insert(revisions).values({ piece: piece!.id, place: 1, document: asJson(document) });
		return piece!.id;
	});
}

/** Saves a piece over the version that was edited, as one step more unless its steps say otherwise; refused where it has moved on since. Its texts were read (`readSave` of the pool). */
export async function savePiece(db: Database, id: string, { version, document, steps }: SaveRead): Promise<SaveOutcome> {
	if (!isUuid(id)) return { kind: 'gone' };
	return db.transaction(async (tx) => {
		const { version: kept, place: at, updatedAt } = pieces;
		const [now] = await tx
			.select({ version: kept, place: at, updatedAt })
			.from(pieces)
			.where(and(eq(pieces.id, id), isNull(pieces.removedAt)));
		if (!now) return { kind: 'gone' };
		if (now.version !== version) return { kind: 'stale', version: now.version, updatedAt: now.updatedAt, place: now.place };
		const { keep, add, place } = steps ?? { keep: now.place, add: [null], place: now.place + 1 };
		const [there] = await tx
			.select({ first: min(revisions.place), last: max(revisions.place) })
			.from(revisions)
			.where(eq(revisions.piece, id));
		const { first, last } = { first: there?.first ?? now.place, last: there?.last ?? now.place };
		/** What it counts on is not there: whoever sends it knows another history. */
		const begins = keep >= first ? first : keep + 1;
		if (keep > last || place < begins) return { kind: 'stale', version: now.version, updatedAt: now.updatedAt, place: last };
		const [saved] = await tx
			.update(pieces)
			.set({ document: asJson(document), version: version + 1, place, updatedAt: sql`now()` })
			.where(eq(pieces.id, id))
			.returning({ version: pieces.version, updatedAt: pieces.updatedAt });
		if (keep < last) await tx.delete(revisions).where(and(eq(revisions.piece, id), gt(revisions.place, keep)));
		for (const [i, step] of add.entries())
			await tx.insert(revisions).values({ piece: id, place: keep + 1 + i, document: asJson(step ?? document) });
		await tx.delete(revisions).where(and(eq(revisions.piece, id), lt(revisions.place, place - KEPT_STEPS)));
		return { kind: 'saved', version: saved!.version, updatedAt: saved!.updatedAt };
	});
}

/** Text that is JSON, as the database takes it: it is not read here once more. */
function asJson(text: string) {
	return sql<Project>`${text}::jsonb` as never;
}

/** A stored document as text; null where there is no such piece. */
export async function findDocument(db: Database, id: string): Promise<StoredPiece | null> {
	if (!isUuid(id)) return null;
	const [row] = await db
		.select({ id: pieces.id, version: pieces.version, document: textOf(pieces.document), updatedAt: pieces.updatedAt })
		.from(pieces)
		.where(and(eq(pieces.id, id), isNull(pieces.removedAt)));
	return row ?? null;
}

/** JSON as it is stored, not read here. */
function textOf(column: typeof pieces.document | typeof revisions.document) {
	return sql<string>`${column}::text`;
}

/** A save that was begun as a page was left is here by then, or does not come, ms; and how often it is looked for. */
const ON_ITS_WAY = { longest: 1500, look: 25 };

/** A stored document as `findDocument` finds it, once the save that is made on this version is there, or does not come. */
export async function findDocumentAfter(db: Database, id: string, version: number | null): ReturnType<typeof findDocument> {
	const began = performance.now();
	for (;;) {
		const stored = await findDocument(db, id);
		if (version === null || stored?.version !== version || performance.now() - began > ON_ITS_WAY.longest) return stored;
		await new Promise((resolve) => setTimeout(resolve, ON_ITS_WAY.look));
	}
}

const NAMELESS = 'A piece without a name';

/** Every piece with its card, the last saved first. Nothing is read or planned for it. */
export async function listPieces(db: Database): Promise<ListedPiece[]> {
	const rows = await selectListed(db).where(isNull(pieces.removedAt)).orderBy(desc(pieces.updatedAt));
	return rows.map(withName);
}

/** One piece as it is listed; null where there is none. */
export async function findShell(db: Database, id: string): Promise<ListedPiece | null> {
	if (!isUuid(id)) return null;
	const [row] = await selectListed(db).where(and(eq(pieces.id, id), isNull(pieces.removedAt)));
	return row ? withName(row) : null;
}

function withName<Row extends { readonly name: string | null }>(row: Row) {
	return { ...row, name: row.name === null || row.name === '' ? NAMELESS : row.name };
}

function selectListed(db: Database) {
	return db
		.select({
			id: pieces.id,
			version: pieces.version,
			updatedAt: pieces.updatedAt,
			name: sql<
				string | null
			>`CASE WHEN jsonb_typeof(${pieces.document} #> '{piece,name}') = 'string' THEN ${pieces.document} #>> '{piece,name}' END`,
			card: cards.card,
			cardVersion: cards.version
		})
		.from(pieces)
		.leftJoin(cards, eq(cards.piece, pieces.id));
}

/** Where a piece stands among its steps; null where there is no such piece. */
export async function findSteps(db: Database, id: string): Promise<StepsKept | null> {
	if (!isUuid(id)) return null;
	const [row] = await db
		.select({ place: pieces.place, first: min(revisions.place), last: max(revisions.place) })
		.from(pieces)
		.leftJoin(revisions, eq(revisions.piece, pieces.id))
		.where(eq(pieces.id, id))
		.groupBy(pieces.place);
	return row ? { place: row.place, first: row.first ?? row.place, last: row.last ?? row.place } : null;
}

/** The step before a place, or the one after it: what undo and redo go on to when the page does not know it. Of what lies in the bin there is none. */
export async function findStep(
	db: Database,
	id: string,
	side: 'before' | 'after',
	place: number
): Promise<{ readonly place: number; readonly document: string } | null> {
	if (!isUuid(id)) return null;
	const [row] = await db
		.select({ place: revisions.place, document: textOf(revisions.document) })
		.from(revisions)
		.innerJoin(pieces, and(eq(pieces.id, revisions.piece), isNull(pieces.removedAt)))
		.where(and(eq(revisions.piece, id), side === 'before' ? lt(revisions.place, place) : gt(revisions.place, place)))
		.orderBy(side === 'before' ? desc(revisions.place) : asc(revisions.place))
		.limit(1);
	return row ?? null;
}

/** Puts a piece into the bin: it is listed no more, and comes back whole until its time is over. */
export async function removePiece(db: Database, id: string): Promise<boolean> {
	if (!isUuid(id)) return false;
	const gone = await db
		.update(pieces)
		.set({ removedAt: sql`now()` })
		.where(and(eq(pieces.id, id), isNull(pieces.removedAt)))
		.returning({ id: pieces.id });
	return gone.length > 0;
}

/**
 * Lays a copy of a piece beside it, as it is now and with a way back of its own: `The hall chest 2`, or the next number that is free. Null where it
 * is not in the workshop.
 */
export async function copyPiece(db: Database, id: string): Promise<{ readonly id: string; readonly name: string } | null> {
	const listed = await listPieces(db);
	const names = new Set(listed.map(({ name }) => name));
	const base = listed.find((piece) => piece.id === id)?.name.replace(/ \d+$/, '');
	if (base === undefined) return null;
	const numbered = (count: number) => `${base.slice(0, LONGEST_NAME - 1 - String(count).length).trimEnd()} ${count}`;
	let count = 2;
	while (names.has(numbered(count))) count++;
	const name = numbered(count);
	return db.transaction(async (tx) => {
		/** The document stays where it is: it is not read for its name. */
		const document = sql<Project>`(SELECT jsonb_set(${pieces.document}, '{piece,name}', to_jsonb(${name}::text)) FROM ${pieces} WHERE ${pieces.id} = ${id})`;
		const [copy] = await tx
			.insert(pieces)
			.values({ document: document as never })
			.returning({ id: pieces.id });
		await tx.insert(revisions).values({
			piece: copy!.id,
			place: 1,
			document: sql`(SELECT ${pieces.document} FROM ${pieces} WHERE ${pieces.id} = ${copy!.id})` as never
		});
		return { id: copy!.id, name };
	});
}

/** Takes a piece out of the bin, as it was. */
export async function bringBack(db: Database, id: string): Promise<boolean> {
	if (!isUuid(id)) return false;
	const back = await db
		.update(pieces)
		.set({ removedAt: null })
		.where(and(eq(pieces.id, id), isNotNull(pieces.removedAt)))
		.returning({ id: pieces.id });
	return back.length > 0;
}

/** Days that a piece lies in the bin. */
const DAYS_IN_BIN = 30;

/** What lies in the bin, the last taken out first. */
export async function listBin(db: Database): Promise<{ readonly id: string; readonly name: string; readonly removedAt: Date }[]> {
	const rows = await db
		.select({ id: pieces.id, removedAt: pieces.removedAt, name: sql<string | null>`${pieces.document} #>> '{piece,name}'` })
		.from(pieces)
		.where(isNotNull(pieces.removedAt))
		.orderBy(desc(pieces.removedAt));
	return rows.map(({ id, removedAt, name }) => ({ id, name: name === null || name === '' ? NAMELESS : name, removedAt: removedAt! }));
}

/** Empties the bin of what has lain there long enough; with it go its steps. */
export async function emptyBin(db: Database, now: Date): Promise<number> {
	return (
		await db
			.delete(pieces)
			.where(isDaysAgo(pieces.removedAt, DAYS_IN_BIN, now))
			.returning({ id: pieces.id })
	).length;
}

function isUuid(text: string): boolean {
	return /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(text);
}
