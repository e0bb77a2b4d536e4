import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createHash } from 'node:crypto';
import { openMemory, readPictureBytes, writePictureBytes, type Workshop } from '../db';
import { addPiece, removePiece, savePiece } from './pieces';
import { seeDay } from './days';
import { Pool } from '../pool';
import { addPicture, dropUnnamed, findPicture, readPicture } from './pictures';

async function bytesOf(parts: AsyncIterable<Uint8Array>): Promise<Buffer> {
	const all: Uint8Array[] = [];
	for await (const part of parts) all.push(part);
	return Buffer.concat(all);
}

/** Left half red, right half blue, 40 by 20. */
const half = (colour: string) => ({ create: { width: 20, height: 20, channels: 3 as const, background: colour } });
async function twoHalves() {
	const blue = await sharp(half('#0000ff')).png().toBuffer();
	const both = await sharp({ create: { width: 40, height: 20, channels: 3, background: '#ff0000' } })
		.composite([{ input: blue, left: 20, top: 0 }])
		.png()
		.toBuffer();
	return sharp(both);
}

/** Four rows of dust again and again, which PNG packs small and JPEG does not: 90 kB and some 20 MB. */
async function swelling(): Promise<Buffer> {
	const [width, height] = [6000, 5000];
	const row = (seed: number) => Buffer.from(Uint8Array.from({ length: width }, (_, x) => Math.imul(x * 4 + seed + 1, 2654435761) >>> 24));
	const four = Buffer.concat([0, 1, 2, 3].map(row));
	return sharp(Buffer.concat(Array.from({ length: height / 4 }, () => four)), { raw: { width, height, channels: 1 } })
		.png({ compressionLevel: 9 })
		.toBuffer();
}

