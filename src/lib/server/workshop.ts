import {
	DiskFull,
	openWorkshop,
	requireRoom,
	restoreCopy,
	WorkshopBroken,
	WorkshopOpenElsewhere,
	type Database,
	type Workshop
} from './db';
import { Pool } from './pool';
import { CardMaker } from './services/cards';
import { Upkeep } from './upkeep';

/** Kept on `globalThis`: hot reload evaluates this file again, and a second database must not be opened. */
const held = globalThis as typeof globalThis & {
	emberWorkshop?: Promise<{ readonly workshop: Workshop; readonly upkeep: Upkeep }>;
	emberPool?: Pool;
	emberDecoder?: Pool;
	emberCardPool?: Pool;
	emberCards?: CardMaker;
};

/** Opens the workshop of this process; where it is open elsewhere, or broken, says so and ends the process. */
export async function startWorkshop(directory: string): Promise<void> {
	if (!held.emberWorkshop) {
		delete held.emberPool;
		delete held.emberDecoder;
		delete held.emberCardPool;
	}
	held.emberWorkshop ??= open(directory);
	try {
		await held.emberWorkshop;
	} catch (error) {
		if (!(error instanceof WorkshopOpenElsewhere || error instanceof WorkshopBroken || error instanceof DiskFull)) throw error;
		console.error(error.message);
		process.exit(error instanceof WorkshopOpenElsewhere ? 3 : 4);
	}
}

async function open(directory: string) {
	const workshop = await openWorkshop(directory);
	return { workshop, upkeep: new Upkeep(workshop) };
}

export async function stopWorkshop(): Promise<void> {
	held.emberCards?.close();
	delete held.emberCards;
	/** Closed, and kept so: whoever is still at work must not make new ones, which would keep the process alive. */
	await Promise.all([pool(), pictureDecoder(), cardPool()].map((one) => one.close()));
	const opened = await held.emberWorkshop;
	delete held.emberWorkshop;
	await opened?.upkeep.close();
	await opened?.workshop.close();
}

async function opened() {
	if (!held.emberWorkshop) throw new Error('The workshop is not open: startWorkshop comes first, in hooks.server.ts.');
	return held.emberWorkshop;
}

export async function database(): Promise<Database> {
	return (await opened()).workshop.db;
}

/** The workshop that is open, and what is done for it. */
export async function workshopNow(): Promise<{ readonly workshop: Workshop; readonly upkeep: Upkeep }> {
	return opened();
}

/** Of what is kept, what it takes on the disk at most: a page is logged whole where it is first changed, and a document is kept as a step too. */
const LOGGED = 4;

/** Keeps something of so many bytes, where there is room. Throws `DiskFull`. */
export async function keep<T>(bytes: number, work: (db: Database) => Promise<T>): Promise<T> {
	const { workshop, upkeep } = await opened();
	await requireRoom(workshop.directory, LOGGED * bytes);
	const kept = await work(workshop.db);
	upkeep.saved();
	return kept;
}

/** Puts a copy in the place of what is open, which is kept beside it; who asks meanwhile waits. Returns the name of what was kept. Where it fails all is as it was. */
export async function restoreWorkshop(name: string): Promise<string> {
	const { workshop, upkeep } = await opened();
	const { directory } = workshop;
	let kept = '';
	const swap = async () => {
		await upkeep.close();
		await workshop.close();
		try {
			kept = await restoreCopy(directory, name, new Date());
		} catch (error) {
			return { reopened: await open(directory), error };
		}
		return { reopened: await open(directory), error: null };
	};
	const swapped = swap();
	held.emberWorkshop = swapped.then(({ reopened }) => reopened);
	const { error } = await swapped;
	if (error) throw error;
	return kept;
}

/** One photograph after another, in a process that is let go when nobody brings any. MB, ms. */
const DECODER = { size: 1, growth: 1500, idle: 20_000, queue: 20 };

export function pictureDecoder(): Pool {
	return (held.emberDecoder ??= new Pool(DECODER));
}

/** When the workshop has answered its first question, ms. */
const SOON = 250;

/** Has the processes stand ready, soon: the start itself is no slower for them. */
export function warmSoon(): void {
	setTimeout(() => pool().warm(), SOON).unref();
}

/** The processes that work things out; made when they are first asked for. `EMBER_LONGEST` (s) gives a slow machine more time for what is worked out. */
export function pool(): Pool {
	const longest = Number(process.env['EMBER_LONGEST']);
	return (held.emberPool ??= new Pool(longest > 0 ? { time: 1000 * longest } : {}));
}

/** One card after another, for nobody in a hurry: behind all that somebody waits for. */
const CARDS = { size: 1, idle: 20_000, nice: 15 };

function cardPool(): Pool {
	return (held.emberCardPool ??= new Pool(CARDS));
}

/** Makes the cards that Pieces shows. */
export function cardMaker(): CardMaker {
	return (held.emberCards ??= new CardMaker(database, cardPool));
}
