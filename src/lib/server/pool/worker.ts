import { parentPort } from 'node:worker_threads';
import { JOBS, type Jobs } from './jobs';

/** One job at a time, as the pool sends it. What fails is said, and ends nothing. */
parentPort!.on('message', ({ job, input }: { readonly job: keyof Jobs; readonly input: unknown }) => {
	Promise.resolve()
		.then(() => (JOBS[job] as (input: unknown) => unknown)(input))
		.then(
			(value) => parentPort!.postMessage({ ok: true, value }),
			(error: unknown) => parentPort!.postMessage({ ok: false, message: error instanceof Error ? error.message : String(error) })
		);
});

parentPort!.postMessage('ready');