describe('pictures', () => {
	let workshop: Workshop;
	beforeAll(async () => void (workshop = await openMemory()));
	const decoder = new Pool({ size: 1, growth: 1500 });
	afterAll(() => Promise.all([workshop.close(), decoder.close()]));
	const add = async (bytes: Uint8Array) => {
		const read = await readPicture(decoder, new Uint8Array(bytes));
		return read.kind === 'bad' ? read : { kind: 'added' as const, picture: await addPicture(workshop.db, read.photograph) };
	};

	it('come in upright, whatever way the camera was held, and without what it wrote into them', async () => {
		for (const [orientation, width, height, first] of [
			[1, 40, 20, 'red'],
			[3, 40, 20, 'blue'],
			[6, 20, 40, 'red'],
			[8, 20, 40, 'blue']
		] as const) {
			const jpeg = await (await twoHalves()).withMetadata({ orientation }).jpeg({ quality: 100 }).toBuffer();
			const added = await add(jpeg);
			if (added.kind !== 'added') throw new Error(JSON.stringify(added));
			expect(added.picture).toMatchObject({ width, height });
			const kept = await findPicture(workshop.db, added.picture.picture);
			expect(kept!.type).toBe('image/jpeg');
			const upright = sharp(await bytesOf(kept!.bytes));
			expect((await upright.metadata()).orientation).toBeUndefined();
			const [r, , b] = await upright.extract({ left: 4, top: 4, width: 1, height: 1 }).raw().toBuffer();
			expect(r! > b! ? 'red' : 'blue').toBe(first);
		}
	});

	it('are kept once, however often they are brought: PNG as JPEG, and what lets through what is behind it as WebP', async () => {
		const png = await (await twoHalves()).png().toBuffer();
		const [one, two] = [await add(png), await add(png)];
		expect(one).toEqual(two);
		expect(one.kind === 'added' && (await findPicture(workshop.db, one.picture.picture))?.type).toBe('image/jpeg');
		const clear = await add(
			await sharp({ create: { width: 9, height: 9, channels: 4, background: { r: 9, g: 90, b: 200, alpha: 0.5 } } })
				.png()
				.toBuffer()
		);
		expect(clear.kind === 'added' && (await findPicture(workshop.db, clear.picture.picture))?.type).toBe('image/webp');
		expect(await add(await (await twoHalves()).webp().toBuffer())).toMatchObject({ kind: 'added', picture: { width: 40 } });
	});

	it('are refused when they are none, broken, of another kind, or giant; nothing is kept', async () => {
		const jpeg = await (await twoHalves()).resize(400, 400).jpeg().toBuffer();
		const giant = await sharp({ create: { width: 9000, height: 5000, channels: 3, background: '#888888' } })
			.png()
			.toBuffer();
		const cases: [string, Uint8Array][] = [
			['picture.kind', new TextEncoder().encode('no picture at all')],
			['picture.kind', new Uint8Array(0)],
			['picture.kind', await (await twoHalves()).gif().toBuffer()],
			['picture.kind', new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')],
			['picture.broken', jpeg.subarray(0, jpeg.length / 2)],
			['picture.kind', Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>')])],
			['picture.too-large', giant],
			[
				'picture.too-large',
				await sharp({ create: { width: 30_000, height: 2, channels: 3, background: '#888888' } })
					.png()
					.toBuffer()
			],
			['picture.kind', new Uint8Array(41e6)],
			['picture.grows', await swelling()]
		];
		for (const [code, bytes] of cases) expect(await add(bytes)).toMatchObject({ kind: 'bad', issues: [{ code, path: 'picture' }] });
		expect(await findPicture(workshop.db, 'f'.repeat(64))).toBeNull();
	});

	it('come out byte for byte, whatever their size: none of a MiB, one, and a part of one', async () => {
		for (const size of [1, (1 << 20) - 1, 1 << 20, (1 << 20) + 1, 3_500_000]) {
			const bytes = Uint8Array.from({ length: size }, (_, i) => (i * 7919) >> 3);
			const name = createHash('sha256').update(bytes).digest('hex');
			await writePictureBytes(workshop.db, name, bytes);
			/** What an attempt before left is written over. */
			await writePictureBytes(workshop.db, name, bytes);
			expect((await bytesOf(readPictureBytes(workshop.db, name, size))).equals(bytes)).toBe(true);
		}
		await expect(writePictureBytes(workshop.db, "x'; DROP TABLE pieces; --", new Uint8Array(1))).rejects.toThrow('Not the name');
	});

	it('go when nothing has named them for thirty days: no piece, none in the bin, and no step of one', async () => {
		const day = 86_400_000;
		const bring = async (background: string) => {
			const added = await add(
				await sharp({ create: { width: 9, height: 9, channels: 3, background } })
					.png()
					.toBuffer()
			);
			if (added.kind !== 'added') throw new Error('not added');
			return added.picture.picture;
		};
		const [shown, stepped, alone] = [await bring('#111111'), await bring('#222222'), await bring('#333333')];
		const naming = (picture: string) => JSON.stringify({ piece: { faces: [{ photograph: { picture } }] } });
		const id = await addPiece(workshop.db, naming(stepped));
		await savePiece(workshop.db, id, { version: 1, document: naming(shown), steps: null });
		await removePiece(workshop.db, id);
		expect(await dropUnnamed(workshop.db, new Date(Date.now() + 500 * day))).toBe(0);
		for (let i = 1; i <= 31; i++) await seeDay(workshop.db, new Date(Date.now() + i * day));
		expect(await dropUnnamed(workshop.db, new Date(Date.now() + 29 * day))).toBe(0);
		await dropUnnamed(workshop.db, new Date(Date.now() + 31 * day));
		const there = async (picture: string) => (await findPicture(workshop.db, picture)) !== null;
		expect([await there(shown), await there(stepped), await there(alone)]).toEqual([true, true, false]);
		expect((await bytesOf((await findPicture(workshop.db, shown))!.bytes)).length).toBeGreaterThan(0);
	});
});
