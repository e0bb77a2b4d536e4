import { Bench } from 'tinybench';

export interface Row {
	readonly what: string;
	readonly ms: number;
	readonly against: string;
	readonly againstMs: number;
}

/** Times two functions in one run, in turns on the same machine, and prints how they stand to each other. */
export async function compare(what: string, ours: () => unknown, against: string, theirs: () => unknown, time = 600): Promise<Row> {
	const bench = new Bench({ time, warmupTime: time / 3, iterations: 8, warmupIterations: 2 });
	bench.add('ours', () => void ours());
	bench.add('theirs', () => void theirs());
	await bench.run();
	const [ms, againstMs] = bench.tasks.map((task) => {
		const { result } = task;
		if (!result || !('latency' in result)) throw new Error(`${what} could not be timed`);
		return result.latency.p50;
	}) as [number, number];
	return { what, ms, against, againstMs };
}

export function print({ what, ms, against, againstMs }: Row): void {
	const ratio = againstMs >= ms ? `${(againstMs / ms).toFixed(1)} x faster` : `${(ms / againstMs).toFixed(1)} x the time`;
	console.log(`${what.padEnd(52)} ${ms.toFixed(3).padStart(10)} ms   ${against}: ${againstMs.toFixed(3)} ms   ${ratio}`);
}
