import type { Issue } from '$core/units';
import { and, eq, gt, inArray, sql } from 'drizzle-orm';
import { createHash } from 'node:crypto';

import { breathe } from '../breathe';
import { pictureParts, pictures, pieces, readPictureBytes, revisions, writePictureBytes, type Database } from '../db';
import { kindOfPicture, type Photograph, type Pool } from '../pool';
import { isDaysAgo } from './days';

export interface PictureInfo {
	readonly picture: string;
	readonly width: number;
	readonly height: number;
}

export type ReadPicture =
	{ readonly kind: 'read'; readonly photograph: Photograph } | { readonly kind: 'bad'; readonly issues: readonly Issue[] };

/** More bytes than this are refused before they are looked at. */
export const MOST_BYTES = 40e6;
/** Forty million pixels take some seconds, ms. */
const LONGEST = 15_000;

/** Reads a photograph as it is kept; `decoder` takes one after another. What is no picture by its first bytes is given to none. */
export async function readPicture(decoder: Pool, bytes: Uint8Array): Promise<ReadPicture> {
	if (kindOfPicture(bytes) === null) return { kind: 'bad', issues: [{ code: 'picture.kind', path: 'picture' }] };
	const read = await decoder.run('photograph', bytes, { time: LONGEST });
	return read.ok ? { kind: 'read', photograph: read.photograph } : { kind: 'bad', issues: [read.issue] };
}

/** Takes a photograph that was read into the workshop. */
export async function addPicture(db: Database, { bytes, ...info }: Photograph): Promise<PictureInfo> {
	const picture = await nameOf(bytes);
	/** Brought twice at once it is written once. */
	const writing = WRITING.get(picture) ?? keep(db, picture, bytes, info).finally(() => WRITING.delete(picture));
	WRITING.set(picture, writing);
	await writing;
	return { picture, width: info.width, height: info.height };
}

const WRITING = new Map<string, Promise<void>>();

/** Its bytes first, its name last: a picture that is named is whole. */
async function keep(db: Database, picture: string, data: Uint8Array, info: Omit<Photograph, 'bytes'>): Promise<void> {
	const known = await db
		.update(pictures)
		.set({ namedAt: sql`now()` })
		.where(eq(pictures.id, picture))
		.returning({ id: pictures.id });
	if (known.length > 0) return;
	await breathe();
	await writePictureBytes(db, picture, data);
	await db
		.insert(pictures)
		.values({ id: picture, ...info, size: data.length })
		.onConflictDoNothing();
}

/** Hashed so much at once, bytes: between two others are answered. */
const HASHED = 4e6;

async function nameOf(bytes: Uint8Array): Promise<string> {
	const hash = createHash('sha256');
	for (let at = 0; at < bytes.length; at += HASHED) {
		hash.update(bytes.subarray(at, at + HASHED));
		await breathe();
	}
	return hash.digest('hex');
}

/** A picture by its name, its bytes as they are asked for; null where there is none. */
export async function findPicture(
	db: Database,
	id: string
): Promise<{ readonly type: string; readonly size: number; readonly bytes: AsyncGenerator<Uint8Array> } | null> {
	if (!/^[0-9a-f]{64}$/.test(id)) return null;
	const [row] = await db.select({ type: pictures.type, size: pictures.size }).from(pictures).where(eq(pictures.id, id));
	return row ? { ...row, bytes: readPictureBytes(db, id, row.size) } : null;
}

/** Days that a picture stays which no piece, and no step of one, names. */
const DAYS_UNNAMED = 30;
/** Documents looked at at once. */
const LOOKED_AT = 25;

/** Takes out pictures that nothing has named for thirty days; returns how many. Looks at few documents at once, so that others are answered. */
export async function dropUnnamed(db: Database, now: Date): Promise<number> {
	const old = await db
		.select({ id: pictures.id })
		.from(pictures)
		.where(isDaysAgo(pictures.namedAt, DAYS_UNNAMED, now));
	const unnamed = new Set(old.map(({ id }) => id));
	if (unnamed.size === 0) return 0;
	const named: string[] = [];
	for await (const id of namedPictures(db)) if (unnamed.delete(id)) named.push(id);
	if (named.length > 0) await db.update(pictures).set({ namedAt: now }).where(inArray(pictures.id, named));
	for (const id of unnamed) {
		await db.delete(pictures).where(eq(pictures.id, id));
		await db.delete(pictureParts).where(eq(pictureParts.picture, id));
	}
	return unnamed.size;
}

/** Names of pictures in all pieces, those in the bin too, and in their steps. */
async function* namedPictures(db: Database): AsyncGenerator<string> {
	const namesIn = (column: typeof pieces.document | typeof revisions.document) =>
		sql<string[]>`jsonb_path_query_array(${column}, '$.piece.faces[*].photograph.picture')`;
	const all = await db.select({ id: pieces.id }).from(pieces);
	for (const { id } of all) {
		const [piece] = await db
			.select({ names: namesIn(pieces.document) })
			.from(pieces)
			.where(eq(pieces.id, id));
		yield* piece?.names ?? [];
		for (let last = -1, more = true; more;) {
			const steps = await db
				.select({ place: revisions.place, names: namesIn(revisions.document) })
				.from(revisions)
				.where(and(eq(revisions.piece, id), gt(revisions.place, last)))
				.orderBy(revisions.place)
				.limit(LOOKED_AT);
			for (const { names } of steps) yield* names;
			await breathe();
			more = steps.length === LOOKED_AT;
			last = steps.at(-1)?.place ?? last;
		}
	}
}
