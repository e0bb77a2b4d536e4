import { type Project } from '$core/project';
import { readProject, upgradeProject } from '$core/formats';
import type { Issue } from '$core/units';
import { and, desc, eq, lt, sql } from 'drizzle-orm';
import { pieces, revisions, type Database } from '../db';

export interface SavedPiece {
	readonly id: string;
	readonly version: number;
	readonly document: Project;
	readonly updatedAt: Date;
}

/** A stored document that can be read, or what is wrong with it. */
export type StoredPiece = { readonly id: string; readonly version: number; readonly updatedAt: Date } & (
	| { readonly kind: 'sound'; readonly document: Project }
	| { readonly kind: 'faulty'; readonly name: string; readonly issues: readonly Issue[] }
);

export type SaveOutcome =
	| { readonly kind: 'saved'; readonly version: number; readonly updatedAt: Date }
	| { readonly kind: 'stale'; readonly version: number; readonly updatedAt: Date }
	| { readonly kind: 'gone' }
	| { readonly kind: 'bad'; readonly issues: readonly Issue[] };

/** Versions kept of each piece, for undo after the page has been closed. */
const KEPT_REVISIONS = 200;

/** Every piece as it can be read; one whose document is at fault is told of, and takes no other down with it. */
export async function listPieces(db: Database): Promise<StoredPiece[]> {
	const rows = await db.select().from(pieces).orderBy(desc(pieces.updatedAt));
	return rows.map(({ id, version, updatedAt, document }) => {
		const read = readStored(document);
		return read.ok
			? { kind: 'sound', id, version, updatedAt, document: read.project }
			: { kind: 'faulty', id, version, updatedAt, name: nameOf(document), issues: read.issues };
	});
}

/** Reads a stored document as it would be read from a file; whatever it is, it does not throw. */
export function readStored(document: unknown): ReturnType<typeof readProject> {
	try {
		return readProject(document);
	} catch (error) {
		return {
			ok: false,
			issues: [{ code: 'field.invalid', path: '', values: { message: error instanceof Error ? error.message : String(error) } }]
		};
	}
}

function nameOf(document: unknown): string {
	const name = (document as { piece?: { name?: unknown } } | null)?.piece?.name;
	return typeof name === 'string' && name !== '' ? name : 'A piece without a name';
}

export async function findPiece(db: Database, id: string): Promise<SavedPiece | null> {
	if (!isUuid(id)) return null;
	const [piece] = await db.select().from(pieces).where(eq(pieces.id, id));
	return piece ? withUpgrade(piece) : null;
}

/** Adds a piece from anything that may be a project; refused whole where a field is wrong. */
export async function addPiece(
	db: Database,
	value: unknown
): Promise<{ readonly kind: 'added'; readonly id: string } | { readonly kind: 'bad'; readonly issues: readonly Issue[] }> {
	const read = readProject(value);
	if (!read.ok) return { kind: 'bad', issues: read.issues };
	return db.transaction(async (tx) => {
		const [piece] = await tx.insert(pieces).values({ document: read.project }).returning();
		await tx.insert(revisions).values({ piece: piece!.id, version: 1, document: read.project });
		return { kind: 'added', id: piece!.id };
	});
}

/** Saves a piece over the version that was edited; refused where it has moved on since. */
export async function savePiece(db: Database, id: string, version: number, value: unknown): Promise<SaveOutcome> {
	const read = readProject(value);
	if (!read.ok) return { kind: 'bad', issues: read.issues };
	if (!isUuid(id)) return { kind: 'gone' };
	return db.transaction(async (tx) => {
		const [saved] = await tx
			.update(pieces)
			.set({ document: read.project, version: sql`${pieces.version} + 1`, updatedAt: sql`now()` })
			.where(and(eq(pieces.id, id), eq(pieces.version, version)))
			.returning();
		if (!saved) {
			const [now] = await tx.select().from(pieces).where(eq(pieces.id, id));
			return now ? { kind: 'stale', version: now.version, updatedAt: now.updatedAt } : { kind: 'gone' };
		}
		await tx.insert(revisions).values({ piece: id, version: saved.version, document: read.project });
		await tx.delete(revisions).where(and(eq(revisions.piece, id), lt(revisions.version, saved.version - KEPT_REVISIONS)));
		return { kind: 'saved', version: saved.version, updatedAt: saved.updatedAt };
	});
}

/** The document before a version: what undo goes back to when the page no longer remembers it. */
export async function findRevisionBefore(
	db: Database,
	id: string,
	version: number
): Promise<{ readonly version: number; readonly document: Project } | null> {
	if (!isUuid(id)) return null;
	const [row] = await db
		.select({ version: revisions.version, document: revisions.document })
		.from(revisions)
		.where(and(eq(revisions.piece, id), lt(revisions.version, version)))
		.orderBy(desc(revisions.version))
		.limit(1);
	return row ? withUpgrade(row) : null;
}

/** What was saved by an older program is read as it is now; it is written so with its next save. */
function withUpgrade<Row extends { readonly document: Project }>(row: Row): Row {
	return { ...row, document: upgradeProject(row.document) };
}

export async function removePiece(db: Database, id: string): Promise<boolean> {
	if (!isUuid(id)) return false;
	return (await db.delete(pieces).where(eq(pieces.id, id)).returning()).length > 0;
}

function isUuid(text: string): boolean {
	return /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(text);
}
