import { fork, type ChildProcess } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import type { Jobs } from './jobs';
import { readProcess, type ProcessFigures } from './readProcess';

type Job = keyof Jobs;
type Input<J extends Job> = Parameters<Jobs[J]>[0];
type Output<J extends Job> = Awaited<ReturnType<Jobs[J]>>;

/** Why a job came to no end. `busy`: it had no processor, or no turn; it is not to blame. */
export type Stopped = 'too-long' | 'too-big' | 'busy' | 'failed' | 'closed';

/** What a process is asked, and what it says; first that it has read its program. */
export interface Question {
	readonly job: string;
	readonly input: unknown;
}
export type Told = { readonly isReady: true } | { readonly isPast: true };
export type Answer = { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly message: string };

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
	/** Of a job that says nothing, ms. It is up when its process has also had a processor for most of it: a plan is not to blame for a busy machine. */
	readonly time: number;
	/** However little of a processor it had, a job is ended after so many times its time, and told to be tried again; one that is quick needs little of it, and is waited for longer. */
	readonly starved: number;
	readonly starvedQuick: number;
	/** Of the heap of one process, MB; and of all that it may grow by in one job (typed arrays lie outside the heap). */
	readonly heap: number;
	readonly growth: number;
	/** Waiting in line; more are sent away. */
	readonly queue: number;
	/** A process that nobody has asked for so long is let go, ms. */
	readonly idle: number;
	/** How far they stand back behind others, as the system counts it: 0 to 19. */
	readonly nice: number;
}

const LIMITS: PoolLimits = {
	size: 3,
	time: 1800,
	starved: 1.5,
	starvedQuick: 5,
	heap: 384,
	growth: 900,
	queue: 200,
	idle: Infinity,
	nice: 8
};

/** A job that had a processor for so much of its time had its chance. */
const ITS_SHARE = 0.85;

interface Wish {
	/** ms. */
	readonly time?: number;
	/** So much more once it says that it is past what might come to no end, ms. */
	readonly more?: number;
	/** Asked for by someone who waits for no more than its answer: never behind what takes long. */
	readonly isQuick?: boolean;
}

interface Task {
	readonly job: Job;
	readonly input: unknown;
	readonly time: number;
	readonly more: number;
	readonly isQuick: boolean;
	readonly resolve: (value: never) => void;
	readonly reject: (error: Error) => void;
}

interface Slot {
	child: ChildProcess | null;
	/** It has read its program; only from then on the time of its task is counted. */
	isReady: boolean;
	task: Task | null;
	/** Ends its task, and the process with it. */
	end: ((error: Error) => void) | null;
	letGo: NodeJS.Timeout | null;
}

const WORDS: Readonly<Record<Exclude<Stopped, 'failed'>, string>> = {
	'too-long': 'This takes too long to be worked out. Let it have fewer parts, motifs or zones, and try again.',
	'too-big': 'This takes more memory than there is for it. Let it have fewer parts, motifs or zones, and try again.',
	busy: 'The workshop is busy. Nothing has changed; try again in a moment.',
	closed: 'The workshop is being closed.'
};

/** How often time and memory are looked at while something is worked out, ms. */
const LOOK = 50;
/** Until a process has read its program, at most, ms. */
const READING = 20_000;
/** As the system says that a program gave itself up, or was taken for its memory. */
const OUT_OF_MEMORY: ReadonlySet<unknown> = new Set(['SIGABRT', 'SIGKILL', 'SIGTRAP', 134]);

/**
 * A few processes that work things out, so that the server answers others meanwhile, and goes on where one of them runs out of memory. What takes
 * too long or too much is ended with its process, and a new one takes its place. One is never taken by what may take long.
 */
export class Pool {
	readonly #limits: PoolLimits;
	readonly #slots: Slot[];
	#waiting: Task[] = [];
	#isClosed = false;

	constructor(
		limits: Partial<PoolLimits> = {},
		private readonly figuresOf: (pid: number) => ProcessFigures = readProcess
	) {
		this.#limits = { ...LIMITS, ...limits };
		this.#slots = Array.from({ length: this.#limits.size }, () => ({ child: null, isReady: false, task: null, end: null, letGo: null }));
	}

