import { existsSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Jobs } from './jobs';
import { readThreadTime } from './threadTime';

type Job = keyof Jobs;
type Input<J extends Job> = Parameters<Jobs[J]>[0];
type Output<J extends Job> = Awaited<ReturnType<Jobs[J]>>;

/** Why a job came to no end. */
export type Stopped = 'too-long' | 'too-big' | 'busy' | 'failed' | 'closed';

export class JobStopped extends Error {
	constructor(
		readonly why: Stopped,
		message: string
	) {
		super(message);
		this.name = 'JobStopped';
	}
}

export interface PoolLimits {
	readonly size: number;
	/** Of a job that says nothing, ms. It is up when the thread has also had a processor for half of it: a plan is not to blame for a busy machine. */
	readonly time: number;
	/** However little of a processor it had, a job is ended after so many times its time. */
	readonly starved: number;
	/** Of the heap of one worker, MB; and of all that the process may grow by while one works (typed arrays lie outside the heap). */
	readonly heap: number;
	readonly growth: number;
	/** Waiting in line; more are sent away. */
	readonly queue: number;
}

const LIMITS: PoolLimits = { size: 3, time: 1800, starved: 1.5, heap: 384, growth: 900, queue: 200 };

interface Wish {
	/** ms. */
	readonly time?: number;
	/** Asked for by someone who waits for no more than its answer: never behind what takes long. */
	readonly isQuick?: boolean;
}

interface Task {
	readonly job: Job;
	readonly input: unknown;
	readonly time: number;
	readonly isQuick: boolean;
	readonly resolve: (value: never) => void;
	readonly reject: (error: Error) => void;
}

interface Slot {
	worker: Worker | null;
	/** Where its time is read, once it has read its program; only from then on the time of its task is counted. */
	clock: string | null;
	task: Task | null;
	/** Ends its task, and the thread with it. */
	end: ((error: Error) => void) | null;
}

const WORDS: Readonly<Record<Exclude<Stopped, 'failed'>, string>> = {
	'too-long': 'This takes too long to be worked out. Let it have fewer parts, motifs or zones, and try again.',
	'too-big': 'This takes more memory than there is for it. Let it have fewer parts, motifs or zones, and try again.',
	busy: 'The workshop is busy. Nothing has changed; try again in a moment.',
	closed: 'The workshop is being closed.'
};

/** What a thread says when it has read its program: where its time is read. */
export interface Ready {
	readonly clock: string;
}
/** How often the memory is looked at while something is worked out, ms. */
const LOOK = 50;

/**
 * A few threads that work things out, so that the server answers others meanwhile. What takes too long or too much is ended with its thread, and
 * a new one takes its place. One thread is never taken by what may take long.
 */
export class Pool {
	readonly #limits: PoolLimits;
	readonly #slots: Slot[];
	#waiting: Task[] = [];
	#isClosed = false;

	/** `timeOf` tells how long a thread has had a processor, ms, by its clock. */
	constructor(
		limits: Partial<PoolLimits> = {},
		private readonly timeOf: (clock: string) => number = readThreadTime
	) {
		this.#limits = { ...LIMITS, ...limits };
		this.#slots = Array.from({ length: this.#limits.size }, () => ({ worker: null, clock: null, task: null, end: null }));
	}

