import { changePiece, followHoles, setArrangement, setCoat, wordChange, type Project } from '$core/project';
import { lostPartners, wordCoat, type Coat } from '$core/layers';
import { partsOf, partsToBegin, type Arrangement, type Places, type Zone } from '$core/layout';
import { firstFace, nameSides, type Face, type MeasuredFace } from '$core/piece';
import { listDecoration, type Plan, type PlanError } from '$core/plan';
import { announce, announceStep } from '$lib/ui/api/announce';
import { askWorkshop } from '$lib/ui/api/askWorkshop';
import { formatArea, formatPour, formatVolume } from '$core/units';
import { create, type Draft } from 'mutative';
import { getContext, setContext } from 'svelte';
import type { Drafts, Unsaved } from './Drafts';
import { Drag } from './Drag.svelte';
import { History, type PieceRecord } from './History.svelte';
import { Planning, type FirstPlan } from './Planning.svelte';
import { Saver } from './Saver.svelte';
import { View } from './View.svelte';
import { SlowAnswers } from './SlowAnswers.svelte';

/** One piece as it is edited: its project and the way back, the plan that follows from it, what is seen of it, and a drag on it. */
export class PieceState {
	readonly id: string;
	readonly history: History;
	readonly view = new View();
	readonly drag = new Drag();
	readonly saver: Saver;

	readonly answers = new SlowAnswers();

