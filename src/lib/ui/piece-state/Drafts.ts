import type { Project } from '$core/project';
import { createStore, del, entries, set } from 'idb-keyval';
import type { Unsent } from './History.svelte';

/** Edits of a piece that the workshop has not answered for, as this browser keeps them over a reload or a crash. */
export interface Unsaved {
	readonly piece: string;
	/** The version that they were made on. */
	readonly version: number;
	/** ms since 1970, by the clock of this browser. */
	readonly at: number;
	readonly document: Project;
	readonly steps: Unsent;
}

/** Where drafts lie; all windows of one browser share it. */
export interface DraftStore {
	set(key: string, draft: Unsaved): Promise<void>;
	del(key: string): Promise<void>;
	entries(): Promise<[string, Unsaved][]>;
}

function openStore(): DraftStore {
	const store = createStore('ember-ribbon', 'drafts');
	return { set: (key, draft) => set(key, draft, store), del: (key) => del(key, store), entries: () => entries<string, Unsaved>(store) };
}

/** A window that is there answers within so long, ms. */
const ANSWERS = 250;
const CHANNEL = 'ember-drafts';

/** Keeps the draft of one window: the newest, one write at a time; gone when the workshop has answered. */
export class Drafts {
	readonly #key: string;
	readonly #piece: string;
	#store: DraftStore | null = null;
	#next: Unsaved | null = null;
	#isKept = false;
	#work: Promise<void> | null = null;
	#channel: BroadcastChannel | null = null;

	/** `told`: that this browser keeps nothing, once. `name` tells this window from others. */
	constructor(
		piece: string,
		private readonly told: () => void,
		name: string = crypto.getRandomValues(new Uint32Array(2)).join('-'),
		private readonly open: () => DraftStore = openStore
	) {
		this.#piece = piece;
		this.#key = `${piece} ${name}`;
	}

	keep(draft: Unsaved): void {
		this.#next = draft;
		this.#isKept = true;
		this.#listen();
		this.#write();
	}

	/** The workshop has answered for all of it, or the painter let it go. */
	letGo(): void {
		this.#next = null;
		if (!this.#isKept) return;
		this.#isKept = false;
		this.#channel?.close();
		this.#channel = null;
		this.#write();
	}

	/** Drafts of this piece that other windows left which are there no more, the newest first; none where the store cannot be read. */
	async left(): Promise<{ readonly key: string; readonly draft: Unsaved }[]> {
		const all = await this.#ask((store) => store.entries()).catch(() => []);
		const own = all.filter(([key, draft]) => draft.piece === this.#piece && key !== this.#key);
		const there = own.length > 0 ? await whoIsThere() : new Set<string>();
		return own
			.filter(([key]) => !there.has(key))
			.map(([key, draft]) => ({ key, draft }))
			.sort((a, b) => b.draft.at - a.draft.at);
	}

	drop(key: string): Promise<void> {
		return this.#ask((store) => store.del(key)).catch(() => {});
	}

	/** Resolves when all that was kept or let go until now is in the store. */
	async settled(): Promise<void> {
		while (this.#work) await this.#work;
	}

	#write(): void {
		this.#work ??= this.#writeAll().finally(() => (this.#work = null));
	}

	async #writeAll(): Promise<void> {
		for (let [isDone, kept] = [false, this.#isKept]; !isDone; kept = this.#isKept) {
			const draft = this.#next;
			this.#next = null;
			try {
				if (draft) await this.#ask((store) => store.set(this.#key, draft));
				else if (!kept) await this.#ask((store) => store.del(this.#key));
			} catch {
				if (draft) this.told();
			}
			isDone = this.#next === null && kept === this.#isKept;
		}
	}

	async #ask<T>(question: (store: DraftStore) => Promise<T>): Promise<T> {
		this.#store ??= this.open();
		return question(this.#store);
	}

	/** Says that this window is there, to one that looks for drafts. */
	#listen(): void {
		if (this.#channel || typeof BroadcastChannel === 'undefined') return;
		this.#channel = new BroadcastChannel(CHANNEL);
		this.#channel.onmessage = ({ data }) => data === 'who' && this.#channel?.postMessage(this.#key);
	}
}

async function whoIsThere(): Promise<ReadonlySet<string>> {
	const there = new Set<string>();
	if (typeof BroadcastChannel === 'undefined') return there;
	const channel = new BroadcastChannel(CHANNEL);
	channel.onmessage = ({ data }) => void there.add(String(data));
	channel.postMessage('who');
	await new Promise((resolve) => setTimeout(resolve, ANSWERS));
	channel.close();
	return there;
}