	/** Works one job out. Throws `JobStopped` where it came to no end. */
	run<J extends Job>(job: J, input: Input<J>, { time = this.#limits.time, more = 0, isQuick = false }: Wish = {}): Promise<Output<J>> {
		return new Promise((resolve, reject) => {
			if (this.#isClosed) return reject(stopped('closed'));
			if (this.#waiting.length >= this.#limits.queue) return reject(stopped('busy'));
			this.#waiting.push({ job, input, time, more, isQuick, resolve, reject });
			this.#begin();
		});
	}

	/** Processes stand ready before anyone asks. */
	warm(): void {
		for (const slot of this.#slots) if (!this.#isClosed) slot.child ??= this.#start(slot);
	}

	/** The processes that are there. */
	get pids(): readonly number[] {
		return this.#slots.flatMap(({ child }) => child?.pid ?? []);
	}

	async close(): Promise<void> {
		this.#isClosed = true;
		const [waiting, children] = [this.#waiting, this.#slots.flatMap(({ child }) => child ?? [])];
		this.#waiting = [];
		for (const { reject } of waiting) reject(stopped('closed'));
		for (const slot of this.#slots) {
			slot.end?.(stopped('closed'));
			if (slot.letGo) clearTimeout(slot.letGo);
		}
		await Promise.all(children.map(endProcess));
	}

	#begin(): void {
		/** One that has read its program before one that still does. */
		const free = this.#slots.filter(({ task }) => task === null).sort((a, b) => Number(b.isReady) - Number(a.isReady));
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
		const child = (slot.child ??= this.#start(slot));
		slot.task = task;
		if (slot.letGo) clearTimeout(slot.letGo);
		let began: ({ readonly at: number } & ProcessFigures) | null = null;
		let { time } = task;
		const taken = performance.now();
		const patience = task.isQuick ? this.#limits.starvedQuick : this.#limits.starved;
		const watch = setInterval(() => {
			if (!slot.isReady) {
				/** One that cannot even read its program has no processor, or no memory. */
				if (performance.now() - taken > READING) end(stopped('busy'));
				return;
			}
			const now = this.figuresOf(child.pid!);
			began ??= { at: performance.now(), ...now };
			const took = performance.now() - began.at;
			/** Where nobody tells, the clock alone counts. */
			const hadItsTime = !(now.worked - began.worked < time * ITS_SHARE);
			if (took > time && hadItsTime) end(stopped('too-long'));
			else if (took > time * patience) end(stopped('busy'));
			else if (now.memory - began.memory > this.#limits.growth * 1e6) end(stopped('too-big'));
		}, LOOK);
		const done = () => {
			clearInterval(watch);
			child.off('message', answer);
			child.off('exit', died);
			child.off('error', neverBegan);
			slot.task = slot.end = null;
			if (Number.isFinite(this.#limits.idle)) slot.letGo = setTimeout(() => this.#letGo(slot), this.#limits.idle).unref();
		};
		/** The process goes with its job. */
		const end = (error: Error) => {
			done();
			slot.child = null;
			void endProcess(child);
			/** The next stands ready when it is asked for. */
			if (!this.#isClosed && !Number.isFinite(this.#limits.idle)) slot.child = this.#start(slot);
			task.reject(error);
			this.#begin();
		};
		slot.end = end;
		const answer = (message: Answer | Told) => {
			if ('isPast' in message) time += task.more;
			if (!('ok' in message)) return;
			done();
			if (message.ok) task.resolve(message.value as never);
			else task.reject(new JobStopped('failed', message.message));
			this.#begin();
		};
		const died = (code: number | null, signal: string | null) =>
			end(OUT_OF_MEMORY.has(signal ?? code) ? stopped('too-big') : new JobStopped('failed', 'what works it out ended'));
		/** The system had no room for another process. */
		const neverBegan = () => end(stopped('busy'));
		child.on('message', answer);
		child.on('exit', died);
		child.on('error', neverBegan);
		/** One that has just ended says so itself. */
		child.send({ job: task.job, input: task.input } satisfies Question, () => {});
	}

	/** Holds nothing of the server but its own channel: neither its lock nor its socket. */
	#start(slot: Slot): ChildProcess {
		const child = fork(findWorker(), {
			execArgv: [`--max-old-space-size=${this.#limits.heap}`],
			env: { ...process.env, NODE_OPTIONS: '', EMBER_SERVER: String(process.pid), EMBER_NICE: String(this.#limits.nice) },
			serialization: 'advanced',
			stdio: ['ignore', 'ignore', 'ignore', 'ipc']
		});
		slot.isReady = false;
		child.on('message', (message: object) => {
			if ('isReady' in message && slot.child === child) slot.isReady = true;
		});
		/** One that ends between two jobs is made anew with the next. */
		child.once('exit', () => {
			if (slot.child !== child) return;
			slot.child = null;
			slot.isReady = false;
		});
		child.on('error', () => {});
		/** Last: each that listens to it would keep the server alive. */
		child.unref();
		child.channel?.unref();
		return child;
	}

	#letGo(slot: Slot): void {
		if (slot.task !== null || slot.child === null) return;
		const { child } = slot;
		slot.child = null;
		slot.isReady = false;
		void endProcess(child);
	}
}

/** Resolves when it is gone. */
function endProcess(child: ChildProcess): Promise<void> {
	if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
	return new Promise((resolve) => {
		child.once('exit', () => resolve());
		child.kill('SIGKILL');
	});
}

function stopped(why: Exclude<Stopped, 'failed'>): JobStopped {
	return new JobStopped(why, WORDS[why]);
}

/** Beside the built server its bundle; where the sources run, the source, or the bundle that tests have made of it (`EMBER_POOL`). */
function findWorker(): string {
	const made = process.env['EMBER_POOL'];
	if (made) return made;
	const built = resolve(dirname(process.argv[1] ?? ''), 'worker.js');
	if (existsSync(built)) return built;
	return resolve('src/lib/server/pool/source.mjs');
}
