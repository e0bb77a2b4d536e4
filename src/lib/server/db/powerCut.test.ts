import { drizzle } from 'drizzle-orm/pglite';
import { cpSync, existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { expect, it } from 'vitest';
import { addPiece, findSteps, listPieces, savePiece } from '../services/pieces';
import { openWorkshop, revisions, type Database } from './index';
import * as schema from './schema';
import { openSynced } from './syncedFiles';
import { SETTINGS } from './template';

const PAGE = 8192;
const demo = JSON.parse(await readFile('tests/fixtures/reed-chest.json', 'utf8'));
const named = (name: string) => JSON.stringify({ ...demo, piece: { ...demo.piece, name } });

/** The same seed gives the same numbers, from 0 to 1. */
function createChance(seed: number): () => number {
	let state = seed;
	return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
}

/** What lies on a disk for certain: of each file what it held when it was last brought there; and what may lie there besides. */
class Disk {
	readonly #certain = new Map<string, Buffer>();

	constructor(private readonly database: string) {
		for (const path of this.#files()) this.#certain.set(path, readFileSync(path));
	}

	sync(path: string): void {
		if (existsSync(path) && statSync(path).isFile()) this.#certain.set(path, readFileSync(path));
	}

	/** As it is found after the power went: page by page either what is certain, or what the system had written by itself. */
	cut(to: string, chance: () => number): void {
		cpSync(this.database, to, { recursive: true });
		for (const path of this.#files()) {
			const [now, certain] = [readFileSync(path), this.#certain.get(path) ?? Buffer.alloc(0)];
			if (now.equals(certain)) continue;
			const found = Buffer.alloc(chance() < 0.5 ? now.length : Math.min(now.length, certain.length));
			for (let at = 0; at < found.length; at += PAGE)
				found.set((chance() < 0.5 ? now : certain).subarray(at, Math.min(at + PAGE, found.length)), at);
			writeFileSync(join(to, relative(this.database, path)), found);
		}
	}

	#files(): string[] {
		return readdirSync(this.database, { recursive: true, withFileTypes: true })
			.filter((entry) => entry.isFile())
			.map((entry) => join(entry.parentPath, entry.name));
	}
}

it.each([1, 2])(
	'a power cut costs nothing that was answered for, wherever it comes, in checkpoints too: chance %i',
	async (seed) => {
		const folder = await mkdtemp(join(tmpdir(), 'ember-power-'));
		const database = join(folder, 'first', 'database');
		const first = await openWorkshop(join(folder, 'first'));
		const id = await addPiece(first.db, named('Save 1'));
		await first.close();

		const [chance, disk] = [createChance(seed), new Disk(database)];
		const cuts: { readonly folder: string; readonly version: number }[] = [];
		let [version, next] = [1, Infinity];
		const cut = (path: string) => {
			disk.sync(path);
			if (--next > 0) return;
			next = Infinity;
			const to = join(folder, `cut-${cuts.length}`);
			disk.cut(join(to, 'database'), chance);
			cuts.push({ folder: to, version });
		};
		const faults: unknown[] = [];
		const client = await openSynced(database, SETTINGS, (path) => {
			/** The database could not bear it to be thrown through. */
			try {
				cut(path);
			} catch (error) {
				faults.push(error);
			}
		});
		const db = drizzle(client, { schema }) as unknown as Database;
		for (let round = 0; round < 12 && cuts.length < 2; round++) {
			/** In the midst of a save, or of a checkpoint, which brings some thirty files to the disk. */
			next = 1 + Math.floor(chance() * 40);
			for (let i = 0; i < 12; i++) {
				await savePiece(db, id, { version, document: named(`Save ${version + 1}`), steps: null });
				version++;
			}
			await client.query('CHECKPOINT');
		}
		await client.close();
		expect([faults, cuts.length]).toEqual([[], 2]);

		for (const one of cuts) {
			const found = await openWorkshop(one.folder);
			const [piece] = await listPieces(found.db);
			expect(piece!.version).toBeGreaterThanOrEqual(one.version);
			expect(piece!.version).toBeLessThanOrEqual(one.version + 1);
			expect(piece!.name).toBe(`Save ${piece!.version}`);
			expect(await findSteps(found.db, id)).toEqual({ place: piece!.version, first: 1, last: piece!.version });
			expect(await found.db.$count(revisions)).toBe(piece!.version);
			expect((await savePiece(found.db, id, { version: piece!.version, document: named('On'), steps: null })).kind).toBe('saved');
			await found.close();
		}
		await rm(folder, { recursive: true });
	},
	120_000
);
