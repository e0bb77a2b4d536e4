import { writeLeaving } from '$lib/leaving';
import { MOST_STEPS } from '$lib/saving';
import { askWorkshop, type Answer } from '$lib/ui/api/askWorkshop';
import { isWorkshopThere } from '$lib/ui/api/isWorkshopThere';
import { isSameWritten, type Project } from '$core/project';
import type { Drafts } from './Drafts';
import type { History, PieceRecord } from './History.svelte';

export type SaveState =
	| { readonly kind: 'saved'; readonly at: Date | null }
	| { readonly kind: 'saving' }
	| { readonly kind: 'waiting'; readonly why: string }
	/** Another window has saved the piece since. */
	| { readonly kind: 'stale'; readonly version: number; readonly place: number; readonly at: Date }
	| { readonly kind: 'gone' };

/** Edits wait this long for the next one, ms. */
const PAUSE = 350;
/** After a failure the next try comes after this long, doubled each time up to the longest, ms. */
const RETRY = { first: 800, longest: 4_000 };

/** Saves a piece as it changes, one save at a time, and says how it stands. Only what the server has answered for is called saved. */
export class Saver {
	state: SaveState = $state.raw({ kind: 'saved', at: null });
	#version: number;
	#dirty = false;
	#busy = false;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#retry = RETRY.first;
	/** What was sent on this version and never answered for: one of it may have come through. */
	#unanswered: Project[] = [];

	constructor(
		private readonly id: string,
		version: number,
		private readonly history: History,
		private readonly drafts: Drafts | null = null
	) {
		this.#version = version;
	}

	get version(): number {
		return this.#version;
	}
	get hasUnsaved(): boolean {
		return this.#dirty || this.#busy;
	}

	changed(): void {
		this.#dirty = true;
		this.#keepDraft();
		if (this.state.kind === 'stale' || this.state.kind === 'gone') return;
		if (this.state.kind === 'saved') this.state = { kind: 'saving' };
		this.#later(PAUSE);
	}

	/** Saves at once what is waiting. With `keepalive` it goes on when the page is gone. */
	async flush(keepalive = false): Promise<void> {
		clearTimeout(this.#timer);
		if (this.#dirty && !this.#busy && this.state.kind !== 'stale' && this.state.kind !== 'gone') await this.#save(keepalive);
	}

	/** The page is left: what is waiting is saved at once, and the page that is loaded next waits for it. */
	leave(): void {
		void this.flush(true);
		if (this.#busy) document.cookie = writeLeaving(this.id, this.#version);
	}

	/** Resolves when nothing is left to save; false where it could not be saved. */
	async settle(): Promise<boolean> {
		while (this.#busy) await new Promise((resolve) => setTimeout(resolve, 30));
		await this.flush();
		return !this.hasUnsaved;
	}

	/** For a link to what the server draws from the saved piece: what is unsaved is saved first. */
	openSaved(event: MouseEvent): void {
		const link = event.currentTarget as HTMLAnchorElement;
		/** A file that does not come leaves the page as it is. */
		if (!this.hasUnsaved && link.hasAttribute('download')) return;
		event.preventDefault();
		const { href } = link;
		void this.settle().then(async (settled) => settled && (await isWorkshopThere()) && window.open(href));
	}

	/** Lets go of what is unsaved: it has been kept elsewhere. */
	abandon(): void {
		clearTimeout(this.#timer);
		this.#dirty = false;
		this.drafts?.letGo();
		this.state = { kind: 'saved', at: null };
	}

	/** Puts this page's piece over what another window saved. */
	async overwrite(): Promise<void> {
		if (this.state.kind !== 'stale') return;
		this.history.putOver(this.state.place);
		this.tookVersion(this.state.version);
		this.#dirty = true;
		await this.#save(false);
	}

	tookVersion(version: number): void {
		this.#version = version;
		this.#dirty = false;
		this.#unanswered = [];
		this.drafts?.letGo();
		this.state = { kind: 'saved', at: null };
	}

	/**
	 * The piece as the workshop has it now, to a page that was away. True where that is newer and to be taken: nothing here is unsaved. Where it is what was
	 * done here it counts as saved.
	 */
	async comeBack(record: PieceRecord): Promise<boolean> {
		while (this.#busy) await new Promise((resolve) => setTimeout(resolve, 30));
		if (record.version === this.#version) return false;
		if (isSameWritten(record.document, this.history.project)) this.tookVersion(record.version);
		else return !this.#dirty;
		return false;
	}

	/** A save that was refused as stale may be one's own, whose answer was lost: then it was no other window. */
	async #wasOwn(): Promise<boolean> {
		if (this.#unanswered.length === 0) return false;
		const answer = await askWorkshop<PieceRecord>(`/api/pieces/${this.id}`);
		if (!answer.ok || !this.#unanswered.some((sent) => isSameWritten(answer.value.document, sent))) return false;
		this.#version = answer.value.version;
		this.#unanswered = [];
		return true;
	}

	#keepDraft(): void {
		const { history } = this;
		this.drafts?.keep({ piece: this.id, version: this.#version, at: Date.now(), document: history.project, steps: history.unsent() });
	}

	#later(ms: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#save(false), ms);
	}

	async #save(keepalive: boolean): Promise<void> {
		if (this.#busy) return;
		this.#busy = true;
		this.#dirty = false;
		this.state = { kind: 'saving' };
		const { steps, failed } = this.history.send();
		const sent = this.history.project;
		const body = JSON.stringify({ version: this.#version, document: this.history.project, steps });
		/** Until the answer is read nobody knows the version that the next save is made on. */
		const answer = await askWorkshop<Saved>(`/api/pieces/${this.id}`, {
			method: 'PUT',
			type: 'application/json',
			body,
			keepalive: keepalive && body.length < 60_000
		});
		if (!answer.ok) failed();
		if (answer.status === 409 && (await this.#wasOwn())) {
			this.#busy = false;
			this.#dirty = true;
			return this.#save(keepalive);
		}
		if (answer.status === null && !this.#unanswered.includes(sent)) this.#unanswered = [...this.#unanswered.slice(1 - MOST_STEPS), sent];
		this.#busy = false;
		this.#heed(answer);
	}

	#heed(answer: Answer<Saved>): void {
		if (answer.ok) {
			this.#version = answer.value.version;
			this.#retry = RETRY.first;
			this.#unanswered = [];
			if (this.#dirty) return this.#later(PAUSE);
			this.drafts?.letGo();
			this.state = { kind: 'saved', at: new Date(answer.value.updatedAt) };
			return;
		}
		this.#dirty = true;
		/** With the steps that were not taken. */
		this.#keepDraft();
		const theirs = answer.body as Saved | null;
		if (answer.status === 409 && theirs)
			this.state = { kind: 'stale', version: theirs.version, place: theirs.place, at: new Date(theirs.updatedAt) };
		else if (answer.status === 404) this.state = { kind: 'gone' };
		else {
			const told = answer.faults[0]!;
			this.state = {
				kind: 'waiting',
				why:
					answer.status === null
						? 'The workshop does not answer. Your work is kept here, and saved as soon as it does.'
						: `${told.path === '' ? '' : `${told.path}: `}${told.message}`
			};
			this.#later(this.#retry);
			this.#retry = Math.min(RETRY.longest, this.#retry * 2);
		}
	}
}

/** What the server says to a save that it took, and to one on an old version. */
interface Saved {
	readonly version: number;
	readonly place: number;
	readonly updatedAt: string;
}
