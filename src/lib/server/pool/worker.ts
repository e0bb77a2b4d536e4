import { readdirSync, writeFileSync } from 'node:fs';
import { setPriority } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { Jobs } from './jobs';
import type { Answer, Question, Told } from './pool';

/** Who only reads goes first where there are few cores. */
const NICE = Number(process.env['EMBER_NICE']);
/** Where memory is short the kernel takes these before the server: out of 1000. */
const TAKEN_FIRST = '800';

const threads = listThreads();
endWithServer(Number(process.env['EMBER_SERVER']));
attempt(() => writeFileSync('/proc/self/oom_score_adj', TAKEN_FIRST));
for (const thread of threads) attempt(() => setPriority(thread, NICE));
/** Read after the watch is set: it takes the longest. */
const { JOBS } = await import('./jobs');

/** One job at a time, as the pool sends it. What fails is said, and ends nothing. */
process.on('message', ({ job, input }: Question) => {
	Promise.resolve()
		.then(() => (JOBS[job as keyof Jobs] as (input: unknown, isPast: () => void) => unknown)(input, () => tell({ isPast: true })))
		.then(
			(value): Answer => ({ ok: true, value }),
			(error: unknown): Answer => ({ ok: false, message: error instanceof Error ? error.message : String(error) })
		)
		.then(tell);
});
process.once('disconnect', () => process.exit());
tell({ isReady: true });

function tell(what: Answer | Told): void {
	process.send!(what);
}

/** A process at work hears no message, so a thread of its own looks whether the server is still there, and ends all of it where it is not. */
function endWithServer(server: number): void {
	const watch = `
		const { workerData } = require('node:worker_threads');
		const cell = new Int32Array(new SharedArrayBuffer(4));
		while (process.ppid === workerData) Atomics.wait(cell, 0, 0, 400);
		process.kill(process.pid, 'SIGKILL');`;
	new Worker(watch, {
		eval: true,
		execArgv: [],
		workerData: server,
		resourceLimits: { maxOldGenerationSizeMb: 8, maxYoungGenerationSizeMb: 2 }
	}).unref();
}

/** The threads of this process that work; where nobody tells, the one that asks. */
function listThreads(): readonly number[] {
	try {
		return readdirSync('/proc/self/task').map(Number);
	} catch {
		return [0];
	}
}

/** Where it may not be done the processes are as any other. */
function attempt(work: () => void): void {
	try {
		work();
	} catch {
		return;
	}
}
