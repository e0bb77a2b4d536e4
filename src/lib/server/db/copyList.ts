import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { sizeOf } from './disk';
import { ASIDE } from './restoring';

/** A copy of the whole workshop. */
export interface Copy {
	/** Of its file in the folder of copies. */
	readonly name: string;
	readonly at: Date;
	readonly bytes: number;
	/** The pieces that were in it; null where that was not kept. */
	readonly pieces: readonly string[] | null;
	/** Made by itself, by somebody's hand, or put aside when another was put back. Only the first are thinned. */
	readonly how: 'by-itself' | 'by-hand' | 'put-aside';
}

export const FOLDER = 'backups';
/** Of now, and of versions before, which were made as PGlite makes them. */
const OWN = /^copy-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2})-\d{3}Z\.tar\.gz$/;
export const OLD = /^workshop-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2})-\d{3}Z\.tar\.gz$/;

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Of how many there is one kept of each: hours, days, weeks, those in which copies were made. They are counted, not dated: a clock that was wrong once loses none. */
const KEPT = [
	{ most: 24, each: HOUR },
	{ most: 14, each: DAY },
	{ most: 26, each: 7 * DAY }
] as const;

/** Does away with what copies that were cut off left in their folder. */
export async function dropParts(workshop: string): Promise<void> {
	const folder = join(workshop, FOLDER);
	const entries = existsSync(folder) ? await readdir(folder) : [];
	for (const entry of entries) if (entry.endsWith('.part')) await rm(join(folder, entry), { recursive: true, force: true });
}

/** The copies of a workshop, the newest first. */
export async function listCopies(workshop: string): Promise<Copy[]> {
	const folder = join(workshop, FOLDER);
	const entries = existsSync(folder) ? await readdir(folder) : [];
	const copies = entries.flatMap((name) => {
		const at = (OWN.exec(name) ?? OLD.exec(name))?.[1];
		return at === undefined ? [] : [{ name, at: readTime(at) }];
	});
	const made = await Promise.all(
		copies.map(async ({ name, at }): Promise<Copy[]> => {
			/** A link that leads nowhere is passed over. */
			const there = await stat(join(folder, name)).catch(() => null);
			if (!there?.isFile()) return [];
			const { pieces, byHand } = await readNote(join(folder, noteOf(name)));
			return [{ name, at, bytes: there.size, pieces, how: byHand ? 'by-hand' : 'by-itself' }];
		})
	);
	return [...made.flat(), ...(await listAside(workshop))].sort((a, b) => b.at.getTime() - a.at.getTime());
}

/** What was put aside when a copy was put back: it comes back by the same way. */
async function listAside(workshop: string): Promise<Copy[]> {
	const entries = existsSync(workshop) ? await readdir(workshop) : [];
	return Promise.all(
		entries.flatMap((name) => {
			const at = ASIDE.exec(name)?.[1];
			if (at === undefined) return [];
			return [sizeOf(join(workshop, name)).then((bytes): Copy => ({ name, at: readTime(at), bytes, pieces: null, how: 'put-aside' }))];
		})
	);
}

const readTime = (at: string) => new Date(`${at.slice(0, 10)}T${at.slice(11).replaceAll('-', ':')}Z`);

/** Beside a copy lies what is known of it. */
export const noteOf = (name: string) => name.replace('.tar.gz', '.json');

async function readNote(file: string): Promise<{ readonly pieces: readonly string[] | null; readonly byHand: boolean }> {
	try {
		const { pieces, byHand = false } = JSON.parse(await readFile(file, 'utf8')) as { pieces: string[]; byHand?: boolean };
		return { pieces, byHand };
	} catch {
		return { pieces: null, byHand: false };
	}
}

/** Which copies stay: of each of the last hours, days and weeks in which any was made the newest. By their times, newest first. */
export function keptCopies(times: readonly Date[]): ReadonlySet<number> {
	const kept = new Set<number>();
	for (const { most, each } of KEPT) {
		const seen = new Set<number>();
		times.forEach((time, i) => {
			const slot = Math.floor(time.getTime() / each);
			if (seen.size >= most || seen.has(slot)) return;
			seen.add(slot);
			kept.add(i);
		});
	}
	return kept;
}

/** Takes those out that were made by themselves and do not stay. */
export async function thinCopies(workshop: string): Promise<void> {
	const copies = (await listCopies(workshop)).filter(({ how }) => how === 'by-itself');
	const kept = keptCopies(copies.map(({ at }) => at));
	for (const [i, { name }] of copies.entries())
		if (!kept.has(i)) for (const file of [name, noteOf(name)]) await rm(join(workshop, FOLDER, file), { force: true });
}

/** Copies that were taken out lie here until the next start, or an hour: so long it can be undone. */
const OUT = 'taken-out';
const OUT_FOR = HOUR;

/** Takes a copy out of the list, or what was put aside; false where there is none of that name. */
export async function takeOutCopy(workshop: string, name: string): Promise<boolean> {
	return moveCopy(workshop, name, 'out');
}

/** Undoes that; false where it is gone for good. */
export async function bringBackCopy(workshop: string, name: string): Promise<boolean> {
	return moveCopy(workshop, name, 'back');
}

async function moveCopy(workshop: string, name: string, way: 'out' | 'back'): Promise<boolean> {
	if (!isCopy(name)) return false;
	const out = join(workshop, FOLDER, OUT);
	await mkdir(out, { recursive: true });
	const home = ASIDE.test(name) ? workshop : join(workshop, FOLDER);
	const [from, to] = way === 'out' ? [home, out] : [out, home];
	if (!existsSync(join(from, name))) return false;
	await rename(join(from, name), join(to, name));
	if (existsSync(join(from, noteOf(name))) && noteOf(name) !== name) await rename(join(from, noteOf(name)), join(to, noteOf(name)));
	return true;
}

/** Does away with copies that were taken out long enough ago; at a start with all of them. By how long ago they were moved, whatever the clock says. */
export async function emptyTakenOut(workshop: string, all = false): Promise<void> {
	const out = join(workshop, FOLDER, OUT);
	const entries = existsSync(out) ? await readdir(out) : [];
	for (const entry of entries) {
		const moved = await stat(join(out, entry)).catch(() => null);
		if (all || (moved && Math.abs(Date.now() - moved.ctimeMs) > OUT_FOR)) await rm(join(out, entry), { recursive: true, force: true });
	}
}

export function isCopy(name: string): boolean {
	return OWN.test(name) || OLD.test(name) || ASIDE.test(name);
}
