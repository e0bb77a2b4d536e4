import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { JOBS, type Jobs } from './jobs';
import type { Ready } from './pool';
import { findThreadTime } from './threadTime';

/** Of this thread alone: who only reads goes first where there are few cores. */
const NICE = 8;
try {
	setPriority(NICE);
} catch {
	/** Where it may not be set the threads are as any other. */
}

/** One job at a time, as the pool sends it. What fails is said, and ends nothing. */
parentPort!.on('message', ({ job, input }: { readonly job: keyof Jobs; readonly input: unknown }) => {
	Promise.resolve()
		.then(() => (JOBS[job] as (input: unknown) => unknown)(input))
		.then(
			(value) => parentPort!.postMessage({ ok: true, value }),
			(error: unknown) => parentPort!.postMessage({ ok: false, message: error instanceof Error ? error.message : String(error) })
		);
});

const ready: Ready = { clock: findThreadTime() };
parentPort!.postMessage(ready);
