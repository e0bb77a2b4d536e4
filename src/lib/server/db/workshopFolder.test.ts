import { PGlite } from '@electric-sql/pglite';
import { execFileSync } from 'node:child_process';
import { createCipheriv, createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, readdir, readFile, rename, rm, statfs, symlink, writeFile } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { findPicture } from '../services/pictures';
import { findSettings } from '../services/settings';
import { addPiece, findDocument, listPieces, savePiece } from '../services/pieces';
import { Upkeep } from '../upkeep';
import { keptCopies } from './copyList';
import { sizeOf } from './disk';
import {
	bringBackCopy,
	DiskFull,
	emptyTakenOut,
	keepReserve,
	listCopies,
	openWorkshop,
	readPictureBytes,
	requireRoom,
	restoreCopy,
	takeOutCopy,
	WorkshopBroken,
	WorkshopOpenElsewhere,
	writeCopy,
	writePictureBytes,
	type Workshop
} from './index';
import { lockWorkshop } from './lock';

const demo = await readFile('tests/fixtures/reed-chest.json', 'utf8');
const named = (name: string) => JSON.stringify({ ...JSON.parse(demo), piece: { ...JSON.parse(demo).piece, name } });
const names = async ({ db }: Pick<Workshop, 'db'>) => (await listPieces(db)).map(({ name }) => name).sort();

/** Bytes that nothing packs smaller, by a seed. */
const noise = (length: number, seed: number) =>
	new Uint8Array(createCipheriv('aes-128-ctr', Buffer.alloc(16, seed + 1), Buffer.alloc(16)).update(Buffer.alloc(length)));

let folder: string;
beforeEach(async () => void (folder = await mkdtemp(join(tmpdir(), 'ember-folder-'))));
afterEach(() => rm(folder, { recursive: true, force: true }));

describe('the lock', () => {
	it('is one, by whatever path the folder is reached; it is free again when it is released', async () => {
		await symlink(folder, `${folder}-link`);
		const lock = await lockWorkshop(folder);
		await expect(lockWorkshop(`${folder}-link`)).rejects.toThrow(WorkshopOpenElsewhere);
		await lock.release();
		await (await lockWorkshop(`${folder}-link`)).release();
		expect(await readdir(folder)).toEqual([]);
		await rm(`${folder}-link`);
	});

	it('is held against a process of another name space, which sees the folder alone', async () => {
		const other = createServer();
		await new Promise<void>((resolve) => other.listen(join(folder, 'open.lock'), resolve));
		await expect(lockWorkshop(folder)).rejects.toThrow(WorkshopOpenElsewhere);
		await new Promise((resolve) => other.close(resolve));
		await (await lockWorkshop(folder)).release();
	});

	it('that a killed process left is not in the way', async () => {
		const program = `require('node:net').createServer().listen(${JSON.stringify(join(folder, 'open.lock'))}, () => process.kill(process.pid, 'SIGKILL'))`;
		expect(() => execFileSync(process.execPath, ['-e', program])).toThrow();
		expect(await readdir(folder)).toEqual(['open.lock']);
		await (await lockWorkshop(folder)).release();
	});

	it('holds in a folder whose path is longer than that of a socket may be', async () => {
		const deep = join(folder, 'a'.repeat(90), 'b'.repeat(90));
		await mkdir(deep, { recursive: true });
		const lock = await lockWorkshop(deep);
		await expect(lockWorkshop(deep)).rejects.toThrow(WorkshopOpenElsewhere);
		await lock.release();
	});
});

