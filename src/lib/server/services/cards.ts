import { eq, sql } from 'drizzle-orm';
import { cards, type Card, type Database } from '../db';
import { JobStopped, type Pool } from '../pool';
import { withoutPaths } from '../withoutPaths';
import { findDocument, type ListedPiece } from './pieces';

/** A card may take longer than what somebody waits for, ms: on a busy machine a sound piece is no faulty one. */
const LONGEST = 12_000;

/** Makes the card of a piece as it is stored now, where it has none of that save; what cannot be read has a card with its fault. */
export async function makeCard(db: Database, threads: Pool, id: string): Promise<void> {
	const stored = await findDocument(db, id);
	if (!stored) return;
	const [known] = await db.select({ version: cards.version, card: cards.card }).from(cards).where(eq(cards.piece, id));
	if (known?.version === stored.version && !isTriedAgain(known.card)) return;
	const made = await drawCard(threads, stored.document);
	if (made === null) return;
	const row = { version: stored.version, ...made };
	/** Taken out meanwhile it has none. */
	await db.execute(
		sql`INSERT INTO cards (piece, version, card, picture) SELECT id, ${row.version}, ${JSON.stringify(row.card)}::jsonb, ${row.picture} FROM pieces WHERE id = ${id}
			ON CONFLICT (piece) DO UPDATE SET version = excluded.version, card = excluded.card, picture = excluded.picture`
	);
}

/** Null where the processes had no time for it: nobody is to blame for that. */
async function drawCard(threads: Pool, document: string): Promise<{ readonly card: Card; readonly picture: Uint8Array | null } | null> {
	try {
		const made = await threads.run('card', document, { time: LONGEST });
		if (!made.ok) return { card: { kind: 'faulty', faults: made.faults }, picture: null };
		return { card: { kind: 'sound', ...made.info }, picture: made.picture };
	} catch (error) {
		if (!(error instanceof JobStopped) || error.why === 'busy' || error.why === 'closed') return null;
		if (error.why === 'failed')
			return { card: { kind: 'faulty', faults: [{ path: '', message: withoutPaths(error.message) }] }, picture: null };
		return { card: { kind: 'stopped', why: error.why }, picture: null };
	}
}

/** Whether what came to no end may be tried again by itself: on a machine that is less busy it might come to one. What took its process along is not. */
function isTriedAgain(card: Card | null): boolean {
	return card?.kind === 'stopped' && card.why === 'too-long';
}

/** The picture of a card; null where there is none. */
export async function findCardPicture(db: Database, id: string): Promise<Uint8Array | null> {
	if (!/^[0-9a-f-]{36}$/.test(id)) return null;
	const [row] = await db.select({ picture: cards.picture }).from(cards).where(eq(cards.piece, id));
	return row?.picture ?? null;
}

/** ms. */
const QUIET = 3000;
/** Each time that somebody looks at the pieces, while this process lives. */
const TRIES = 3;

/** Makes cards one after another, each once however often it is asked for, while others are answered. */
export class CardMaker {
	readonly #wanted = new Set<string>();
	readonly #later = new Map<string, NodeJS.Timeout>();
	/** How often a card of a save that came to no end was tried once more. */
	readonly #again = new Map<string, number>();
	#isAtWork = false;

	constructor(
		private readonly db: () => Promise<Database>,
		private readonly threads: () => Pool
	) {}

	/** Those of a list that are missing, or of a save before; and such as came to no end, a few times. */
	wantOf(pieces: readonly Pick<ListedPiece, 'id' | 'version' | 'card' | 'cardVersion'>[]): void {
		for (const { id, version, card, cardVersion } of pieces) {
			if (cardVersion === version && !isTriedAgain(card)) continue;
			const save = `${id} ${version}`;
			const tried = this.#again.get(save) ?? 0;
			if (cardVersion === version && tried >= TRIES) continue;
			if (cardVersion === version) this.#again.set(save, tried + 1);
			this.want(id);
		}
	}

	/** When it has been quiet about a piece for a while: who works saves every second. */
	wantLater(id: string): void {
		clearTimeout(this.#later.get(id));
		const timer = setTimeout(() => {
			this.#later.delete(id);
			this.want(id);
		}, QUIET);
		timer.unref();
		this.#later.set(id, timer);
	}

	/** Wants no more: the workshop is closed. */
	close(): void {
		for (const timer of this.#later.values()) clearTimeout(timer);
		this.#later.clear();
		this.#wanted.clear();
	}

	want(...ids: readonly string[]): void {
		for (const id of ids) this.#wanted.add(id);
		if (!this.#isAtWork) void this.#work();
	}

	async #work(): Promise<void> {
		this.#isAtWork = true;
		for (const id of this.#wanted) {
			this.#wanted.delete(id);
			/** What fails here is asked for again with the next list; so is what is left when the workshop is closed. */
			try {
				await makeCard(await this.db(), this.threads(), id);
			} catch {
				continue;
			}
		}
		this.#isAtWork = false;
	}
}
