import { open, readdir, stat, statfs } from 'node:fs/promises';
import { join } from 'node:path';

/** Told where there is no more room to save: reading goes on, and so does saving as soon as there is. */
export class DiskFull extends Error {
	constructor(free: number) {
		super(
			`The disk of the workshop is full (${Math.floor(free / 1e6)} MB left). Nothing is lost and nothing has changed: make room on it, and it is saved.`
		);
		this.name = 'DiskFull';
	}
}

/** Left free for the database to be closed in order, MB; another figure by EMBER_LEAST_ROOM. */
const LEAST_ROOM = 80;

/** Throws `DiskFull` where a save of so many bytes might not find room; of nothing (what is taken out) there is always room. */
export async function requireRoom(directory: string, bytes: number): Promise<void> {
	if (directory === '' || bytes === 0) return;
	const { bavail, bsize } = await statfs(directory);
	const least = Number(process.env['EMBER_LEAST_ROOM'] ?? LEAST_ROOM) * 1e6;
	/** A page is logged whole where it is first changed, and a document is kept as a step too. */
	if (bavail * bsize < least + 4 * bytes) throw new DiskFull(bavail * bsize);
}

/** Has what was logged of the saves so far written to the disk itself: the database leaves it to the system. Costs a few ms. */
export class LogFlusher {
	readonly #seen = new Map<string, number>();
	#running: Promise<void> | null = null;
	#next: Promise<void> | null = null;

	constructor(private readonly database: string) {}

	/** What had been saved when it was called is on the disk when it resolves; saves that come meanwhile share the next turn. */
	flush(): Promise<void> {
		if (this.#running === null) return this.#start();
		this.#next ??= this.#running.then(() => {
			this.#next = null;
			return this.#start();
		});
		return this.#next;
	}

	#start(): Promise<void> {
		this.#running = this.#flush().finally(() => (this.#running = null));
		return this.#running;
	}

	async #flush(): Promise<void> {
		const folder = join(this.database, 'pg_wal');
		for (const name of await readdir(folder)) {
			if (!/^[0-9A-F]{24}$/.test(name)) continue;
			const path = join(folder, name);
			const { mtimeMs } = await stat(path);
			if (this.#seen.get(name) === mtimeMs) continue;
			const file = await open(path, 'r+');
			try {
				await file.datasync();
			} finally {
				await file.close();
			}
			this.#seen.set(name, mtimeMs);
		}
	}
}