describe('a folder', () => {
	it('that was cut off while it was made begins anew; one that is broken says so, with the way back, and stays as it is', async () => {
		await mkdir(join(folder, 'database.new-123', 'base'), { recursive: true });
		const workshop = await openWorkshop(folder);
		await addPiece(workshop.db, named('Kept'));
		await writeCopy({ client: workshop.db.$client, workshop: folder, now: new Date(), pieces: ['Kept'] });
		await workshop.close();
		expect((await readdir(folder)).sort()).toEqual(['backups', 'database']);
		const control = join(folder, 'database', 'global', 'pg_control');
		await rename(control, `${control}.gone`);
		await expect(openWorkshop(folder)).rejects.toThrow(WorkshopBroken);
		await expect(openWorkshop(folder)).rejects.toThrow('npm run restore');
		expect(existsSync(`${control}.gone`)).toBe(true);
		const [copy] = await listCopies(folder);
		const kept = await restoreCopy(folder, copy!.name, new Date());
		expect(existsSync(join(folder, kept, 'global', 'pg_control.gone'))).toBe(true);
		const again = await openWorkshop(folder);
		expect(await names(again)).toEqual(['Kept']);
		await again.close();
	}, 60_000);

	it('of a version before is copied before it is brought up to now, and its photographs come along byte for byte', async () => {
		const dataDir = join(folder, 'database');
		const old = await PGlite.create({ dataDir });
		const journal = JSON.parse(await readFile('src/lib/server/db/migrations/meta/_journal.json', 'utf8')) as {
			entries: { tag: string; when: number }[];
		};
		await old.exec(
			'CREATE SCHEMA drizzle; CREATE TABLE drizzle.__drizzle_migrations (id serial PRIMARY KEY, hash text NOT NULL, created_at bigint)'
		);
		for (const { tag, when } of journal.entries.slice(0, 4)) {
			await old.exec(await readFile(`src/lib/server/db/migrations/${tag}.sql`, 'utf8'));
			await old.query('INSERT INTO drizzle.__drizzle_migrations (hash, created_at) VALUES ($1, $2)', [tag, when]);
		}
		const bytes = Uint8Array.from({ length: 2_500_000 }, (_, i) => (i * 7919) >> 3);
		const picture = createHash('sha256').update(bytes).digest('hex');
		await old.query('INSERT INTO pictures (id, type, width, height, bytes) VALUES ($1, $2, 5, 5, $3)', [picture, 'image/png', bytes]);
		await old.query('INSERT INTO pieces (document) VALUES ($1)', [JSON.parse(demo)]);
		/** Saved before, in another room. */
		const other = { ...JSON.parse(demo), workshop: { temperature: 3, humidity: 3 } };
		await old.query("INSERT INTO pieces (document, updated_at) VALUES ($1, now() - interval '1 day')", [other]);
		await old.close();
		process.env['EMBER_LEAST_ROOM'] = '1e12';
		await expect(openWorkshop(folder)).rejects.toThrow(DiskFull);
		delete process.env['EMBER_LEAST_ROOM'];
		const workshop = await openWorkshop(folder);
		const name = JSON.parse(demo).piece.name;
		expect((await listCopies(folder)).map(({ pieces }) => pieces)).toEqual([[name, name]]);
		const found = await findPicture(workshop.db, picture);
		const parts: Uint8Array[] = [];
		for await (const part of found!.bytes) parts.push(part);
		expect([parts.length, Buffer.concat(parts).equals(bytes)]).toEqual([3, true]);
		expect(await names(workshop)).toEqual([name, name]);
		/** What holds in it begins as the piece that was saved last has it. */
		const { document, ...places } = await findSettings(workshop.db);
		const { units, paper, materials, workshop: room } = JSON.parse(demo);
		expect([JSON.parse(document!), places]).toEqual([
			{ units, paper, materials, ...room },
			{ place: 1, first: 1, last: 1 }
		]);
		await workshop.close();
	}, 60_000);

	it('whose own waste takes its room is cleaned at a start: what was deleted is given back to the disk, copies that were cut off and the reserve go', async () => {
		const workshop = await openWorkshop(folder);
		const id = await addPiece(workshop.db, named('Kept'));
		for (let i = 0; i < 8; i++) await writePictureBytes(workshop.db, i.toString(16).repeat(64), noise(4_000_000, i));
		await workshop.db.$client.query('DELETE FROM picture_parts WHERE picture <> $1', ['7'.repeat(64)]);
		await keepReserve(folder);
		await keepReserve(folder);
		expect([await sizeOf(join(folder, 'reserve')), (await readdir(join(folder, 'reserve'))).length]).toEqual([48e6, 24]);
		await workshop.close();
		await mkdir(join(folder, 'backups'), { recursive: true });
		await writeFile(join(folder, 'backups', 'copy-x.tar.gz.part'), 'cut off');
		const before = await sizeOf(join(folder, 'database', 'base'));
		process.env['EMBER_LEAST_ROOM'] = '1e9';
		const cleaned = await openWorkshop(folder);
		delete process.env['EMBER_LEAST_ROOM'];
		expect(before - (await sizeOf(join(folder, 'database', 'base')))).toBeGreaterThan(24e6);
		expect([existsSync(join(folder, 'reserve')), await readdir(join(folder, 'backups'))]).toEqual([false, []]);
		const parts: Uint8Array[] = [];
		for await (const part of readPictureBytes(cleaned.db, '7'.repeat(64), 4_000_000)) parts.push(part);
		expect(Buffer.concat(parts).equals(noise(4_000_000, 7))).toBe(true);
		expect((await findDocument(cleaned.db, id))?.document).toContain('Kept');
		await cleaned.close();
	}, 60_000);

	it('uses the room of what was deleted again', async () => {
		const workshop = await openWorkshop(folder);
		const upkeep = new Upkeep(workshop);
		const sizes: number[] = [];
		for (let round = 0; round < 3; round++) {
			for (let i = 0; i < 6; i++) await writePictureBytes(workshop.db, `${round}${i}`.repeat(32), noise(2_000_000, 6 * round + i));
			await workshop.db.$client.query('DELETE FROM picture_parts');
			/** As after two hundred saves. */
			for (let i = 0; i < 200; i++) upkeep.saved();
			await upkeep.look();
			sizes.push(
				(await workshop.db.$client.query<{ size: number }>("SELECT pg_total_relation_size('picture_parts')::int AS size")).rows[0]!.size
			);
		}
		expect(sizes[2]! / sizes[0]!).toBeLessThan(1.2);
		await upkeep.close();
		await workshop.close();
	}, 60_000);

	it('without room takes no save, and says so; with room again it does', async () => {
		process.env['EMBER_LEAST_ROOM'] = '1e12';
		await expect(requireRoom(folder, 1000)).rejects.toThrow(DiskFull);
		await requireRoom(folder, 0);
		delete process.env['EMBER_LEAST_ROOM'];
		await requireRoom(folder, 1000);
	});
});

