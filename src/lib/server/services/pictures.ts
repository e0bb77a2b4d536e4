import type { Issue } from '$core/units';
import { and, eq, gt, inArray, lt, sql } from 'drizzle-orm';
import { createHash } from 'node:crypto';
import sharp, { type OutputInfo } from 'sharp';

import { breathe } from '../breathe';
import { pictureParts, pictures, pieces, readPictureBytes, revisions, writePictureBytes, type Database } from '../db';

/** A photograph takes one core, and leaves the others to whoever reads meanwhile. */
sharp.concurrency(1);

export interface PictureInfo {
	readonly picture: string;
	readonly width: number;
	readonly height: number;
}

export type AddPicture =
	{ readonly kind: 'added'; readonly picture: PictureInfo } | { readonly kind: 'bad'; readonly issues: readonly Issue[] };

/** More pixels than this are refused before they are unpacked; more bytes before they are looked at. */
const MOST_PIXELS = 40e6;
export const MOST_BYTES = 40e6;
/** Of its sides: what is longer is a strip, and no photograph. */
const MOST_SIDE = 20_000;
const KINDS: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp']);
const QUALITY = 92;

/**
 * Takes a photograph into the workshop: JPEG, PNG or WebP, turned upright as its camera says, without what else the
 * camera wrote into it (places, among others). What is no picture, broken or giant is refused, and nothing is kept.
 */
export async function addPicture(db: Database, bytes: Uint8Array): Promise<AddPicture> {
	const bad = (code: string, values: Issue['values'] = {}): AddPicture => ({ kind: 'bad', issues: [{ code, path: 'picture', values }] });
	if (bytes.length > MOST_BYTES)
		return bad('picture.too-large', { got: `${Math.round(bytes.length / 1e6)} MB`, most: `${MOST_BYTES / 1e6} MB` });
	/** Of nothing at all sharp makes an error at once. */
	const head =
		bytes.length === 0
			? null
			: await sharp(bytes, { limitInputPixels: false })
					.metadata()
					.catch(() => null);
	if (!head || !KINDS.has(head.format)) return bad('picture.kind');
	if (Math.max(head.width, head.height) > MOST_SIDE)
		return bad('picture.too-large', { got: `${head.width} by ${head.height} pixels`, most: `${MOST_SIDE} along a side` });
	if (head.width * head.height > MOST_PIXELS)
		return bad('picture.too-large', { got: `${head.width} by ${head.height} pixels`, most: `${MOST_PIXELS / 1e6} million pixels` });
	const upright = await turnUpright(bytes, head.format).catch(() => null);
	if (!upright) return bad('picture.broken');
	const { data, info } = upright;
	const picture = await nameOf(data);
	/** Brought twice at once it is written once. */
	const writing = WRITING.get(picture) ?? keep(db, picture, data, info).finally(() => WRITING.delete(picture));
	WRITING.set(picture, writing);
	await writing;
	return { kind: 'added', picture: { picture, width: info.width, height: info.height } };
}

const WRITING = new Map<string, Promise<void>>();

/** Its bytes first, its name last: a picture that is named is whole. */
async function keep(db: Database, picture: string, data: Uint8Array, info: OutputInfo): Promise<void> {
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
		.values({ id: picture, type: `image/${info.format}`, width: info.width, height: info.height, size: data.length })
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

function turnUpright(bytes: Uint8Array, format: string) {
	const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).autoOrient();
	const written =
		format === 'png' ? picture.png() : format === 'webp' ? picture.webp({ quality: QUALITY }) : picture.jpeg({ quality: QUALITY });
	return written.toBuffer({ resolveWithObject: true });
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
	const before = new Date(now.getTime() - DAYS_UNNAMED * 86_400_000);
	const old = await db.select({ id: pictures.id }).from(pictures).where(lt(pictures.namedAt, before));
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