	readonly planning: Planning;
	/** Which screen is looked at. */
	screen: string = $state('measure');
	/** What is looked at cannot be shown yet as it is: as it was last, and nothing can be done to it. Faces are measured all the same. */
	readonly #frozen = $derived.by(() => (this.screen === 'measure' ? null : (this.planning.lacks?.last ?? null)));
	/** Nothing of it can be shown yet but its faces. */
	readonly isBlank: boolean = $derived.by(
		() => this.screen !== 'measure' && this.planning.lacks !== null && this.planning.lacks.last === null
	);
	/** Of the project as it is kept. */
	readonly settled: Plan = $derived.by(() => this.#frozen?.plan ?? this.planning.settled);
	/** Of what is shown: under a drag, of its trial, where that can be planned at once. */
	readonly plan: Plan = $derived.by(() =>
		this.drag.trial && this.planning.isHere ? this.planning.planHere(this.drag.trial) : this.settled
	);
	/** What lies on it, numbered for the balloons. */
	readonly decoration = $derived(listDecoration(this.drag.trial ?? this.project, this.plan));
	readonly steps = $derived(Math.min(this.view.steps ?? Infinity, (this.drag.trial ?? this.project).finish.coats.length));

	/** Place of the face at hand among all. */
	readonly faceAt = $derived.by(() => {
		const { faces } = this.plan;
		const shown = faces.findIndex(({ id }) => id === this.view.face);
		return shown >= 0 ? shown : faces.indexOf(firstFace(faces));
	});
	readonly face: MeasuredFace = $derived(this.plan.faces[this.faceAt]!);
	readonly faceInput: Face = $derived(this.project.piece.faces[this.faceAt] ?? this.project.piece.faces[0]!);

	/** @param first - where it is planned first. @param drafts - where edits are kept until they are saved. */
	constructor(record: PieceRecord, first: FirstPlan = 'here', drafts: Drafts | null = null) {
		this.id = record.id;
		this.history = new History(record.id, record);
		this.planning = new Planning(() => this.history.project, this.answers, first);
		this.saver = new Saver(record.id, record.version, this.history, drafts);
	}

	/** As it is shown; while that is frozen, as it was. */
	get project(): Project {
		return this.#frozen?.project ?? this.history.project;
	}
	/** What is shown is only looked at. */
	get isFrozen(): boolean {
		return this.#frozen !== null;
	}

	/** What is picked in Lay out: a zone, or an arrangement, its own or the one of a motif. */
	readonly picked: Zone | Arrangement | undefined = $derived.by(() => {
		const { selection } = this.view;
		const { zones, arrangements } = this.project.layout;
		if (selection === null) return undefined;
		return selection.kind === 'zone'
			? zones.find(({ id }) => id === selection.id)
			: arrangements.find(({ id }) => id === (selection.kind === 'item' ? selection.arrangement : selection.id));
	});
	/** Places that what is picked lies on; where nothing is picked, those that are chosen for what is laid next. */
	readonly pickedParts: readonly string[] = $derived(
		this.picked ? partsOf(this.picked.parts, this.plan).map(({ id }) => id) : this.view.parts
	);
	/** Where the next zone or arrangement goes: on what is chosen, else on what one is looking at. */
	readonly nextParts: Places = $derived(this.view.parts.length > 0 ? (this.view.parts as string[]) : partsToBegin(this.face, this.plan));

	/** What the edges of some places are called: by what they meet where all of them are of one face. */
	sidesOf(places: Places): ReturnType<typeof nameSides> {
		const faces = new Set(partsOf(places, this.plan).map(({ face }) => face));
		return nameSides(this.project.piece, faces.size === 1 ? [...faces][0]! : '');
	}

	/** A part is clicked on the drawing. With Shift it is added to what is picked, or taken away again; without, it is chosen by itself. */
	choosePart(id: string, shift: boolean): void {
		if (shift || this.view.many)
			return this.setParts(this.pickedParts.includes(id) ? this.pickedParts.filter((other) => other !== id) : [...this.pickedParts, id]);
		const alone = this.view.parts.length === 1 && this.view.parts[0] === id && !this.picked;
		this.view.selection = null;
		this.view.parts = alone ? [] : [id];
	}

	/** Puts what is picked on these parts, one undo; where nothing is picked they are chosen for what is laid next. What is picked lies somewhere. */
	setParts(parts: Places | readonly string[]): void {
		const { picked } = this;
		if (!picked) this.view.parts = partsOf(parts as Places, this.plan).map(({ id }) => id);
		else if (parts.length > 0)
			this.edit((draft) => {
				const { zones, arrangements } = draft.layout;
				const all: { id: string; parts: unknown }[] = this.view.selection?.kind === 'zone' ? zones : arrangements;
				all.find((one) => one.id === picked.id)!.parts = typeof parts === 'string' ? parts : [...parts];
			});
	}

	/** m2, as the painter measures. */
	readonly writeArea = (m2: number): string => formatArea(m2, this.project.units);
	/** ml, as the workshop measures. */
	/** What is to be poured; `writeVolume`: what is there. */
	readonly writePour = (ml: number): string => formatPour(ml, this.project.workshop.volumes).text;
	readonly writeVolume = (ml: number): string => formatVolume(ml, this.project.workshop.volumes).text;

	/** Changes the project by a recipe. Edits that share a `together` key within a moment are undone as one. */
	edit(recipe: (draft: Draft<Project>) => void, together = ''): void {
		const next = create(this.history.project, (draft) => {
			recipe(draft);
		});
		this.#put(next, together);
	}

	/** Puts another project in place of the one that is shown, as one step that can be undone. What is frozen is only looked at: it would put back what was done since. */
	replace(next: Project, together = ''): void {
		if (this.isFrozen) return this.drag.end();
		this.#put(next, together);
	}

	#put(next: Project, together: string): void {
		this.drag.end();
		if (next === this.history.project) return;
		for (const coat of lostPartners(this.history.project.finish.coats, next.finish.coats))
			announce(`${wordCoat(coat)} is laid on what is dry now: what it was worked into is no longer right before it.`);
		this.history.put(next, together);
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

	/** Puts a changed arrangement in its place. */
	setArrangement(arrangement: Arrangement, together = ''): void {
		this.replace(setArrangement(this.project, arrangement), together);
	}

	/** Puts a changed coat in its place; edits of one field of it within a moment are undone as one. */
	setCoat(coat: Coat, together = ''): void {
		this.replace(setCoat(this.project, coat), together && `${together} ${coat.id}`);
	}

	/** Changes the hardware of the face at hand: old holes that are to be filled bring the filler into the coats. */
	editHardware(recipe: (draft: Draft<Face>) => void, together = ''): void {
		const at = this.faceAt;
		const next = create(this.project, (draft) => {
			recipe(draft.piece.faces[at]!);
		});
		this.replace(followHoles(this.project, next), together === '' ? '' : `${at} ${together}`);
	}

	/** What is wrong at a field of the face at hand. */
	errorAt(path: string): PlanError | undefined {
		return this.plan.errors.find((error) => error.path === `piece.faces[${this.faceAt}].${path}`);
	}

	/** What the next undo takes back and the next redo does again, in words; '' where the page does not know, or nothing is left. */
	readonly undoes: string = $derived.by(() => (this.history.before ? wordChange(this.history.before, this.history.project) : ''));
	readonly redoes: string = $derived.by(() => (this.history.after ? wordChange(this.history.project, this.history.after) : ''));

	async undo(): Promise<void> {
		if (!(await this.history.undo())) return;
		this.#settle();
		announceStep(this.redoes === '' ? 'Undone' : `Undone: ${this.redoes}`);
	}

	async redo(): Promise<void> {
		if (!(await this.history.redo())) return;
		this.#settle();
		announceStep(this.undoes === '' ? 'Done again' : `Done again: ${this.undoes}`);
	}

	/** The browser kept this page and shows it again: what the workshop has by now is taken before anything is done here. */
	async comeBack(): Promise<void> {
		const answer = await askWorkshop<PieceRecord>(`/api/pieces/${this.id}`);
		if (answer.ok && (await this.saver.comeBack(answer.value))) this.takeSaved(answer.value);
	}

	/** Takes up what a window that is gone had not saved, as the next steps; of another version only what it came to. */
	takeUp({ document, steps, version }: Unsaved): void {
		this.drag.end();
		this.history.takeUp(document, version === this.saver.version ? steps.add : []);
		this.saver.changed();
	}

	/** Takes the piece as another window saved it. */
	takeSaved(record: PieceRecord): void {
		this.drag.end();
		this.history.takeSaved(record);
		this.saver.tookVersion(record.version);
	}

	#settle(): void {
		this.drag.end();
		this.saver.changed();
	}
}

const KEY = Symbol('piece');
export const providePiece = (piece: PieceState): PieceState => setContext(KEY, piece);
/** The piece as the context of a component that stands alone, as in a test. */
export const contextOf = (piece: PieceState): Map<symbol, PieceState> => new Map([[KEY, piece]]);
export const usePiece = (): PieceState => getContext(KEY);
