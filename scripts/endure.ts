// What the workshop promises of its server and its data, tried at length: npm run endure [-- hostile kills growth pictures pieces copies] prints what it found.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { hostileCases } from '../tests/hostile/cases';
import { buildIfNeeded } from './build.mjs';
import { readMeanwhile, wordWaits } from './readMeanwhile';
import { freePort, startServer } from './serve.mjs';

const JSON_TYPE = { 'content-type': 'application/json' };
const demo = JSON.parse(readFileSync('tests/fixtures/reed-chest.json', 'utf8')) as { piece: { name: string } };
const named = (name: string) => ({ ...demo, piece: { ...demo.piece, name } });
let faults = 0;

interface Open {
	readonly address: string;
	readonly server: { readonly pid?: number; kill(signal: NodeJS.Signals): boolean; once(event: 'exit', then: () => void): void };
}

/** Opens a workshop, and says how long it took to answer, ms. */
async function open(workshop: string): Promise<Open & { readonly took: number }> {
	const began = performance.now();
	const opened = (await startServer({ workshop, port: await freePort(), stdio: 'ignore' })) as Open;
	return { ...opened, took: performance.now() - began };
}

function end({ server }: Open, signal: NodeJS.Signals): Promise<number> {
	const began = performance.now();
	return new Promise((resolve) => {
		server.once('exit', () => resolve(performance.now() - began));
		server.kill(signal);
	});
}

async function inWorkshop(what: string, work: (directory: string) => Promise<void>): Promise<void> {
	const directory = mkdtempSync(join(tmpdir(), 'ember-endure-'));
	console.log(`\n${what}`);
	try {
		await work(directory);
	} finally {
		rmSync(directory, { recursive: true, force: true });
	}
}

function tell(text: string, isRight = true): void {
	if (!isRight) faults++;
	console.log(`  ${isRight ? ' ' : '!'} ${text}`);
}

async function addPiece(address: string, name: string): Promise<string> {
	const answer = await fetch(`${address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(named(name)) });
	return ((await answer.json()) as { id: string }).id;
}

async function hostile(): Promise<void> {
	await inWorkshop('Hostile input', async (directory) => {
		const opened = await open(directory);
		const id = await addPiece(opened.address, 'Kept');
		const stop = readMeanwhile(opened.address);
		const cases = hostileCases(700);
		let [slowest, slowestName] = [0, ''];
		for (const { name, method, path, headers, body } of cases) {
			const sent = body?.();
			const began = performance.now();
			const answer = await fetch(opened.address + path.replace('{piece}', id), {
				method,
				...(headers ? { headers } : {}),
				...(sent === undefined ? {} : { body: sent }),
				redirect: 'manual',
				signal: AbortSignal.timeout(20_000)
			}).catch((error: unknown) => String(error));
			const said = typeof answer === 'string' ? '' : await answer.text();
			const took = performance.now() - began;
			if (typeof answer === 'string' || answer.status >= 500)
				tell(`${name}: ${typeof answer === 'string' ? answer : `${answer.status} ${said.slice(0, 100)}`}`, false);
			if (took > slowest) [slowest, slowestName] = [took, name];
		}
		tell(`${cases.length} answered, the slowest in ${(slowest / 1000).toFixed(1)} s (${slowestName})`, slowest < 2000);
		tell(wordWaits(await stop()));
		await end(opened, 'SIGTERM');
	});
}

async function kills(): Promise<void> {
	await inWorkshop('Killed in a storm of saves', async (directory) => {
		const ROUNDS = 200;
		let opened = await open(directory);
		const id = await addPiece(opened.address, 'Save 1');
		let [version, answered, slowest] = [1, 0, 0];
		for (let round = 0; round < ROUNDS; round++) {
			const before = answered;
			const storm = (async () => {
				for (;;) {
					const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
					const answer = await fetch(`${opened.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body }).catch(() => null);
					const saved = (await answer?.json().catch(() => null)) as { version?: number } | null;
					if (!answer?.ok || !saved?.version) return;
					version = saved.version;
					answered++;
				}
			})();
			/** From the first that is answered on: its threads are there. */
			while (answered === before) await new Promise((resolve) => setTimeout(resolve, 5));
			await new Promise((resolve) => setTimeout(resolve, (round * 37) % 400));
			await end(opened, 'SIGKILL');
			await storm;
			opened = await open(directory);
			slowest = Math.max(slowest, opened.took);
			const now = (await (await fetch(`${opened.address}/api/pieces/${id}`)).json()) as { version: number; document: typeof demo };
			if (now.version < version || now.version > version + 1 || now.document.piece.name !== `Save ${now.version}`)
				tell(`round ${round}: answered for ${version}, found ${now.version} (${now.document.piece.name})`, false);
			version = now.version;
		}
		tell(`${ROUNDS} kills, ${answered} saves that were answered for, none lost; opened again in ${(slowest / 1000).toFixed(1)} s at most`);
		await end(opened, 'SIGTERM');
	});
}

function sizeOf(directory: string): number {
	return Number(/^\d+/.exec(spawnSync('du', ['-sm', directory], { encoding: 'utf8' }).stdout)![0]);
}

async function growth(): Promise<void> {
	await inWorkshop('Four thousand saves', async (directory) => {
		let opened = await open(directory);
		const id = await addPiece(opened.address, 'Save 1');
		let version = 1;
		const found: { size: number; took: number }[] = [];
		for (const until of [400, 4000]) {
			while (version < until) {
				const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
				const answer = await fetch(`${opened.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body });
				version = ((await answer.json()) as { version: number }).version;
			}
			await end(opened, 'SIGTERM');
			const size = sizeOf(join(directory, 'database'));
			opened = await open(directory);
			found.push({ size, took: opened.took });
			tell(`after ${until} saves: ${size} MB, opened in ${(opened.took / 1000).toFixed(2)} s`);
		}
		const [early, late] = found as [(typeof found)[0], (typeof found)[0]];
		tell(`${(late.size / early.size).toFixed(2)} times the size`, late.size < 2 * early.size);
		await end(opened, 'SIGTERM');
	});
}

async function pictures(): Promise<void> {
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
		tell(wordWaits(waits), waits.worst < 100);
		await end(opened, 'SIGTERM');
	});
}

async function pieces(): Promise<void> {
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

async function copies(): Promise<void> {
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
		tell(`${version} saves meanwhile; ${wordWaits(waits)}`, waits.worst < 100);
		await end(opened, 'SIGTERM');
	});
}

const PARTS = { hostile, kills, growth, pictures, pieces, copies };
const asked = process.argv.slice(2);
buildIfNeeded();
for (const [name, part] of Object.entries(PARTS)) if (asked.length === 0 || asked.includes(name)) await part();
console.log(faults === 0 ? '\nAll of it held.' : `\n${faults} did not hold.`);
process.exit(faults === 0 ? 0 : 1);
