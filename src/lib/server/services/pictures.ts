import type { Issue } from '$core/units';
import { eq } from 'drizzle-orm';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { pictures, type Database } from '../db';

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
	if (head.width * head.height > MOST_PIXELS)
		return bad('picture.too-large', { got: `${head.width} by ${head.height} pixels`, most: `${MOST_PIXELS / 1e6} million pixels` });
	const upright = await turnUpright(bytes, head.format).catch(() => null);
	if (!upright) return bad('picture.broken');
	const { data, info } = upright;
	const picture = createHash('sha256').update(data).digest('hex');
	await db
		.insert(pictures)
		.values({ id: picture, type: `image/${info.format}`, width: info.width, height: info.height, bytes: data })
		.onConflictDoNothing();
	return { kind: 'added', picture: { picture, width: info.width, height: info.height } };
}

function turnUpright(bytes: Uint8Array, format: string) {
	const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).autoOrient();
	const written =
		format === 'png' ? picture.png() : format === 'webp' ? picture.webp({ quality: QUALITY }) : picture.jpeg({ quality: QUALITY });
	return written.toBuffer({ resolveWithObject: true });
}

export async function findPicture(db: Database, id: string): Promise<{ readonly type: string; readonly bytes: Uint8Array } | null> {
	const [row] = await db.select({ type: pictures.type, bytes: pictures.bytes }).from(pictures).where(eq(pictures.id, id));
	return row ?? null;
}
