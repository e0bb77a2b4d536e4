// A thread that reads something plain again and again until it is told to stop, and gives how long each took, ms: whoever sends a lot meanwhile is not measured with it.
import { parentPort, workerData } from 'node:worker_threads';

const read = async () => (await fetch(`${workerData}/api/colours`)).arrayBuffer();
/** The first loads what it is asked with. */
await read();
const waits = [];
let isOn = true;
parentPort.once('message', () => (isOn = false));
while (isOn) {
	const began = performance.now();
	await read();
	waits.push(performance.now() - began);
	await new Promise((resolve) => setTimeout(resolve, 15));
}
parentPort.postMessage(waits);