describe('copies', () => {
	it('made while saves go on hold all that was saved before, and open whole', async () => {
		const workshop = await openWorkshop(folder);
		const id = await addPiece(workshop.db, named('First'));
		await addPiece(workshop.db, named('Other'));
		let version = 1;
		const save = () => savePiece(workshop.db, id, { version: version++, document: named(`Save ${version}`), steps: null });
		for (let i = 0; i < 30; i++) await save();
		const before = version;
		let isDone = false;
		const copying = writeCopy({
			client: workshop.db.$client,
			workshop: folder,
			now: new Date('2026-03-01T08:00:00Z'),
			pieces: ['First']
		}).finally(() => (isDone = true));
		while (!isDone) {
			await save();
			/** As a server would, it hears of others in between. */
			await new Promise((resolve) => setImmediate(resolve));
		}
		const name = await copying;
		expect(name).toBe('copy-2026-03-01T08-00-00-000Z.tar.gz');
		expect(version).toBeGreaterThan(before);
		await workshop.close();
		expect(await readdir(join(folder, 'backups'))).toEqual([name.replace('.tar.gz', '.json'), name]);
		const kept = await restoreCopy(folder, name, new Date());
		const back = await openWorkshop(folder);
		const [saved] = (await listPieces(back.db)).filter((one) => one.id === id);
		/** Its version is one that no window has: what they still show is of another workshop. */
		const was = saved!.version - 100_000;
		expect(was).toBeGreaterThanOrEqual(before);
		expect(saved!.name).toBe(`Save ${was}`);
		expect((await savePiece(back.db, id, { version: was, document: named('Of a window'), steps: null })).kind).toBe('stale');
		expect(await names(back)).toContain('Other');
		await addPiece(back.db, named('After'));
		await back.close();
		expect(await readdir(folder)).toContain(kept);
	}, 60_000);

	it('take what is needed of the log alone, and none is made that would fill the disk', async () => {
		const workshop = await openWorkshop(folder);
		const name = await writeCopy({ client: workshop.db.$client, workshop: folder, now: new Date(), pieces: [] });
		const files = execFileSync('tar', ['-tzf', join(folder, 'backups', name)], { encoding: 'utf8' }).split('\n');
		expect(files[0]).toBe('./global/pg_control');
		expect(files.filter((file) => /pg_wal\/[0-9A-F]{24}$/.test(file))).toHaveLength(1);
		const { bavail, bsize } = await statfs(folder);
		/** Room for a save, not for two databases more. */
		process.env['EMBER_LEAST_ROOM'] = String((bavail * bsize) / 1e6 - 20);
		await requireRoom(folder, 1000);
		await expect(
			writeCopy({ client: workshop.db.$client, workshop: folder, now: new Date('2026-03-01T08:00:00Z'), pieces: [] })
		).rejects.toThrow(DiskFull);
		delete process.env['EMBER_LEAST_ROOM'];
		expect((await readdir(join(folder, 'backups'))).filter((file) => file.endsWith('.gz'))).toEqual([name]);
		await workshop.close();
	}, 60_000);

	it('one that cannot be opened is not put back, and all stays as it is', async () => {
		const workshop = await openWorkshop(folder);
		await addPiece(workshop.db, named('Here'));
		await workshop.close();
		await mkdir(join(folder, 'backups'), { recursive: true });
		const hollow = join(folder, 'backups', 'copy-2026-03-02T08-00-00-000Z.tar.gz');
		execFileSync('tar', ['-czf', hollow, '-C', join(folder, 'database'), '--exclude=./global/pg_control', '.']);
		await expect(restoreCopy(folder, 'copy-2026-03-02T08-00-00-000Z.tar.gz', new Date())).rejects.toThrow();
		await writeFile(join(folder, 'backups', 'copy-2026-03-01T08-00-00-000Z.tar.gz'), 'no archive');
		await expect(restoreCopy(folder, 'copy-2026-03-01T08-00-00-000Z.tar.gz', new Date())).rejects.toThrow('tar');
		await expect(restoreCopy(folder, '../database', new Date())).rejects.toThrow('no copy');
		expect((await readdir(folder)).sort()).toEqual(['backups', 'database']);
		const again = await openWorkshop(folder);
		expect(await names(again)).toEqual(['Here']);
		await again.close();
	}, 60_000);

	it('as versions before made them are listed and put back too', async () => {
		const workshop = await openWorkshop(folder);
		await addPiece(workshop.db, named('Old'));
		const dump = new Uint8Array(await (await workshop.db.$client.dumpDataDir('gzip')).arrayBuffer());
		await addPiece(workshop.db, named('New'));
		await workshop.close();
		await mkdir(join(folder, 'backups'), { recursive: true });
		await writeFile(join(folder, 'backups', 'workshop-2026-02-01T08-00-00-000Z.tar.gz'), dump);
		const [copy] = await listCopies(folder);
		expect(copy).toMatchObject({ at: new Date('2026-02-01T08:00:00Z'), pieces: null });
		await restoreCopy(folder, copy!.name, new Date());
		const back = await openWorkshop(folder);
		expect(await names(back)).toEqual(['Old']);
		await back.close();
	}, 60_000);

	it.each<[what: string, hours: number[], kept: number[]]>([
		['the newest of each hour', [0, 0.2, 0.4, 1.3, 1.4, 5], [0, 3, 5]],
		['never all from one minute', Array.from({ length: 9 }, (_, i) => i / 600), [0]],
		[
			'one an hour of the last twenty-four, then one a day of the last fourteen',
			[...Array.from({ length: 26 }, (_, i) => i), 31, 54, 78],
			[...Array.from({ length: 24 }, (_, i) => i), 27, 28]
		],
		[
			'one a week of the last twenty-six, however long ago',
			Array.from({ length: 80 }, (_, i) => i * 24 * 7),
			Array.from({ length: 26 }, (_, i) => i)
		],
		['of long ago', [24 * 400], [0]],
		[
			'all, when the clock was wrong by five hundred days once and is right again',
			[-24 * 500, 0, 30, 54, 78, 24 * 15, 24 * 30],
			[0, 1, 2, 3, 4, 5, 6]
		],
		['all, while it is', [0, 24 * 500, 24 * 501.2, 24 * 502.2, 24 * 515, 24 * 530], [0, 1, 2, 3, 4, 5]]
	])('kept are %s', (_what, hours, kept) => {
		/** Thursday, at half past an hour. */
		const now = new Date('2026-03-05T12:30:00Z');
		const times = hours.map((hour) => new Date(now.getTime() - hour * 3_600_000));
		expect([...keptCopies(times)].sort((a, b) => a - b)).toEqual(kept);
	});

	it('made by hand stay when others are thinned; one that is taken out comes back until it is gone for good; a link that leads nowhere is passed over', async () => {
		const workshop = await openWorkshop(folder);
		const { $client } = workshop.db;
		const hand = await writeCopy({ client: $client, workshop: folder, now: new Date('2026-03-01T08:00:00Z'), pieces: ['A'], byHand: true });
		const first = await writeCopy({ client: $client, workshop: folder, now: new Date('2026-03-01T08:10:00Z'), pieces: ['A'] });
		const second = await writeCopy({ client: $client, workshop: folder, now: new Date('2026-03-01T08:20:00Z'), pieces: ['A'] });
		await symlink(join(folder, 'nowhere'), join(folder, 'backups', 'copy-2026-03-01T09-00-00-000Z.tar.gz'));
		const names = async () => (await listCopies(folder)).map(({ name, how }) => [name, how]);
		expect(await names()).toEqual([
			[second, 'by-itself'],
			[hand, 'by-hand']
		]);
		expect([await takeOutCopy(folder, first), await takeOutCopy(folder, '../database'), await takeOutCopy(folder, hand)]).toEqual([
			false,
			false,
			true
		]);
		expect(await names()).toEqual([[second, 'by-itself']]);
		await emptyTakenOut(folder);
		expect([await bringBackCopy(folder, hand), await bringBackCopy(folder, hand)]).toEqual([true, false]);
		expect((await listCopies(folder)).at(-1)).toMatchObject({ name: hand, how: 'by-hand', pieces: ['A'] });
		await takeOutCopy(folder, hand);
		await workshop.close();
		await (await openWorkshop(folder)).close();
		expect(await bringBackCopy(folder, hand)).toBe(false);
	}, 60_000);

	it('put back, and stopped after any of its writes and renames: the next start has the one or the other whole, and what was put aside is listed and comes back', async () => {
		const workshop = await openWorkshop(folder);
		await addPiece(workshop.db, named('Then'));
		const copy = await writeCopy({
			client: workshop.db.$client,
			workshop: folder,
			now: new Date('2026-03-01T08:00:00Z'),
			pieces: ['Then'],
			byHand: true
		});
		await addPiece(workshop.db, named('Since'));
		await workshop.close();
		const seen: string[] = [];
		await restoreCopy(folder, copy, new Date('2026-03-02T08:00:00Z'), (step) => seen.push(step));
		expect(seen).toEqual(['unpacked', 'journal', 'put aside', 'put in place', 'journal away']);
		/** What was put aside comes back by the same way. */
		const [aside] = (await listCopies(folder)).filter(({ how }) => how === 'put-aside');
		expect(aside).toMatchObject({ name: 'database.before-2026-03-02T08-00-00-000Z', at: new Date('2026-03-02T08:00:00Z') });
		await restoreCopy(folder, aside!.name, new Date('2026-03-03T08:00:00Z'));
		for (const [i, stop] of seen.entries()) {
			const halted = restoreCopy(folder, copy, new Date(Date.UTC(2026, 3, 1 + i)), (step) => {
				if (step === stop) throw new Error('killed');
			});
			await expect(halted).rejects.toThrow('killed');
			const opened = await openWorkshop(folder);
			/** From the journal on it is finished; before, nothing has changed. */
			expect(await names(opened), stop).toEqual(stop === 'unpacked' ? ['Since', 'Then'] : ['Then']);
			await opened.close();
			expect((await readdir(folder)).filter((entry) => /new-|restoring/.test(entry))).toEqual([]);
			const last = (await listCopies(folder)).find(({ how, at }) => how === 'put-aside' && at.getTime() === Date.UTC(2026, 3, 1 + i));
			expect(last === undefined).toBe(stop === 'unpacked');
			if (last) await restoreCopy(folder, last.name, new Date(Date.UTC(2026, 4, 1 + i)));
		}
		await writeFile(join(folder, 'restoring.json'), '{"next":"data');
		const again = await openWorkshop(folder);
		expect(await names(again)).toEqual(['Since', 'Then']);
		await again.close();
	}, 120_000);

	it('a workshop that was not empty is never opened as an empty one', async () => {
		const workshop = await openWorkshop(folder);
		await writeCopy({ client: workshop.db.$client, workshop: folder, now: new Date(), pieces: [] });
		await workshop.close();
		await rename(join(folder, 'database'), join(folder, 'away'));
		await expect(openWorkshop(folder)).rejects.toThrow(/its database is not there.*npm run restore/);
		await rm(join(folder, 'backups'), { recursive: true });
		await rename(join(folder, 'away'), join(folder, 'database.before-2026-03-02T08-00-00-000Z'));
		await expect(openWorkshop(folder)).rejects.toThrow(WorkshopBroken);
		expect(existsSync(join(folder, 'database'))).toBe(false);
	}, 60_000);
});

