import { Pool } from './pool';
import { CardMaker } from './services/cards';
import { openWorkshop, WorkshopOpenElsewhere, type Database, type Workshop } from './db';

/** Kept on `globalThis`: hot reload evaluates this file again, and a second database must not be opened. */
const held = globalThis as typeof globalThis & { emberWorkshop?: Promise<Workshop>; emberPool?: Pool; emberCards?: CardMaker };

/** Opens the workshop of this process; where it is open elsewhere, says so and ends the process. */
export async function startWorkshop(directory: string): Promise<void> {
	held.emberWorkshop ??= openWorkshop(directory);
	try {
		await held.emberWorkshop;
	} catch (error) {
		if (!(error instanceof WorkshopOpenElsewhere)) throw error;
		console.error(error.message);
		process.exit(3);
	}
}

export async function stopWorkshop(): Promise<void> {
	const threads = held.emberPool;
	delete held.emberPool;
	await threads?.close();
	const workshop = await held.emberWorkshop;
	delete held.emberWorkshop;
	await workshop?.close();
}

export async function database(): Promise<Database> {
	if (!held.emberWorkshop) throw new Error('The workshop is not open: startWorkshop comes first, in hooks.server.ts.');
	return (await held.emberWorkshop).db;
}

/** The threads of this process; made when they are first asked for. */
export function pool(): Pool {
	return (held.emberPool ??= new Pool());
}

/** Makes the cards that Pieces shows. */
export function cardMaker(): CardMaker {
	return (held.emberCards ??= new CardMaker(database, pool));
}
