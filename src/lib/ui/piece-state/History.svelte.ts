import type { Project } from '$core/project';
import { KEPT_STEPS, MOST_STEP_BYTES, MOST_STEPS } from '$lib/saving';
import { askWorkshop } from '$lib/ui/api/askWorkshop';

export interface PieceRecord {
	readonly id: string;
	readonly version: number;
	readonly document: Project;
	/** Where the piece stands among the steps that the server keeps of it. */
	readonly steps?: { readonly place: number; readonly first: number; readonly last: number };
}
/** As the workshop gives it, with when it was saved. */
export interface OpenedPiece extends PieceRecord {
	readonly updatedAt: string;
}

const SIZES = new WeakMap<Project, number>();
/** Of a step as it is sent, bytes. */
function sizeOf(step: Project): number {
	const known = SIZES.get(step) ?? new TextEncoder().encode(JSON.stringify(step)).length;
	SIZES.set(step, known);
	return known;
}

/** What a save says of the steps: those after `keep` are gone, these follow it (null stands for the project itself), and it stands at `place`. */
export interface Unsent {
	readonly keep: number;
	readonly add: readonly (Project | null)[];
	readonly place: number;
}

/** Of the bytes that the server takes: it writes fields out that are left away here. */
const MOST_BYTES = 0.9 * MOST_STEP_BYTES;
/** Edits of one field within this long are one step back, ms. */
const TOGETHER = 900;

/**
 * The steps of a piece. Each has a place, counted from the first ever; the page knows those about the one at hand, the server keeps
 * the rest, so that undo and redo go on after a reload where they stood.
 */
export class History {
	project: Project = $state.raw() as Project;
	#place = $state(1);
	#back: readonly Project[] = $state.raw([]);
	/** The next one last. */
	#forth: readonly Project[] = $state.raw([]);
	/** The first and the last of all steps, on the page or with the server. */
	#first = $state(1);
	#last = $state(1);
	/** Up to here the server has the same steps. */
	#kept: number;
	#together: { key: string; at: number } | null = null;
	#reading = false;

	constructor(
		private readonly id: string,
		{ document, steps = { place: 1, first: 1, last: 1 } }: PieceRecord
	) {
		this.project = document;
		this.#place = steps.place;
		this.#first = steps.first;
		this.#last = steps.last;
		this.#kept = steps.last;
	}

	/** What undo and redo bring back, as far as the page knows it. */
	get before(): Project | undefined {
		return this.#back.at(-1);
	}
	get after(): Project | undefined {
		return this.#forth.at(-1);
	}
	get canUndo(): boolean {
		return this.#place > this.#first;
	}
	get canRedo(): boolean {
		return this.#place < this.#last;
	}

	/** Another project as the next step; edits that share a `together` key within a moment are one. What was undone is gone. */
	put(next: Project, together = ''): void {
		const now = Date.now();
		const joins = together !== '' && this.#together?.key === together && now - this.#together.at < TOGETHER;
		this.#together = { key: together, at: now };
		if (!joins) {
			this.#back = [...this.#back, this.project];
			this.#place++;
		}
		this.#forth = [];
		this.#last = this.#place;
		this.#kept = Math.min(this.#kept, this.#place - 1);
		this.project = next;
		this.#forget();
	}

	/** False where there is nothing before. */
	async undo(): Promise<boolean> {
		if (this.#back.length === 0) {
			const older = await this.#read('before');
			if (!older) return false;
			this.#back = [older];
		}
		this.#forth = [...this.#forth, this.project];
		this.project = this.#back.at(-1)!;
		this.#back = this.#back.slice(0, -1);
		this.#place--;
		this.#together = null;
		return true;
	}

	/** False where there is nothing after. */
	async redo(): Promise<boolean> {
		if (this.#forth.length === 0) {
			const newer = await this.#read('after');
			if (!newer) return false;
			this.#forth = [newer];
		}
		this.#back = [...this.#back, this.project];
		this.project = this.#forth.at(-1)!;
		this.#forth = this.#forth.slice(0, -1);
		this.#place++;
		this.#together = null;
		return true;
	}