describe('upkeep', () => {
	const HOUR = 3_600_000;
	it('copies after an hour of work, and not without work; what fails is told, stops nothing, and is tried again', async () => {
		const workshop = await openWorkshop(folder);
		let now = Date.parse('2026-03-05T12:30:00Z');
		const upkeep = new Upkeep(workshop, () => now);
		const count = async () => (await listCopies(folder)).length;
		await upkeep.look();
		expect(await count()).toBe(0);
		await addPiece(workshop.db, named('Work'));
		upkeep.saved();
		await upkeep.look();
		expect(await count()).toBe(1);
		upkeep.saved();
		now += HOUR / 2;
		await upkeep.look();
		expect(await count()).toBe(1);
		now += HOUR;
		await upkeep.look();
		expect(await count()).toBe(2);
		now += 5 * HOUR;
		await upkeep.look();
		expect(await count()).toBe(2);
		/** A file where the folder should be. */
		await rename(join(folder, 'backups'), join(folder, 'away'));
		await writeFile(join(folder, 'backups'), '');
		upkeep.saved();
		await upkeep.look();
		expect(upkeep.fault?.message).toBeTruthy();
		expect(await names(workshop)).toEqual(['Work']);
		await rm(join(folder, 'backups'));
		await upkeep.look();
		expect([upkeep.fault, await count()]).toEqual([null, 1]);
		expect((await readdir(join(folder, 'backups'))).filter((entry) => entry.includes('part'))).toEqual([]);
		/** The clock goes wrong by five hundred days, and back: copies go on. */
		const ahead = new Upkeep(workshop, () => now + 500 * 24 * HOUR);
		ahead.saved();
		await ahead.look();
		expect(await count()).toBe(2);
		now += 2 * HOUR;
		upkeep.saved();
		await upkeep.look();
		expect(await count()).toBe(3);
		const later = new Upkeep(workshop, () => now + HOUR + 1);
		later.saved();
		await later.look();
		expect(await count()).toBe(4);
		for (const one of [upkeep, ahead, later]) await one.close();
		await workshop.close();
	}, 60_000);
});
