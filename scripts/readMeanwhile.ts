/** Reads something plain again and again until it is told to stop; how long each took, ms. */
export function readMeanwhile(address: string) {
	const waits: number[] = [];
	let isOn = true;
	const done = (async () => {
		while (isOn) {
			const began = performance.now();
			await (await fetch(`${address}/api/colours`)).arrayBuffer();
			waits.push(performance.now() - began);
			await new Promise((resolve) => setTimeout(resolve, 15));
		}
	})();
	return async () => {
		isOn = false;
		await done;
		waits.sort((a, b) => a - b);
		const at = (share: number) => waits[Math.min(waits.length - 1, Math.floor(share * waits.length))] ?? 0;
		return { middle: at(0.5), most: at(0.95), worst: at(1), count: waits.length };
	};
}
/** Those waits in words. */
export const wordWaits = ({ middle, most, worst, count }: Awaited<ReturnType<ReturnType<typeof readMeanwhile>>>) =>
	`${count} plain reads beside it: ${middle.toFixed(0)} ms in the middle, ${most.toFixed(0)} in 95 of 100, ${worst.toFixed(0)} at most`;
