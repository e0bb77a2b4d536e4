import type { Plan } from '$core/plan';
import { WORKSHOP_LIGHT, type Light } from '$core/preview';
import type { Project } from '$core/project';

/** What is picked on the piece. */
export type Selection =
	| { readonly kind: 'zone'; readonly id: string }
	| { readonly kind: 'arrangement'; readonly id: string }
	| { readonly kind: 'item'; readonly arrangement: string; readonly part: string; readonly key: string }
	| null;

/** A piece as it was, with its plan. */
export interface Held {
	readonly project: Project;
	readonly plan: Plan;
}

/** What is picked and seen: it changes nothing of the piece. */
export class View {
	selection: Selection = $state.raw(null);
	coat: string | null = $state(null);
	/** Each click on the drawing adds to what is chosen, without Shift. */
	many = $state(false);
	/** Parts (and faces) that are chosen on the drawing in Lay out, for what is laid next. */
	parts: readonly string[] = $state.raw([]);
	/** A part (or a face) that is picked in Measure. */
	part: string | null = $state(null);
	/** The face at hand, and whether it is shown alone or with all others laid out flat. */
	face: string | null = $state(null);
	view: 'face' | 'unfolded' = $state('face');
	/** How many steps of the order are shown on the piece; null for all. */
	steps: number | null = $state(null);
	/** The lays of a coat that are stepped through on the piece, and how far, from 0. */
	lays: { readonly coat: string; readonly at: number } | null = $state.raw(null);
	/** The row whose line is to be drawn with the next stroke on the piece. */
	drawing: string | null = $state(null);
	/** In Lay out the photograph of the face lies faint over its picture. */
	photographed = $state(false);
	/** The lamp that it is seen by. */
	light: Light = $state.raw(WORKSHOP_LIGHT);
	/** The piece as it was when its look was held, to be compared with what it becomes. */
	held: Held | null = $state.raw(null);

	/** Picks what lies on the piece, or lets it go where it is picked. */
	toggle({ kind, id }: { readonly kind: 'zone' | 'arrangement'; readonly id: string }): void {
		const { selection } = this;
		this.selection = selection?.kind === kind && selection.id === id ? null : { kind, id };
	}

	/** Whether it is what is picked, or what the picked motif belongs to. */
	isPicked({ kind, id }: { readonly kind: 'zone' | 'arrangement'; readonly id: string }): boolean {
		const { selection } = this;
		if (selection === null) return false;
		return selection.kind === 'item'
			? kind === 'arrangement' && selection.arrangement === id
			: selection.kind === kind && selection.id === id;
	}

	showFace(id: string): void {
		this.face = id;
		this.view = 'face';
		this.part = null;
		this.parts = [];
	}
}
