import { readFileSync } from 'node:fs';
import { JSON_TYPE, addPiece, end, inWorkshop, open, tell } from './workshop';

export async function pieces(): Promise<void> {
	await inWorkshop('Forty-eight pieces', async (directory) => {
		const opened = await open(directory);
		for (let i = 0; i < 48; i++) await addPiece(opened.address, `Piece ${i}`);
		type Listed = { version: number; cardVersion: number | null }[];
		for (let i = 0; i < 200; i++) {
			const list = (await (await fetch(`${opened.address}/api/pieces`)).json()) as Listed;
			if (list.every(({ version, cardVersion }) => version === cardVersion)) break;
			await new Promise((resolve) => setTimeout(resolve, 250));
		}
		const times: number[] = [];
		for (let i = 0; i < 20; i++) {
			const began = performance.now();
			await (await fetch(opened.address)).arrayBuffer();
			times.push(performance.now() - began);
		}
		times.sort((a, b) => a - b);
		tell(`the page of pieces: ${times[10]!.toFixed(0)} ms in the middle of twenty`, times[10]! < 100);
		tell(`closed in ${(await end(opened, 'SIGTERM')).toFixed(0)} ms`);
		const again = await open(directory);
		tell(`opened again in ${(again.took / 1000).toFixed(2)} s`, again.took < 2000);
		await end(again, 'SIGTERM');
	});
}

export async function processes(): Promise<void> {
	await inWorkshop('What the processes cost', async (directory) => {
		const opened = await open(directory);
		const pid = opened.server.pid!;
		await new Promise((resolve) => setTimeout(resolve, 3000));
		const children = () => readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean).map(Number);
		const memory = (of: number) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${of}/status`, 'utf8'))![1]) / 1000;
		const idle = children();
		tell(
			`${idle.length} processes of ${idle.map((one) => memory(one).toFixed(0)).join(', ')} MB, beside a server of ${memory(pid).toFixed(0)} MB`
		);
		for (let i = 0; i < 6; i++)
			await fetch(`${opened.address}/api/plan`, {
				method: 'POST',
				headers: JSON_TYPE,
				body: readFileSync('demo/chart-cabinet.json', 'utf8')
			});
		tell(
			`after six plans of the chart cabinet: ${children()
				.map((one) => memory(one).toFixed(0))
				.join(', ')} MB`
		);
		await end(opened, 'SIGKILL');
		const began = performance.now();
		const isThere = (one: number) => {
			try {
				return !/\) Z /.test(readFileSync(`/proc/${one}/stat`, 'utf8'));
			} catch {
				return false;
			}
		};
		while (idle.some(isThere) && performance.now() - began < 10_000) await new Promise((resolve) => setTimeout(resolve, 20));
		tell(`gone ${(performance.now() - began).toFixed(0)} ms after the server was killed`, performance.now() - began < 2000);
	});
}
