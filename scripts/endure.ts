// What the workshop promises of its server and its data, tried at length: npm run endure [-- hostile stretched pages kills growth pictures pieces copies restores disk load processes] prints what it found.
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { hostileCases, metDoor, stretched, type HostileCase } from '../tests/hostile/cases';
import { CAN_MOUNT, fillDisk, mountDisk } from '../tests/hostile/smallDisk';
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
async function open(workshop: string, within: readonly string[] = []): Promise<Open & { readonly took: number }> {
	const began = performance.now();
	const opened = (await startServer({ workshop, port: await freePort(), stdio: 'ignore', within: [...within] })) as Open;
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

/** One case, with its time; what is amiss is told. */
async function send(address: string, id: string, { name, method, path, headers, body, own, door }: HostileCase) {
	const made = own ? await add(address, JSON.stringify(own())) : '';
	const sent = body?.();
	const began = performance.now();
	const answer = await fetch(address + path.replace('{piece}', id).replace('{own}', made), {
		method,
		...(headers ? { headers } : {}),
		...(sent === undefined ? {} : { body: sent }),
		redirect: 'manual',
		signal: AbortSignal.timeout(20_000)
	}).catch((error: unknown) => String(error));
	const said = typeof answer === 'string' ? answer : await answer.text();
	const took = performance.now() - began;
	const status = typeof answer === 'string' ? 0 : answer.status;
	if (status === 0 || status >= 500) tell(`${name}: ${status} ${said.slice(0, 100)}`, false);
	else if (!metDoor(door, status, said)) tell(`${name}: never came to its door: ${status} ${said.slice(0, 100)}`, false);
	return { status, took, wasStopped: said.includes('"pool.') };
}

async function add(address: string, piece: string): Promise<string> {
	const answer = await fetch(`${address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: piece });
	return ((await answer.json()) as { id: string }).id;
}

/** What is promised of plain reads beside anything, ms. */
const READS = { most: 50, worst: 150 };

async function throughCases(what: string, cases: readonly HostileCase[]): Promise<void> {
	await inWorkshop(what, async (directory) => {
		const opened = await open(directory);
		const id = await addPiece(opened.address, 'Kept');
		const stop = readMeanwhile(opened.address);
		let [slowest, slowestName, read, ended] = [0, '', 0, 0];
		for (const one of cases) {
			const { status, took, wasStopped } = await send(opened.address, id, one);
			if (status < 300) read++;
			if (wasStopped) ended++;
			if (took > slowest) [slowest, slowestName] = [took, one.name];
		}
		tell(`${cases.length} answered, the slowest in ${(slowest / 1000).toFixed(1)} s (${slowestName})`, slowest < 2000);
		tell(`${read} were read and worked out, ${ended} ended with their process`);
		const waits = await stop();
		tell(wordWaits(waits), waits.most < READS.most && waits.worst < READS.worst);
		const kept = (await (await fetch(`${opened.address}/api/pieces/${id}`)).json()) as { document: typeof demo };
		tell('the piece beside it is as it was', kept.document.piece.name === 'Kept');
		await end(opened, 'SIGTERM');
	});
}

const hostile = () => throughCases('Hostile input', hostileCases(900));
const stretchedPieces = () =>
	throughCases(
		'Sound pieces with figures at their extremes',
		Array.from({ length: Number(process.env['EMBER_CASES'] ?? 2000) }, (_, i) => stretched(i + 1))
	);

async function pages(): Promise<void> {
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

async function kills(): Promise<void> {
	await inWorkshop('Killed in a storm of saves', async (directory) => {
		/** Fewer for a short look. */
		const ROUNDS = Number(process.env['EMBER_ROUNDS'] ?? 200);
		let opened = await open(directory);
		const id = await addPiece(opened.address, 'Save 1');
		let [version, answered] = [1, 0];
		const starts: number[] = [];
		const [motifs, colours] = [new Set<string>(), new Set<string>()];
		const keep = async (path: string, value: { readonly id: string }, of: Set<string>) => {
			const answer = await fetch(opened.address + path, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(value) }).catch(
				() => null
			);
			/** Whole, or it was not answered for. */
			if (answer?.status === 201 && (await answer.text().catch(() => ''))) of.add(value.id);
		};
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
			const beside = (async () => {
				for (let i = 0; i < 4; i++) {
					const own = `r${round}-${i}`;
					await keep(
						'/api/motifs',
						{ id: own, name: own, width: 9, height: 9, paths: [{ d: 'M0 0H9V9Z', rule: 'nonzero' }] } as never,
						motifs
					);
					await keep('/api/colours', { id: own, name: own, hex: '#336699', opacity: 0.9 } as never, colours);
				}
			})();
			await new Promise((resolve) => setTimeout(resolve, (round * 37) % 400));
			await end(opened, 'SIGKILL');
			await Promise.all([storm, beside]);
			opened = await open(directory);
			starts.push(opened.took);
			for (const [path, of] of [
				['/api/motifs', motifs],
				['/api/colours', colours]
			] as const) {
				const there = new Set(((await (await fetch(opened.address + path)).json()) as { id: string }[]).map((one) => one.id));
				const lost = [...of].filter((one) => !there.has(one));
				if (lost.length > 0) tell(`round ${round}: ${path} lost ${lost.join()}`, false);
			}
			const now = (await (await fetch(`${opened.address}/api/pieces/${id}`)).json()) as { version: number; document: typeof demo };
			if (now.version < version || now.version > version + 1 || now.document.piece.name !== `Save ${now.version}`)
				tell(`round ${round}: answered for ${version}, found ${now.version} (${now.document.piece.name})`, false);
			version = now.version;
		}
		starts.sort((a, b) => a - b);
		const [most, worst] = [starts[Math.floor(0.95 * ROUNDS)]!, starts.at(-1)!];
		tell(`${ROUNDS} kills; answered for were ${answered} saves, ${motifs.size} motifs and ${colours.size} colours`);
		tell(`opened again in ${(most / 1000).toFixed(2)} s in 95 of 100, ${(worst / 1000).toFixed(2)} at most`, most < 2000 && worst < 4000);
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
		tell(wordWaits(waits), waits.most < READS.most && waits.worst < READS.worst);
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
		tell(`${version} saves meanwhile; ${wordWaits(waits)}`, waits.most < READS.most && waits.worst < READS.worst);
		await end(opened, 'SIGTERM');
	});
}

async function restores(): Promise<void> {
	await inWorkshop('Killed while a copy is put back', async (directory) => {
		const ROUNDS = 24;
		let opened = await open(directory);
		await addPiece(opened.address, 'Then');
		const { name } = (await (await fetch(`${opened.address}/api/copies`, { method: 'POST' })).json()) as { name: string };
		await addPiece(opened.address, 'Since');
		const seen = { before: 0, after: 0 };
		for (let round = 0; round < ROUNDS; round++) {
			const putting = fetch(`${opened.address}/api/copies/${name}`, { method: 'POST' }).catch(() => null);
			await new Promise((resolve) => setTimeout(resolve, 150 * round));
			await end(opened, 'SIGKILL');
			await putting;
			opened = await open(directory);
			const pieces = ((await (await fetch(`${opened.address}/api/pieces`)).json()) as { name: string }[])
				.map((one) => one.name)
				.sort()
				.join();
			if (pieces === 'Then') {
				seen.after++;
				await addPiece(opened.address, 'Since');
			} else if (pieces === 'Since,Then') seen.before++;
			else tell(`round ${round}: found ${pieces || 'nothing'}`, false);
		}
		tell(`${ROUNDS} kills: ${seen.before} times as before, ${seen.after} times put back`);
		const aside = ((await (await fetch(`${opened.address}/api/copies`)).json()) as { how: string }[]).filter(
			({ how }) => how === 'put-aside'
		).length;
		tell(`${aside} put aside are in the list`, aside >= seen.after);
		await end(opened, 'SIGTERM');
	});
}

async function disk(): Promise<void> {
	if (!CAN_MOUNT) return tell('This machine lets nobody mount a disk of his own: a full one was not tried.');
	for (const [what, size, files] of [
		['A disk of 260 MB', 260, 0],
		['A disk with room for few files', 400, 1250]
	] as const)
		await inWorkshop(what, async (directory) => {
			const small = await mountDisk(directory, size, files);
			try {
				const opened = await open(directory, small.within);
				const id = await addPiece(opened.address, 'Kept');
				let version = 1;
				const save = async () => {
					const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
					const answer = await fetch(`${opened.address}/api/pieces/${id}`, {
						method: 'PUT',
						headers: JSON_TYPE,
						body,
						signal: AbortSignal.timeout(5000)
					});
					const said = (await answer.json()) as { errors?: { message: string }[] };
					if (answer.ok) version++;
					return { status: answer.status, words: said.errors?.[0]?.message ?? '' };
				};
				for (let i = 0; i < 5; i++) await save();
				/** By then it has its reserve. */
				if (files > 0) await new Promise((resolve) => setTimeout(resolve, 13_000));
				if (files > 0) {
					let made = 0;
					try {
						for (; ; made++) writeFileSync(join(small.seen, `file-${made}`), '');
					} catch {
						tell(`${made} files, and no room for one more`);
					}
				} else await fillDisk(join(small.seen, 'fill'));
				const { status, words } = await save();
				tell(`a save is refused in words: ${words.slice(0, 90)}`, status === 507);
				tell('reads are answered', (await fetch(`${opened.address}/api/pieces/${id}`)).ok);
				await end(opened, 'SIGTERM');
				const again = await open(directory, small.within);
				const kept = (await (await fetch(`${again.address}/api/pieces/${id}`)).json()) as { version: number };
				tell(`opened again, full as it is, with all ${version} versions`, kept.version === version);
				await end(again, 'SIGTERM');
				for (const name of readdirSync(small.seen)) if (/^fi(ll|le-)/.test(name)) rmSync(join(small.seen, name));
				const free = await open(directory, small.within);
				const body = JSON.stringify({ version, document: named('Free') });
				tell('with room it saves again', (await fetch(`${free.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body })).ok);
				await end(free, 'SIGTERM');
			} finally {
				small.drop();
			}
		});
}

async function load(): Promise<void> {
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

async function processes(): Promise<void> {
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

const PARTS = {
	hostile,
	stretched: stretchedPieces,
	pages,
	kills,
	growth,
	pictures,
	pieces,
	copies,
	restores,
	disk,
	load,
	processes
};
const asked = process.argv.slice(2);
buildIfNeeded();
for (const [name, part] of Object.entries(PARTS)) if (asked.length === 0 || asked.includes(name)) await part();
console.log(faults === 0 ? '\nAll of it held.' : `\n${faults} did not hold.`);
process.exit(faults === 0 ? 0 : 1);
