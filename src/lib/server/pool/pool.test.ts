import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, readdirSync, readFileSync, readlinkSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { afterAll, describe, expect, it, vi } from 'vitest';
import { JobStopped, Pool } from './index';
import { readProcess } from './readProcess';
import { kindOfPicture } from './kindOfPicture';

const file = new Uint8Array(await readFile('tests/fixtures/reed-chest.json'));
const demo = JSON.parse(new TextDecoder().decode(file));
const bytes = (value: unknown) => new TextEncoder().encode(typeof value === 'string' ? value : JSON.stringify(value));

describe('the processes', () => {
	const pool = new Pool({ size: 2 });
	afterAll(() => pool.close());
	const why = (work: Promise<unknown>) =>
		work.then(
			() => 'done',
			(error: unknown) => (error instanceof JobStopped ? error.why : 'another fault')
		);

	it('work a job out as it would be here', async () => {
		const { read, text } = await pool.run('plan', file, { time: 20_000 });
		expect(read).toBe(true);
		expect(JSON.parse(text)).toMatchObject({ format: 'ember-ribbon/plan', errors: [] });
	});

	it('say what is wrong with what they cannot read', async () => {
		expect(await pool.run('readPiece', bytes('{'))).toMatchObject({ ok: false, issues: [{ code: 'file.not-json' }] });
		expect(await pool.run('readMotifText', bytes('no'))).toMatchObject({ ok: false, issues: [{ code: 'file.not-json' }] });
		expect(await pool.run('readColourText', bytes({ id: 'a' }))).toMatchObject({ ok: false });
	});

	it('end what takes too long with its process; the next job finds another', async () => {
		/** A heavy one: it is looked at every 50 ms only. */
		const heavy = new Uint8Array(await readFile('demo/chart-cabinet.json'));
		/** However little of a processor it gets beside other tests, it is not taken for starved. */
		const patient = new Pool({ size: 1, starved: 1e6 });
		expect(await why(patient.run('plan', heavy, { time: 1 }))).toBe('too-long');
		expect(await why(patient.run('plan', file, { time: 20_000 }))).toBe('done');
		await patient.close();
	});

	it('do not blame what had no processor: it is told that the workshop is busy, and only after half as long again', async () => {
		const heavy = new Uint8Array(await readFile('demo/chart-cabinet.json'));
		const idle = (pid: number) => ({ ...readProcess(pid), worked: 0 });
		const starved = new Pool({ size: 1, starved: 20 }, idle);
		await starved.run('plan', heavy, { time: 20_000 });
		const began = performance.now();
		await starved.run('plan', heavy, { time: 20_000 });
		const time = (performance.now() - began) / 2;
		expect(await why(starved.run('plan', heavy, { time }))).toBe('done');
		await starved.close();
		const cold = new Pool({ size: 1 }, idle);
		expect(await why(cold.run('plan', heavy, { time: 1 }))).toBe('busy');
		/** What is quick needs little, and is waited for. */
		const patient = new Pool({ size: 1, starvedQuick: 20 }, idle);
		await patient.run('plan', heavy, { time: 20_000 });
		expect(await why(patient.run('plan', heavy, { time, isQuick: true }))).toBe('done');
		await patient.close();
		await cold.close();
	});

	it('are asked how long they had a processor, and what they hold; where nobody tells, the clock alone counts', async () => {
		const before = readProcess(process.pid);
		for (const end = performance.now() + 80; performance.now() < end;);
		const after = readProcess(process.pid);
		expect(process.platform !== 'linux' || (after.worked - before.worked > 5 && after.worked - before.worked < 500)).toBe(true);
		expect(process.platform !== 'linux' || Math.abs(after.memory / process.memoryUsage.rss() - 1) < 0.5).toBe(true);
		expect(readProcess(-1)).toEqual({ worked: NaN, memory: NaN });
		const untold = new Pool({ size: 1 }, () => ({ worked: NaN, memory: NaN }));
		const heavy = new Uint8Array(await readFile('demo/chart-cabinet.json'));
		expect(await why(untold.run('plan', heavy, { time: 1 }))).toBe('too-long');
		await untold.close();
	});

	it('go before the server where memory is short, behind it where cores are few, and hold nothing of it but their channel', async () => {
		await Promise.all([pool.run('plan', file), pool.run('readPiece', file, { isQuick: true })]);
		if (!existsSync('/proc/self/fd')) return;
		expect(pool.pids).toHaveLength(2);
		const own = readdirSync('/proc/self/fd').flatMap((fd) => {
			try {
				return readlinkSync(`/proc/self/fd/${fd}`);
			} catch {
				return [];
			}
		});
		for (const pid of pool.pids) {
			expect(Number(readFileSync(`/proc/${pid}/oom_score_adj`, 'utf8'))).toBe(800);
			expect(readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ')[16]).toBe('8');
			const sockets = readdirSync(`/proc/${pid}/fd`).map((fd) => readlinkSync(`/proc/${pid}/fd/${fd}`));
			expect(sockets.filter((name) => name.startsWith('socket:') && own.includes(name))).toEqual([]);
		}
	});

	it('are gone within two seconds of the server that is killed, busy or not', async () => {
		const heavy = `const { Pool } = await import('./src/lib/server/pool/pool.ts');
			const pool = new Pool({ size: 2 });
			await pool.run('plan', new Uint8Array((await import('node:fs')).readFileSync('tests/fixtures/reed-chest.json')), { time: 30_000 });
			const big = new TextEncoder().encode('['.repeat(4e6) + ']'.repeat(4e6));
			void pool.run('plan', big, { time: 60_000 }).catch(() => {});
			pool.warm();
			setTimeout(() => process.stdout.write(pool.pids.join() + ';'), 300);
			setInterval(() => {}, 1000);`;
		const server = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', heavy], {
			stdio: ['ignore', 'pipe', 'inherit']
		});
		const [said] = (await once(server.stdout, 'data')) as [Buffer];
		const pids = String(said).replace(';', '').split(',').map(Number);
		expect(pids).toHaveLength(2);
		server.kill('SIGKILL');
		await once(server, 'exit');
		const isThere = (pid: number) => existsSync(`/proc/${pid}`) && !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, 'utf8'));
		for (const end = performance.now() + 2000; performance.now() < end && pids.some(isThere);)
			await new Promise((resolve) => setTimeout(resolve, 50));
		expect(pids.filter(isThere)).toEqual([]);
	}, 30_000);

	it('that nobody asks for are let go where that is wished, and made anew', async () => {
		const seldom = new Pool({ size: 1, idle: 60 });
		expect(await why(seldom.run('plan', file, { time: 20_000 }))).toBe('done');
		expect(seldom.pids).toHaveLength(1);
		await new Promise((resolve) => setTimeout(resolve, 200));
		expect(seldom.pids).toEqual([]);
		expect(await why(seldom.run('plan', file, { time: 20_000 }))).toBe('done');
		await seldom.close();
	});

	it('give more time to what says that it is past what might come to no end', async () => {
		const document = await readFile('demo/sail-loft-chest.json', 'utf8');
		const font = new Uint8Array(await readFile('node_modules/@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff'));
		const wish = { document, of: 'placement-sheet', paper: null, fonts: { regular: font, bold: font } } as const;
		const one = new Pool({ size: 1, starved: 1e6 });
		await one.run('pdf', wish, { time: 30_000 });
		const timed = async (work: () => Promise<unknown>) => {
			const began = performance.now();
			await work();
			return performance.now() - began;
		};
		/** Some time is enough for the plan, and too little for its pages too: with more they are done, without they are not. How much, on a busy machine, is halved in upon. */
		let [least, most] = [0, await timed(() => one.run('pdf', wish, { time: 30_000 }))];
		const told: (readonly [string, string])[] = [];
		for (let k = 0; k < 10; k++) {
			const time = (least + most) / 2;
			told.push([await why(one.run('pdf', wish, { time, more: 30_000 })), await why(one.run('pdf', wish, { time }))]);
			const [withMore, without] = told.at(-1)!;
			if (withMore === 'done' && without === 'too-long') break;
			if (withMore === 'done') most = time;
			else least = time;
		}
		expect(told.at(-1)).toEqual(['done', 'too-long']);
		await one.close();
	}, 60_000);

	it('end what takes too much of the heap, or of the memory beside it', async () => {
		const small = new Pool({ size: 1, heap: 24 });
		expect(await why(small.run('plan', bytes(`[${'[],'.repeat(2.5e6)}[]]`), { time: 20_000 }))).toBe('too-big');
		expect(await why(small.run('readPiece', bytes('{')))).toBe('done');
		await small.close();
		const narrow = new Pool({ size: 1, growth: 1 });
		const heavy = new Uint8Array(await readFile('demo/chart-cabinet.json'));
		expect(await why(narrow.run('plan', heavy, { time: 20_000 }))).toBe('too-big');
		await narrow.close();
	});

	it('keep one for what is quick, however much of the slow waits; send away what is too much, and what comes after they are closed', async () => {
		const busy = new Pool({ size: 2, queue: 6 });
		await Promise.all([busy.run('plan', file), busy.run('readPiece', file, { isQuick: true })]);
		const ends: string[] = [];
		const slow = Array.from({ length: 6 }, () => busy.run('plan', file).then(() => ends.push('slow')));
		expect(await why(busy.run('readPiece', file, { isQuick: true }).then(() => ends.push('quick')))).toBe('done');
		expect(ends.filter((end) => end === 'slow').length).toBeLessThan(3);
		const more = Array.from({ length: 9 }, () => why(busy.run('plan', file)));
		const told = await Promise.all(more);
		expect(told).toContain('busy');
		await Promise.all(slow);
		await busy.close();
		expect(await why(busy.run('plan', file))).toBe('closed');
	});

	it('leave nothing behind that keeps the process alive when they are closed in the midst of work', async () => {
		const [begun, ended] = [vi.spyOn(globalThis, 'setInterval'), vi.spyOn(globalThis, 'clearInterval')];
		const closed = new Pool({ size: 2 });
		const told = Promise.all(Array.from({ length: 4 }, () => why(closed.run('plan', file, { time: 60_000 }))));
		await new Promise((resolve) => setTimeout(resolve, 20));
		const watches = begun.mock.results.map(({ value }) => value as NodeJS.Timeout);
		/** The other thread is kept for what is quick. */
		expect(watches).toHaveLength(1);
		await closed.close();
		expect(await told).toEqual(['closed', 'closed', 'closed', 'closed']);
		expect(begun).toHaveBeenCalledTimes(1);
		for (const watch of watches) expect(ended).toHaveBeenCalledWith(watch);
		vi.restoreAllMocks();
	});
});