	/** The piece as another window saved it, after what was done here: one step back brings that again. */
	takeSaved({ document, steps }: PieceRecord): void {
		const place = steps?.place ?? this.#place;
		this.#back = [this.project];
		this.project = document;
		this.#standOn(place);
	}

	/** What was done here comes after what another window saved at that place. */
	putOver(place: number): void {
		this.#back = this.#back.slice(1 - MOST_STEPS);
		this.#standOn(place);
	}

	/** All that the page knows comes after a place of the server's, as steps of its own. */
	#standOn(place: number): void {
		this.#forth = [];
		this.#together = null;
		this.#kept = place;
		this.#place = place + this.#back.length + 1;
		this.#last = this.#place;
	}

	/** What the server must be told of the steps; `failed` where it was not. */
	send(): { readonly steps: Unsent; readonly failed: () => void } {
		const steps = this.unsent();
		this.#kept = this.#last;
		return { steps, failed: () => void (this.#kept = Math.min(this.#kept, steps.keep)) };
	}

	/** The same, without its being sent. */
	unsent(): Unsent {
		this.#fewer();
		const known = [...this.#back, this.project, ...this.#forth.toReversed()];
		const add = known.slice(this.#kept + 1 - (this.#place - this.#back.length)).map((step) => (step === this.project ? null : step));
		return { keep: this.#kept, add: this.#last > this.#kept ? add : [], place: this.#place };
	}

	/** What was done in a window that is gone, as the next steps; `null` stands for the project that it came to. */
	takeUp(project: Project, steps: readonly (Project | null)[]): void {
		for (const step of steps) if (step !== null) this.put(step);
		this.put(project);
	}

	/** Where there are more steps than the server takes at once, the oldest of them become one, and those that were undone are let go. */
	#fewer(): void {
		const count = this.#last - this.#kept;
		if (count <= 0) return;
		const unsent = [...this.#forth, this.project, ...this.#back.toReversed()].slice(0, count);
		const own = unsent.indexOf(this.project);
		const undone = own < 0 ? unsent : unsent.slice(0, own);
		const before = own < 0 ? [] : unsent.slice(own + 1);
		let bytes = undone.reduce((sum, step) => sum + sizeOf(step), 0);
		if (bytes > MOST_BYTES || count > MOST_STEPS) {
			this.#forth = this.#forth.slice(undone.length);
			this.#last -= undone.length;
			bytes = 0;
		}
		/** The project itself goes with every save; of what came before it the newest. */
		let fits = 0;
		for (; fits < Math.min(before.length, MOST_STEPS - 1); fits++) {
			bytes += sizeOf(before[fits]!);
			if (bytes > MOST_BYTES) break;
		}
		if (fits === before.length) return;
		this.#back = fits > 0 ? this.#back.slice(-fits) : [];
		this.#standOn(this.#kept);
	}

	/** The server has the oldest again, once they are saved. */
	#forget(): void {
		const over = this.#back.length - KEPT_STEPS;
		if (over > 0 && this.#place - this.#back.length + over <= this.#kept) this.#back = this.#back.slice(over);
	}

	/** A step that only the server knows; null where it has none, or does not answer, or the piece has moved on meanwhile. */
	async #read(side: 'before' | 'after'): Promise<Project | null> {
		const [place, project] = [this.#place, this.project];
		if (this.#reading || (side === 'before' ? !this.canUndo : !this.canRedo)) return null;
		this.#reading = true;
		const answer = await askWorkshop<{ document: Project }>(`/api/pieces/${this.id}/revisions?${side}=${place}`);
		this.#reading = false;
		if (this.#place !== place || this.project !== project) return null;
		if (answer.status === 404) {
			if (side === 'before') this.#first = place;
			else this.#last = place;
		}
		return answer.ok ? answer.value.document : null;
	}
}
