import { existsSync } from 'node:fs';
import { open, readdir, readFile, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';

/** One line: what a restore is about to rename. While it is there, a start finishes what was begun. */
const JOURNAL = 'restoring.json';

/** The two renames of a restore, by names in the folder of the workshop: the database is put aside as `kept`, and `next`, which is whole, takes its place. */
interface Swap {
	readonly next: string;
	readonly kept: string;
}

/** Told after each thing that is written or renamed: tests stop there. */
export type Stepped = (step: string) => void;

const DATABASE = 'database';

/** Puts `next` in the place of the database, which is kept. Whatever stops it, the next start finds one of the two there. */
export async function swapDatabase(workshop: string, swap: Swap, stepped: Stepped = () => {}): Promise<void> {
	const file = await open(join(workshop, JOURNAL), 'w');
	try {
		await file.writeFile(`${JSON.stringify(swap)}\n`);
		await file.sync();
	} finally {
		await file.close();
	}
	await syncEntry(workshop);
	stepped('journal');
	await finishSwap(workshop, swap, stepped);
}

/** Finishes a restore that was stopped between its renames. True where there was one. */
export async function finishRestore(workshop: string): Promise<boolean> {
	if (!existsSync(join(workshop, JOURNAL))) return false;
	const swap = await readJournal(workshop);
	/** Half a line: nothing had been renamed yet. */
	if (swap === null) await rm(join(workshop, JOURNAL), { force: true });
	else await finishSwap(workshop, swap);
	return swap !== null;
}

async function finishSwap(workshop: string, { next, kept }: Swap, stepped: Stepped = () => {}): Promise<void> {
	const [from, at, aside] = [join(workshop, next), join(workshop, DATABASE), join(workshop, kept)];
	if (existsSync(from)) {
		if (existsSync(at) && !existsSync(aside)) {
			await rename(at, aside);
			stepped('put aside');
		}
		if (!existsSync(at)) {
			await rename(from, at);
			stepped('put in place');
		}
	} else if (!existsSync(at) && existsSync(aside)) await rename(aside, at);
	await syncEntry(workshop);
	await rm(join(workshop, JOURNAL), { force: true });
	stepped('journal away');
}

async function readJournal(workshop: string): Promise<Swap | null> {
	try {
		const { next, kept } = JSON.parse(await readFile(join(workshop, JOURNAL), 'utf8')) as Swap;
		return /^database\.new-[\w.-]+$/.test(next) && ASIDE.test(kept) ? { next, kept } : null;
	} catch {
		return null;
	}
}

/** What a restore put aside. */
export const ASIDE = /^database\.before-(\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2})-\d{3}Z$/;

/** Whether a folder without a database once held one: then none is made afresh in it. */
export async function wasWorkshop(workshop: string): Promise<boolean> {
	const entries = await readdir(workshop);
	const copies = entries.includes('backups') ? await readdir(join(workshop, 'backups')).catch(() => []) : [];
	return entries.some((entry) => ASIDE.test(entry)) || copies.some((entry) => entry.endsWith('.tar.gz'));
}

/** Has one file written to the disk, or of a folder the names in it. */
export async function syncEntry(path: string): Promise<void> {
	const file = await open(path, 'r');
	try {
		await file.sync();
	} finally {
		await file.close();
	}
}