	/** Works one job out. Throws `JobStopped` where it came to no end. */
	run<J extends Job>(job: J, input: Input<J>, { time = this.#limits.time, isQuick = false }: Wish = {}): Promise<Output<J>> {
		return new Promise((resolve, reject) => {
			if (this.#isClosed) return reject(stopped('closed'));
			if (this.#waiting.length >= this.#limits.queue) return reject(stopped('busy'));
			this.#waiting.push({ job, input, time, isQuick, resolve, reject });
			this.#begin();
		});
	}

	/** Threads stand ready before anyone asks. */
	warm(): void {
		for (const slot of this.#slots) slot.worker ??= this.#start(slot);
	}

	async close(): Promise<void> {
		this.#isClosed = true;
		const [waiting, threads] = [this.#waiting, this.#slots.map(({ worker }) => worker)];
		this.#waiting = [];
		for (const { reject } of waiting) reject(stopped('closed'));
		for (const { end } of this.#slots) end?.(stopped('closed'));
		await Promise.all(threads.map((worker) => worker?.terminate()));
	}

	#begin(): void {
		/** One that has read its program before one that still does. */
		const free = this.#slots.filter(({ task }) => task === null).sort((a, b) => Number(b.clock !== null) - Number(a.clock !== null));
		for (const slot of free) {
			/** The last free one is for what is quick. */
			const isLast = this.#slots.filter(({ task }) => task === null).length === 1 && this.#slots.length > 1;
			const at = this.#waiting.findIndex(({ isQuick }) => isQuick);
			const next = at >= 0 ? at : isLast ? -1 : this.#waiting.length > 0 ? 0 : -1;
			if (next < 0) continue;
			const [task] = this.#waiting.splice(next, 1);
			this.#work(slot, task!);
		}
	}

	#work(slot: Slot, task: Task): void {
		const worker = (slot.worker ??= this.#start(slot));
		slot.task = task;
		let began: { readonly at: number; readonly worked: number; readonly rss: number } | null = null;
		const watch = setInterval(() => {
			if (slot.clock === null) return;
			began ??= { at: performance.now(), worked: this.timeOf(slot.clock), rss: process.memoryUsage.rss() };
			const took = performance.now() - began.at;
			const hadNoProcessor = () => this.timeOf(slot.clock!) - began!.worked < task.time / 2;
			if (took > task.time * this.#limits.starved || (took > task.time && !hadNoProcessor())) end(stopped('too-long'));
			else if (process.memoryUsage.rss() - began.rss > this.#limits.growth * 1e6) end(stopped('too-big'));
		}, LOOK);
		const done = () => {
			clearInterval(watch);
			worker.off('message', answer);
			worker.off('error', fail);
			slot.task = slot.end = null;
			worker.unref();
		};
		/** The thread goes with its job. */
		const end = (error: Error) => {
			done();
			slot.worker = slot.clock = null;
			void worker.terminate();
			/** The next stands ready when it is asked for. */
			if (!this.#isClosed) slot.worker = this.#start(slot);
			task.reject(error);
			this.#begin();
		};
		slot.end = end;
		const answer = (message: Ready | { readonly ok: true; readonly value: never } | { readonly ok: false; readonly message: string }) => {
			if ('clock' in message) return;
			done();
			if (message.ok) task.resolve(message.value);
			else task.reject(new JobStopped('failed', message.message));
			this.#begin();
		};
		const fail = (error: NodeJS.ErrnoException) =>
			end(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? stopped('too-big') : new JobStopped('failed', error.message));
		worker.on('message', answer);
		worker.on('error', fail);
		worker.postMessage({ job: task.job, input: task.input });
	}

	#start(slot: Slot): Worker {
		const worker = new Worker(findWorker(), {
			execArgv: [],
			resourceLimits: { maxOldGenerationSizeMb: this.#limits.heap, maxYoungGenerationSizeMb: 64 }
		});
		slot.clock = null;
		worker.on('message', (message: object) => {
			if ('clock' in message && slot.worker === worker) slot.clock = (message as Ready).clock;
		});
		/** One that ends between two jobs is made anew with the next. */
		worker.once('exit', () => {
			if (slot.worker === worker) slot.worker = slot.clock = null;
		});
		worker.on('error', () => {});
		/** Last: each that listens to it would keep the process alive. */
		worker.unref();
		return worker;
	}
}

function stopped(why: Exclude<Stopped, 'failed'>): JobStopped {
	return new JobStopped(why, WORDS[why]);
}

/** Beside the built server its bundle; where the sources run, the source. */
function findWorker(): string {
	const built = resolve(dirname(process.argv[1] ?? ''), 'pool', 'worker.js');
	if (existsSync(built)) return built;
	return resolve('src/lib/server/pool/source.mjs');
}
