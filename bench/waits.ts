import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { buildIfNeeded } from '../scripts/build.mjs';
import { readMeanwhile, wordWaits } from '../scripts/readMeanwhile';
import { startServer } from '../scripts/serve.mjs';

const PORT = 5391;
const TIMES = 20;

/** How long a plain read waits beside what the built server is asked for. */
export async function benchWaits(): Promise<void> {
	buildIfNeeded();
	const directory = mkdtempSync(join(tmpdir(), 'ember-bench-'));
	const { address, server } = await startServer({ workshop: directory, port: PORT, stdio: 'ignore' });
	const cabinet = readFileSync('demo/chart-cabinet.json');
	const headers = { 'content-type': 'application/json' };
	const post = (path: string, body: BodyInit, type = headers) => fetch(address + path, { method: 'POST', headers: type, body });
	const photograph = await sharp({
		create: { width: 4000, height: 3000, channels: 3, background: '#886644', noise: { type: 'gaussian', mean: 128, sigma: 30 } }
	})
		.jpeg()
		.toBuffer();
	const times = async (work: () => Promise<Response>) => {
		for (let i = 0; i < TIMES; i++) await (await work()).arrayBuffer();
	};
	const beside: [string, () => Promise<unknown>][] = [
		['nothing', () => new Promise((resolve) => setTimeout(resolve, 500))],
		['plans of the chart cabinet', () => times(() => post('/api/plan', cabinet))],
		['pieces that are added, with their cards', () => times(() => post('/api/pieces', cabinet))],
		['a photograph of 12 million pixels', () => post('/api/pictures', new Uint8Array(photograph), { 'content-type': 'image/jpeg' })],
		['a copy of the workshop', () => post('/api/copies', '')]
	];
	console.log('\nA plain read of the built server, beside');
	for (const [what, work] of beside) {
		const stop = readMeanwhile(address);
		await work();
		console.log(`  ${what}: ${wordWaits(await stop())}`);
	}
	await new Promise<void>((resolve) => {
		server.once('exit', () => resolve());
		server.kill('SIGTERM');
	});
	rmSync(directory, { recursive: true, force: true });
}
