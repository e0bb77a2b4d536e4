import { changePiece, setArrangement, type Project } from '$core/project';
import type { Arrangement } from '$core/layout';
import type { Face, MeasuredFace } from '$core/piece';
import { createPlanner, type Plan, type PlanError } from '$core/plan';
import { create, type Draft } from 'mutative';
import { getContext, setContext } from 'svelte';
import { Saver } from './Saver.svelte';

export interface PieceRecord {
	readonly id: string;
	readonly version: number;
	readonly document: Project;
}

/** What is picked on the piece. */
export type Selection =
	| { readonly kind: 'zone'; readonly id: string }
	| { readonly kind: 'arrangement'; readonly id: string }
	| { readonly kind: 'item'; readonly arrangement: string; readonly part: string; readonly key: string }
	| null;

const MOST_UNDO = 300;
/** Edits of one field within this long are one step back, ms. */
const TOGETHER = 900;

/** One piece as it is edited: the project, the plan that follows from it, the way back, and what is picked. */
export class PieceState {
	readonly id: string;
	project: Project = $state.raw() as Project;
	/** A project under trial, while something is dragged: shown, not kept. */
	trial: Project | null = $state.raw(null);
	/** A project as a drag would leave it, for the picture alone: the plan is worked out when it is let go. */
	sketch: Project | null = $state.raw(null);
	/** The piece as it was when its look was held, to be compared with what it becomes. */
	held: Project | null = $state.raw(null);
	selection: Selection = $state.raw(null);
	/** How many steps of the order are shown on the piece; null for all. */
	shownSteps: number | null = $state(null);
	selectedCoat: string | null = $state(null);
	/** The face at hand, and whether it is shown alone or with all others laid out flat. */
	faceId: string | null = $state(null);
	view: 'face' | 'unfolded' = $state('face');
	/** A part (or a face) that is picked in Measure. */
	selectedPart: string | null = $state(null);
	readonly saver: Saver;

	#planner = createPlanner();
	readonly plan: Plan = $derived.by(() => this.#planner(this.trial ?? this.project));
	readonly steps = $derived(Math.min(this.shownSteps ?? Infinity, (this.trial ?? this.project).finish.coats.length));

	/** Place of the face at hand among all. */
	readonly faceAt = $derived(
		Math.max(
			0,
			this.plan.faces.findIndex(({ id }) => id === this.faceId)
		)
	);
	readonly face: MeasuredFace = $derived(this.plan.faces[this.faceAt]!);
	readonly faceInput: Face = $derived(this.project.piece.faces[this.faceAt] ?? this.project.piece.faces[0]!);

	#back: Project[] = $state.raw([]);
	#forth: Project[] = $state.raw([]);
	#together: { key: string; at: number } | null = null;
	/** Undo goes on to what the server has kept from before this page was opened. */
	#oldest: number;
	#older = $state(true);
	#reading = false;

	constructor(record: PieceRecord) {
		this.id = record.id;
		this.project = record.document;
		this.#oldest = record.version;
		this.#older = record.version > 1;
		this.saver = new Saver(record.id, record.version, () => this.project);
	}

	get canUndo(): boolean {
		return this.#back.length > 0 || this.#older;
	}
	get canRedo(): boolean {
		return this.#forth.length > 0;
	}

	/** Changes the project by a recipe. Edits that share a `together` key within a moment are undone as one. */
	edit(recipe: (draft: Draft<Project>) => void, together = ''): void {
		const next = create(this.project, (draft) => {
			recipe(draft);
		});
		this.replace(next, together);
	}

	/** Puts another project in place of this one, as one step that can be undone. */
	replace(next: Project, together = ''): void {
		this.trial = null;
		this.sketch = null;
		if (next === this.project) return;
		const now = Date.now();
		const joins = together !== '' && this.#together?.key === together && now - this.#together.at < TOGETHER;
		if (!joins) this.#back = [...this.#back.slice(1 - MOST_UNDO), this.project];
		this.#together = { key: together, at: now };
		this.#forth = [];
		this.project = next;
		this.saver.changed();
	}

	/** Changes the face at hand. */
	editFace(recipe: (draft: Draft<Face>) => void, together = ''): void {
		const at = this.faceAt;
		this.edit((draft) => recipe(draft.piece.faces[at]!), together === '' ? '' : `${at} ${together}`);
	}

	/** Changes the face at hand where parts may go: whatever named them lets go. */
	changeFace(recipe: (draft: Draft<Face>) => void): void {
		const next = create(this.project.piece, (draft) => recipe(draft.faces[this.faceAt]!));
		this.replace(changePiece(this.project, next));
	}

	showFace(id: string): void {
		this.faceId = id;
		this.view = 'face';
		this.selectedPart = null;
	}

	/** What is wrong at a field of the face at hand. */
	errorAt(path: string): PlanError | undefined {
		return this.plan.errors.find((error) => error.path === `piece.faces[${this.faceAt}].${path}`);
	}

	/** Puts a changed arrangement in its place. */
	setArrangement(arrangement: Arrangement, together = ''): void {
		this.replace(setArrangement(this.project, arrangement), together);
	}

	async undo(): Promise<void> {
		const last = this.#back.at(-1) ?? (await this.#readOlder());
		if (!last) return;
		this.#back = this.#back.slice(0, -1);
		this.#forth = [...this.#forth, this.project];
		this.#settle(last);
	}

	redo(): void {
		const next = this.#forth.at(-1);
		if (!next) return;
		this.#forth = this.#forth.slice(0, -1);
		this.#back = [...this.#back, this.project];
		this.#settle(next);
	}

	/** Takes the piece as another window saved it. */
	takeSaved(record: PieceRecord): void {
		this.#back = [...this.#back, this.project];
		this.#forth = [];
		this.project = record.document;
		this.saver.tookVersion(record.version);
	}

	#settle(project: Project): void {
		this.trial = null;
		this.sketch = null;
		this.#together = null;
		this.project = project;
		this.saver.changed();
	}

	async #readOlder(): Promise<Project | null> {
		if (this.#reading || !this.#older) return null;
		this.#reading = true;
		try {
			return await this.#fetchOlder();
		} finally {
			this.#reading = false;
		}
	}

	async #fetchOlder(): Promise<Project | null> {
		const response = await fetch(`/api/pieces/${this.id}/revisions?before=${this.#oldest}`).catch(() => null);
		if (!response?.ok) {
			if (response?.status === 404) this.#older = false;
			return null;
		}
		const older = (await response.json()) as { version: number; document: Project };
		this.#oldest = older.version;
		this.#older = older.version > 1;
		return older.document;
	}
}

const KEY = Symbol('piece');
export const providePiece = (piece: PieceState): PieceState => setContext(KEY, piece);
/** The piece as the context of a component that stands alone, as in a test. */
export const contextOf = (piece: PieceState): Map<symbol, PieceState> => new Map([[KEY, piece]]);
export const usePiece = (): PieceState => getContext(KEY);
