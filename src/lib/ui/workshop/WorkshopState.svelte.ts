import type { PlanError } from '$core/plan';
import type { Material } from '$core/layers';
import { keepTin, type WorkshopSettings } from '$core/project';
import { askWorkshop } from '$lib/ui/api/askWorkshop';

interface Stored {
	readonly document: WorkshopSettings;
	readonly place: number;
	readonly first: number;
	readonly last: number;
}

/** What holds in the workshop, as the server has it; each change is one step of its own. */
export class WorkshopState {
	#stored: Stored | null = $state.raw(null);
	/** What was wished for and is not answered yet. */
	#wished: WorkshopSettings | null = $state.raw(null);
	faults: readonly PlanError[] = $state.raw([]);
	#asking = false;
	#loading: Promise<void> | null = null;

	/** Null until it is known. */
	get settings(): WorkshopSettings | null {
		return this.#wished ?? this.#stored?.document ?? null;
	}
	get canUndo(): boolean {
		return this.#stored !== null && this.#stored.place > this.#stored.first;
	}
	get canRedo(): boolean {
		return this.#stored !== null && this.#stored.place < this.#stored.last;
	}

	/** What holds, waited for where it is still on its way; null where it could not be read. */
	async known(): Promise<WorkshopSettings | null> {
		if (this.settings === null) await (this.#loading ?? this.load());
		return this.settings;
	}

	load(): Promise<void> {
		return (this.#loading = this.#load());
	}

	async #load(): Promise<void> {
		const answer = await askWorkshop<Stored>('/api/workshop');
		if (answer.ok) this.#stored = answer.value;
		else this.faults = answer.faults;
	}

	/** One at a time: what is changed while a change is on its way goes after it, as one. */
	async change(change: Partial<WorkshopSettings>): Promise<void> {
		const { settings } = this;
		if (settings === null) return;
		this.#wished = { ...settings, ...change };
		if (this.#asking) return;
		this.#asking = true;
		while (this.#wished !== null) {
			const document: WorkshopSettings = this.#wished;
			const answer = await askWorkshop<Stored>('/api/workshop', { method: 'PUT', json: { place: this.#stored?.place ?? 0, document } });
			this.#take(answer);
			if (!answer.ok || this.#wished === document) this.#wished = null;
		}
		this.#asking = false;
		/** Another window was quicker: what it says is shown. */
		if (this.faults[0]?.code === 'workshop.stale') await this.load();
	}

	/** A tin is put on the shelf, or changed there. */
	async keep(tin: Material): Promise<void> {
		const settings = await this.known();
		if (settings !== null) await this.change({ materials: keepTin(settings.materials, tin) });
	}

	async step(way: 'back' | 'forth'): Promise<void> {
		this.#take(await askWorkshop<Stored>(`/api/workshop/${way}`, { method: 'POST', json: this.#stored?.place ?? 0 }));
	}

	#take(answer: Awaited<ReturnType<typeof askWorkshop<Stored>>>): void {
		if (answer.ok) this.#stored = answer.value;
		this.faults = answer.ok ? [] : answer.faults;
	}
}
