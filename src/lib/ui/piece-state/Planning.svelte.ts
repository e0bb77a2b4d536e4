import { createPlanner, planMeasured, type Plan } from '$core/plan';
import { hasSameParts, type Project } from '$core/project';
import type { Sheet } from '$core/sheets';
import type { SlowAnswers } from './SlowAnswers.svelte';
import { PlanClient, type MadePlan } from '$lib/workers/plan/client';

/** Where a piece is planned first: on the page, in a worker, or in a worker when the painter says so. */
export type FirstPlan = 'here' | 'elsewhere' | 'asked';

export type Waiting =
	| { readonly kind: 'none' }
	| { readonly kind: 'working' }
	/** It came to no end, was stopped, or is not begun by itself. */
	| { readonly kind: 'stopped'; readonly why: 'time' | 'painter' | 'failed' | 'before' };

/** From nothing, ms of a processor where that is known. */
export const FITS_FIRST = 300;
/**
 * What takes longer to be planned keeps the page from answering, ms: from nothing in the worker; on the page, several times running, or once by far, since
 * a busy machine is slow for a while; and in the worker after that.
 */
const FITS = { first: FITS_FIRST, here: 2000, once: 8000, again: 200 };
const RUNNING = 3;
const ASKED_AGAIN = 8000;
/** Edits wait this long for the next one before they are planned elsewhere, ms. */
const PAUSE = 250;
/** Then it is ended, ms. */
const LONGEST = 30_000;

type Client = Pick<PlanClient, 'plan' | 'time' | 'pages' | 'stop'>;

/**
 * The plan of a piece. What fits is planned on the page, at once and with its memory; what takes too long is planned in a worker after each pause, and
 * the last plan stands until then. Where there is none yet, or it is of other parts, the faces alone are planned, which is soon done.
 */
export class Planning {
	#fits: boolean = $state(true);
	/** What did not fit, as it was: undo may bring it again. */
	readonly #large = new WeakSet<Project>();
	#made: { readonly project: Project; readonly plan: Plan } | null = $state.raw(null);
	waiting: Waiting = $state.raw({ kind: 'none' });
	readonly #planner = createPlanner();
	readonly #client: Client;
	#isPlanning = false;
	#wasSlow = false;
	#slowRunning = 0;
	#timer: ReturnType<typeof setTimeout> | undefined;
	/** What is planned elsewhere, or was to be and came to no end. */
	#asked: Project | null = null;

	constructor(
		private readonly project: () => Project,
		private readonly answers: Pick<SlowAnswers, 'ask' | 'answering'>,
		first: FirstPlan,
		client: Client = new PlanClient()
	) {
		this.#client = client;
		this.#fits = first === 'here';
		if (first === 'asked') {
			this.#asked = project();
			this.waiting = { kind: 'stopped', why: 'before' };
		}
	}

	/** Whether it fits on the page. */
	readonly isHere: boolean = $derived.by(() => this.#fits && !this.#large.has(this.project()));

	/** A plan of the very project, of one with the same parts, or of its faces alone. */
	readonly settled: Plan = $derived.by(() => {
		const project = this.project();
		const made = this.#made;
		if (made?.project === project) return made.plan;
		if (this.isHere) return this.#planKept(project);
		return made && hasSameParts(made.project, project) ? made.plan : planMeasured(project);
	});
	/** The last plan is of other parts, or there is none: what it would be of, if there is one. */
	readonly lacks: { readonly last: { readonly project: Project; readonly plan: Plan } | null } | null = $derived.by(() => {
		if (this.isHere) return null;
		return this.#made && hasSameParts(this.#made.project, this.project()) ? null : { last: this.#made };
	});
	/** What is shown is of an earlier project. */
	readonly isBehind: boolean = $derived.by(() => !this.isHere && this.#made?.project !== this.project());

	/** Planned on the page, with its memory: what is kept, or is tried by a drag. */
	planHere(project: Project): Plan {
		return this.#planner(project, this.answers.ask);
	}

	/** Of what is kept: where it takes too long it is planned elsewhere from the next edit on. */
	#planKept(project: Project): Plan {
		const began = performance.now();
		const plan = this.answers.answering(() => this.planHere(project));
		const took = performance.now() - began;
		this.#slowRunning = took > FITS.here ? this.#slowRunning + 1 : 0;
		if (took > FITS.once || this.#slowRunning >= RUNNING) queueMicrotask(() => this.#goElsewhere(project, plan));
		return plan;
	}

	/** To be called with each project that is kept: plans it elsewhere, where it does not fit here. */
	follow(): void {
		const project = this.project();
		if (this.isHere || this.#made?.project === project || this.#asked === project) return;
		const isFirst = this.#made === null;
		this.#asked = project;
		clearTimeout(this.#timer);
		this.waiting = { kind: 'working' };
		this.#timer = setTimeout(() => void this.#make(project), isFirst ? 0 : PAUSE);
	}

	stop(why: 'painter' | 'time' = 'painter'): void {
		this.#giveUp(why);
		this.#client.stop();
	}

	/** Once more, because the painter says so. */
	again(): void {
		this.#asked = null;
		this.follow();
	}

	/** The sheets of what is kept, drawn in the worker that planned it. */
	pages(paper: Project['paper']): Promise<Sheet[]> {
		return this.#client.pages(this.project(), paper);
	}

	close(): void {
		clearTimeout(this.#timer);
		this.#client.stop();
	}

	async #make(project: Project): Promise<void> {
		/** What is under way is of no more use; a worker that is at leisure is kept, with what it remembers. */
		if (this.#isPlanning) this.#client.stop();
		this.#isPlanning = true;
		this.waiting = { kind: 'working' };
		this.#timer = setTimeout(() => this.stop('time'), LONGEST);
		let made: MadePlan;
		try {
			made = await this.#client.plan(project);
		} catch {
			if (this.#asked === project && this.waiting.kind === 'working') this.#giveUp('failed');
			return;
		}
		if (this.#asked !== project) return;
		this.#isPlanning = false;
		clearTimeout(this.#timer);
		this.waiting = { kind: 'none' };
		this.#asked = null;
		this.#made = { project, plan: made.plan };
		const fits = this.#wasSlow ? FITS.again : FITS.first;
		this.#fits = made.took <= fits;
		if (this.#fits) return;
		this.#large.add(project);
		if (made.took > ASKED_AGAIN) return;
		/** The first time is slow for reasons of its own, and on a busy machine: what might fit is timed once more. */
		const took = await this.#client.time().catch(() => Infinity);
		if (took > fits) return;
		this.#large.delete(project);
		if (this.#made?.project === project) this.#fits = true;
	}

	#giveUp(why: 'painter' | 'time' | 'failed'): void {
		this.#isPlanning = false;
		clearTimeout(this.#timer);
		this.waiting = { kind: 'stopped', why };
		if (this.#asked) this.#large.add(this.#asked);
	}

	#goElsewhere(project: Project, plan: Plan): void {
		this.#wasSlow = true;
		this.#slowRunning = 0;
		this.#fits = false;
		this.#large.add(project);
		this.#made = { project, plan };
	}
}
