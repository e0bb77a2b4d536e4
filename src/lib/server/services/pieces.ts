import { type Project } from '$core/project';
import { readProject, upgradeProject } from '$core/formats';
import type { Issue } from '$core/units';
import { and, asc, desc, eq, gt, lt, max, min, sql } from 'drizzle-orm';
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
	| { readonly kind: 'stale'; readonly version: number; readonly updatedAt: Date; readonly place: number }
	| { readonly kind: 'gone' }
	| { readonly kind: 'bad'; readonly issues: readonly Issue[] };

/** How a save changes the steps of a piece: those after `keep` go, others follow it (null stands for the document), and the piece stands at `place`. */
export interface StepsOfSave {
	readonly keep: number;
	readonly add: readonly unknown[];
	readonly place: number;
}

/** Where a piece stands among the steps that are kept of it. */
export interface StepsKept {
	readonly place: number;
	readonly first: number;
	readonly last: number;
}

/** Steps kept of each piece, for undo after the page has been closed. */
const KEPT_STEPS = 200;

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
		await tx.insert(revisions).values({ piece: piece!.id, place: 1, document: read.project });
		return { kind: 'added', id: piece!.id };
	});
}

/** Saves a piece over the version that was edited, as one step more unless `steps` says otherwise; refused where it has moved on since. */
export async function savePiece(db: Database, id: string, version: number, value: unknown, steps?: StepsOfSave): Promise<SaveOutcome> {
	const read = readProject(value);
	if (!read.ok) return { kind: 'bad', issues: read.issues };
	if (!isUuid(id)) return { kind: 'gone' };
	return db.transaction(async (tx) => {
		const [now] = await tx.select().from(pieces).where(eq(pieces.id, id));
		if (!now) return { kind: 'gone' };
		if (now.version !== version) return { kind: 'stale', version: now.version, updatedAt: now.updatedAt, place: now.place };
		const { keep, add, place } = steps ?? { keep: now.place, add: [null], place: now.place + 1 };
		const [saved] = await tx
			.update(pieces)
			.set({ document: read.project, version: version + 1, place, updatedAt: sql`now()` })
			.where(eq(pieces.id, id))
			.returning();
		await tx.delete(revisions).where(and(eq(revisions.piece, id), gt(revisions.place, keep)));
		const rows = add.map((step, i) => ({ piece: id, place: keep + 1 + i, document: documentOfStep(step) ?? read.project }));
		if (rows.length > 0) await tx.insert(revisions).values(rows);
		await tx.delete(revisions).where(and(eq(revisions.piece, id), lt(revisions.place, place - KEPT_STEPS)));
		return { kind: 'saved', version: saved!.version, updatedAt: saved!.updatedAt };
	});
}

/** A step that cannot be read is none. */
function documentOfStep(step: unknown): Project | null {
	if (step === null) return null;
	const read = readStored(step);
	return read.ok ? read.project : null;
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

/** The step before a place, or the one after it: what undo and redo go on to when the page does not know it. */
export async function findStep(
	db: Database,
	id: string,
	side: 'before' | 'after',
	place: number
): Promise<{ readonly place: number; readonly document: Project } | null> {
	if (!isUuid(id)) return null;
	const [row] = await db
		.select({ place: revisions.place, document: revisions.document })
		.from(revisions)
		.where(and(eq(revisions.piece, id), side === 'before' ? lt(revisions.place, place) : gt(revisions.place, place)))
		.orderBy(side === 'before' ? desc(revisions.place) : asc(revisions.place))
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
