import { once } from 'node:events';
import { Worker } from 'node:worker_threads';

/** Reads something plain again and again, in a thread of its own, until it is told to stop; how long each took, ms. */
export function readMeanwhile(address: string) {
	const thread = new Worker(new URL('readAgain.mjs', import.meta.url), { workerData: address, execArgv: [] });
	return async () => {
		thread.postMessage('stop');
		const [waits] = (await once(thread, 'message')) as [number[]];
		waits.sort((a, b) => a - b);
		const at = (share: number) => waits[Math.min(waits.length - 1, Math.floor(share * waits.length))] ?? 0;
		return { middle: at(0.5), most: at(0.95), worst: at(1), count: waits.length };
	};
}
/** Those waits in words. */
export const wordWaits = ({ middle, most, worst, count }: Awaited<ReturnType<ReturnType<typeof readMeanwhile>>>) =>
	`${count} plain reads beside it: ${middle.toFixed(0)} ms in the middle, ${most.toFixed(0)} in 95 of 100, ${worst.toFixed(0)} at most`;