describe('what they read', () => {
	const pool = new Pool({ size: 2 });
	afterAll(() => pool.close());
	const LAST = 2 ** 31 - 1;
	const save = (more: object) => pool.run('readSave', bytes({ version: 1, document: demo, ...more }));

	it('a save: its document, and its steps but for those that are the document or cannot be read', async () => {
		const renamed = { ...demo, piece: { ...demo.piece, name: 'Before' } };
		const read = await save({ steps: { keep: 3, add: [renamed, null, { format: 'other' }], place: 6 } });
		if (!read?.ok) throw new Error('not read');
		expect(JSON.parse(read.save.document)).toEqual(demo);
		expect(read.save.steps).toMatchObject({ keep: 3, place: 6 });
		expect(read.save.steps!.add.map((step) => step && JSON.parse(step).piece.name)).toEqual(['Before', null, null]);
	});

	it.each([
		['no version', { version: undefined }],
		['a version past what is counted', { version: LAST + 1 }],
		['a version that is none', { version: 1.5 }],
		['a place past what is counted', { steps: { keep: LAST, add: [null], place: LAST + 1 } }],
		['a place after its steps', { steps: { keep: 1, add: [], place: 2 } }],
		['more steps than anyone makes', { steps: { keep: 1, add: Array.from({ length: 61 }, () => null), place: 2 } }]
	])('no save: %s', async (_what, more) => expect(await save(more)).toBeNull());

	it('no save whose steps are larger than eight megabytes, those too that stand for its document; one that does is in every save', async () => {
		const large = {
			...demo,
			layout: {
				...demo.layout,
				motifs: [
					...demo.layout.motifs,
					...Array.from({ length: 12 }, (_, i) => ({
						...demo.layout.motifs[0],
						id: `m${i}`,
						paths: [{ d: `M0 0${'L1 1'.repeat(24_000)}Z`, rule: 'nonzero' }]
					}))
				]
			}
		};
		const with8 = (add: unknown[]) => save({ document: large, steps: { keep: 1, add, place: 1 } });
		const size = JSON.stringify(large).length;
		expect(size).toBeGreaterThan(1e6);
		const fits = Math.floor(8e6 / size);
		expect(await with8(Array.from({ length: fits + 1 }, () => null))).toMatchObject({ ok: true });
		expect(await with8(Array.from({ length: fits + 2 }, () => null))).toMatchObject({
			ok: false,
			issues: [{ code: 'save.steps-too-large' }]
		});
		expect(await with8([null, ...Array.from({ length: fits }, () => large)])).toMatchObject({ ok: true });
		expect(await with8([null, ...Array.from({ length: fits + 1 }, () => large)])).toMatchObject({ ok: false });
	});

	it('no save: what is no JSON', async () => expect(await pool.run('readSave', bytes('{"version":1,'))).toBeNull());

	it('what is wrong with the document of a save, with its field', async () => {
		expect(await save({ document: { ...demo, units: 'furlong' } })).toMatchObject({ ok: false, issues: [{ path: 'units' }] });
	});

	it('motifs from SVG, and no more than a piece would take', async () => {
		const svg = new Uint8Array(await readFile('demo/motifs/knot.svg'));
		expect(await pool.run('readSvg', { id: 'a-knot', svg })).toMatchObject({ ok: true, motif: { id: 'a-knot', name: 'Knot', width: 70 } });
		expect(await pool.run('readSvg', { id: 'x', svg: bytes('<svg/>') })).toMatchObject({ ok: false });
		const wide = bytes(
			'<svg xmlns="http://www.w3.org/2000/svg" width="90000mm" height="10mm" viewBox="0 0 90000 10"><path d="M0 0H90000V10H0Z"/></svg>'
		);
		const motif = { id: 'wide', name: 'Wide', width: 90_000, height: 10, paths: [{ d: 'M0 0H90000V10H0Z', rule: 'nonzero' }] };
		const asMade = await pool.run('readMotifText', bytes(motif));
		expect((await pool.run('readSvg', { id: 'wide', svg: wide })).ok).toBe(asMade.ok);
	});
});

it.each<[string, number[] | string, ReturnType<typeof kindOfPicture>]>([
	['JPEG', [0xff, 0xd8, 0xff, 0xe0, 0], 'jpeg'],
	['PNG', '\x89PNG\r\n\x1a\n....', 'png'],
	['PNG whose line ends were changed', '\x89PNG\n\x1a\n....', null],
	['WebP', 'RIFF....WEBPVP8 ', 'webp'],
	['sound, which begins alike', 'RIFF....WAVEfmt ', null],
	['a drawing', '<svg xmlns="http://www.w3.org/2000/svg"/>', null],
	['nothing', '', null]
])('a picture is known by its first bytes: %s', (_what, bytes, kind) =>
	expect(kindOfPicture(Uint8Array.from(typeof bytes === 'string' ? [...bytes].map((one) => one.charCodeAt(0)) : bytes))).toBe(kind)
);
