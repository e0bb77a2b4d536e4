import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { readMeanwhile, wordWaits } from '../readMeanwhile';
import { JSON_TYPE, READS, add, addPiece, end, inWorkshop, named, open, tell } from './workshop';

export async function pages(): Promise<void> {
	await inWorkshop('Five readers of the pages of the chart cabinet', async (directory) => {
		const opened = await open(directory);
		const id = await add(opened.address, readFileSync('demo/chart-cabinet.json', 'utf8'));
		const paths = ['measure', 'layout', 'coats', 'mix', 'sheets'].map((screen) => `/pieces/${id}/${screen}`);
		const stop = readMeanwhile(opened.address);
		const times: number[] = [];
		await Promise.all(
			paths.map(async (path) => {
				for (let i = 0; i < 60; i++) {
					const began = performance.now();
					await (await fetch(opened.address + path)).arrayBuffer();
					await (await fetch(`${opened.address}/api/pieces/${id}`)).arrayBuffer();
					times.push(performance.now() - began);
				}
			})
		);
		times.sort((a, b) => a - b);
		tell(`a page and its piece: ${times[150]!.toFixed(0)} ms in the middle of 300, ${times[285]!.toFixed(0)} in 95 of 100`);
		const waits = await stop();
		tell(wordWaits(waits), waits.most < READS.most && waits.worst < READS.worst);
		await end(opened, 'SIGTERM');
	});
}

export async function pictures(): Promise<void> {
	await inWorkshop('A photograph of forty million pixels', async (directory) => {
		const opened = await open(directory);
		const noise = sharp({
			create: { width: 7700, height: 5180, channels: 3, background: '#886644', noise: { type: 'gaussian', mean: 128, sigma: 30 } }
		});
		const photograph = new Uint8Array(await noise.jpeg({ quality: 92 }).toBuffer());
		const stop = readMeanwhile(opened.address);
		let began = performance.now();
		const answer = await fetch(`${opened.address}/api/pictures`, {
			method: 'POST',
			headers: { 'content-type': 'image/jpeg' },
			body: photograph
		});
		const { picture } = (await answer.json()) as { picture: string };
		const took = performance.now() - began;
		tell(`${(photograph.length / 1e6).toFixed(1)} MB taken in ${(took / 1000).toFixed(1)} s`, took < 5000);
		began = performance.now();
		const back = await (await fetch(`${opened.address}/api/pictures/${picture}`)).arrayBuffer();
		tell(`${(back.byteLength / 1e6).toFixed(1)} MB given back in ${(performance.now() - began).toFixed(0)} ms`);
		const waits = await stop();
		tell(wordWaits(waits), waits.most < READS.most && waits.worst < READS.worstBesideOurs);
		await end(opened, 'SIGTERM');
	});
}

export async function copies(): Promise<void> {
	await inWorkshop('A copy while others read and save', async (directory) => {
		const opened = await open(directory);
		for (let i = 0; i < 20; i++) await addPiece(opened.address, `Piece ${i}`);
		const id = await addPiece(opened.address, 'Save 1');
		let [version, isOn] = [1, true];
		const storm = (async () => {
			while (isOn) {
				const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
				if ((await fetch(`${opened.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body })).ok) version++;
			}
		})();
		const stop = readMeanwhile(opened.address);
		const began = performance.now();
		const answer = await fetch(`${opened.address}/api/copies`, { method: 'POST' });
		tell(`made in ${((performance.now() - began) / 1000).toFixed(1)} s`, answer.ok);
		const waits = await stop();
		isOn = false;
		await storm;
		tell(`${version} saves meanwhile; ${wordWaits(waits)}`, waits.most < READS.most && waits.worst < READS.worstBesideOurs);
		await end(opened, 'SIGTERM');
	});
}

export async function load(): Promise<void> {
	await inWorkshop('A machine with twenty other programs at work', async (directory) => {
		const opened = await open(directory);
		const cabinet = readFileSync('demo/chart-cabinet.json', 'utf8');
		const others = Array.from({ length: 20 }, () => spawn(process.execPath, ['-e', 'for (;;);'], { stdio: 'ignore' }));
		const said: Record<number, number> = {};
		const count = (status: number) => (said[status] = (said[status] ?? 0) + 1);
		const ids: string[] = [];
		try {
			for (let i = 0; i < 4; i++) {
				const made = await fetch(`${opened.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: cabinet });
				count(made.status);
				const told = (await made.json()) as { id?: string };
				if (told.id) ids.push(told.id);
				const plan = await fetch(`${opened.address}/api/plan`, { method: 'POST', headers: JSON_TYPE, body: cabinet });
				count(plan.status);
				await plan.text();
				for (const id of ids) {
					const piece = await fetch(`${opened.address}/api/pieces/${id}`);
					count(piece.status);
					await piece.text();
				}
			}
		} finally {
			for (const other of others) other.kill('SIGKILL');
		}
		const statuses = Object.keys(said).map(Number);
		tell(
			`answers: ${Object.entries(said)
				.map(([status, times]) => `${times} times ${status}`)
				.join(', ')}`,
			statuses.every((status) => status < 300 || status === 503)
		);
		type Listed = { cardVersion: number | null; card: { kind: string } | null }[];
		let list: Listed = [];
		for (let i = 0; i < 60; i++) {
			list = (await (await fetch(`${opened.address}/`).then(() => fetch(`${opened.address}/api/pieces`))).json()) as Listed;
			if (list.every(({ card }) => card?.kind === 'sound')) break;
			await new Promise((resolve) => setTimeout(resolve, 500));
		}
		tell(`${list.length} cards, all sound`, list.length > 0 && list.every(({ card }) => card?.kind === 'sound'));
		await end(opened, 'SIGTERM');
	});
}
