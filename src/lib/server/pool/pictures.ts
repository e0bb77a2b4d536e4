import sharp, { type Sharp } from 'sharp';
import type { Picture } from '../../../core/preview';
import type { Issue } from '../../../core/units';
import { kindOfPicture } from './kindOfPicture';

/** A picture takes one core, and leaves the others to whoever reads meanwhile. */
sharp.concurrency(1);
/** What was decoded is not kept: the next is another. */
sharp.cache(false);

/** More pixels than this are refused before they are unpacked. */
const MOST_PIXELS = 40e6;
/** Of its sides: what is longer is a strip, and no photograph. */
const MOST_SIDE = 20_000;
const QUALITY = 92;
/** As it is kept it may be so many times as large as it came, and so large in any case, bytes: a PNG of one colour unpacks to a thousand times its size. */
const GROWTH = { times: 4, bytes: 8e6 };

export interface Photograph {
	readonly type: string;
	readonly width: number;
	readonly height: number;
	readonly bytes: Uint8Array;
}
export type ReadPhotograph = { readonly ok: true; readonly photograph: Photograph } | { readonly ok: false; readonly issue: Issue };

/**
 * Reads a photograph as it is kept: upright as its camera says, without what else the camera wrote into it (places, among others). As JPEG; what lets
 * through what lies behind it as WebP. What is no picture, broken or giant is refused.
 */
export async function readPhotograph(bytes: Uint8Array): Promise<ReadPhotograph> {
	const bad = (code: string, values: Issue['values'] = {}): ReadPhotograph => ({ ok: false, issue: { code, path: 'picture', values } });
	const kind = kindOfPicture(bytes);
	if (kind === null) return bad('picture.kind');
	const head = await sharp(bytes, { limitInputPixels: false })
		.metadata()
		.catch(() => null);
	if (head?.format !== kind) return bad('picture.kind');
	if (Math.max(head.width, head.height) > MOST_SIDE)
		return bad('picture.too-large', { got: `${head.width} by ${head.height} pixels`, most: `${MOST_SIDE} along a side` });
	if (head.width * head.height > MOST_PIXELS)
		return bad('picture.too-large', { got: `${head.width} by ${head.height} pixels`, most: `${MOST_PIXELS / 1e6} million pixels` });
	const open = () => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
	const kept = await isClear(open, head.hasAlpha)
		.then((clear) => write(open().autoOrient(), clear).toBuffer({ resolveWithObject: true }))
		.catch(() => null);
	if (!kept) return bad('picture.broken');
	const { data, info } = kept;
	if (data.length > Math.max(GROWTH.bytes, GROWTH.times * bytes.length))
		return bad('picture.grows', { got: `${Math.round(data.length / 1e6)} MB`, came: `${(bytes.length / 1e6).toFixed(1)} MB` });
	return { ok: true, photograph: { type: `image/${info.format}`, width: info.width, height: info.height, bytes: new Uint8Array(data) } };
}

/** Whether anything of it lets through what lies behind it; many that could do not. */
async function isClear(open: () => Sharp, hasAlpha: boolean): Promise<boolean> {
	if (!hasAlpha) return false;
	const { channels } = await sharp(await open().extractChannel('alpha').png({ compressionLevel: 1 }).toBuffer()).stats();
	return channels[0]!.min < 255;
}

function write(picture: Sharp, clear: boolean): Sharp {
	return clear ? picture.webp({ quality: QUALITY, effort: 2 }) : picture.removeAlpha().jpeg({ quality: QUALITY });
}

/** The picture of a card as PNG. */
export async function writeCard({ width, height, pixels }: Picture): Promise<Uint8Array> {
	const written = sharp(pixels, { raw: { width, height, channels: 4 } }).png({ palette: true, colours: 128 });
	return new Uint8Array(await written.toBuffer());
}
