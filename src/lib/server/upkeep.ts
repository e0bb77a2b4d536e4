import { emptyTakenOut, keepReserve, listCopies, requireRoomForCheckpoint, writeCopy, type Workshop } from './db';
import { breathe } from './breathe';
import { seeDay } from './services/days';
import { dropUnnamed } from './services/pictures';
import { emptyBin, listPieces } from './services/pieces';
import { withoutPaths } from './withoutPaths';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** How often it is looked at what is due, ms. */
const LOOK = 5 * 60_000;
/** After a start, ms. */
const SOON = 10_000;
/** Saves until the log is made short again, and until the room of what was deleted is given back. */
const [CHECKPOINT, VACUUM] = [50, 200];
const TABLES = ['revisions', 'pieces', 'cards', 'pictures', 'picture_parts', 'motifs', 'colours'];

/**
 * What a workshop needs besides its work, done beside it: the log kept short, the room of old steps used again, a copy after an hour of work and once
 * a day, the bin and pictures that nothing names. What fails is told, and stops nothing.
 */
export class Upkeep {
	#saves = 0;
	#sinceCopy = 0;
	#lastCopy: number | null = null;
	#lastDaily = 0;
	#timer: NodeJS.Timeout;
	#soon: NodeJS.Timeout;
	#busy: Promise<void> = Promise.resolve();
	/** What went wrong with the last copy, and when; null: nothing. */
	fault: { readonly at: Date; readonly message: string } | null = null;

	constructor(
		private readonly workshop: Workshop,
		private readonly clock: () => number = Date.now
	) {
		this.#timer = setInterval(() => void this.look(), LOOK);
		this.#timer.unref();
		this.#soon = setTimeout(() => void this.#then(() => keepReserve(workshop.directory)), SOON);
		this.#soon.unref();
	}

	/** Told after each save. */
	saved(): void {
		this.#saves++;
		this.#sinceCopy++;
		if (this.#saves % CHECKPOINT === 0) void this.#then(() => this.#tidy(this.#saves % VACUUM === 0));
	}

	/** Does what is due. */
	look(): Promise<void> {
		return this.#then(async () => {
			const now = this.clock();
			const { directory, db } = this.workshop;
			this.#lastCopy ??= await lastCopy(directory, now);
			/** After an hour of work, and of what was done in less once a day. One that lies ahead was made by a clock that was wrong. */
			if (this.#sinceCopy > 0 && isPast(this.#lastCopy, HOUR, now)) await this.#copy(new Date(now), false);
			await keepReserve(directory);
			await emptyTakenOut(directory);
			if (!isPast(this.#lastDaily, DAY, now)) return;
			this.#lastDaily = now;
			await seeDay(db, new Date(now));
			const gone = (await emptyBin(db, new Date(now))) + (await dropUnnamed(db, new Date(now)));
			if (gone > 0) await this.#vacuum();
		});
	}

	/** A copy at once, of what is there. Throws where it fails. */
	async copyNow(): Promise<string> {
		let name = '';
		await this.#then(async () => void (name = await this.#copy(new Date(this.clock()), true)));
		if (name === '') throw new Error(this.fault?.message ?? 'The copy was not made.');
		return name;
	}

	async close(): Promise<void> {
		clearInterval(this.#timer);
		clearTimeout(this.#soon);
		await this.#busy;
	}

	async #copy(now: Date, byHand: boolean): Promise<string> {
		const saves = this.#sinceCopy;
		try {
			const pieces = (await listPieces(this.workshop.db)).map(({ name }) => name);
			const name = await writeCopy({ client: this.workshop.db.$client, workshop: this.workshop.directory, now, pieces, byHand });
			this.#lastCopy = now.getTime();
			this.#sinceCopy -= saves;
			this.fault = null;
			return name;
		} catch (error) {
			this.fault = { at: now, message: withoutPaths(error instanceof Error ? error.message : String(error)) };
			console.error(`The copy of the workshop was not made: ${this.fault.message} It is tried again.`);
			return '';
		}
	}

	async #tidy(withVacuum: boolean): Promise<void> {
		const { directory, db } = this.workshop;
		const { $client: client } = db;
		await requireRoomForCheckpoint(directory);
		await client.query('CHECKPOINT');
		if (withVacuum) await this.#vacuum();
	}

	/** The room of what was deleted, or written anew, is used again. */
	async #vacuum(): Promise<void> {
		for (const table of TABLES) {
			await this.workshop.db.$client.query(`VACUUM ${table}`);
			await breathe();
		}
	}

	/** One thing after another. */
	#then(work: () => Promise<unknown>): Promise<void> {
		this.#busy = this.#busy.then(work).then(
			() => {},
			(error: unknown) => console.error('Upkeep of the workshop:', error instanceof Error ? error.message : error)
		);
		return this.#busy;
	}
}

/** Whether so long ago, or ahead: then the clock was wrong once, and it is not waited for. */
function isPast(time: number, long: number, now: number): boolean {
	return now - time >= long || time > now + long;
}

/** When the last copy was made; one that lies ahead was made by a clock that was wrong, and what was put aside is none. */
async function lastCopy(directory: string, now: number): Promise<number> {
	const times = (await listCopies(directory)).filter(({ how }) => how !== 'put-aside').map(({ at }) => at.getTime());
	return times.find((time) => time <= now) ?? 0;
}
