import { readFile } from 'node:fs/promises';
import { afterAll, describe, expect, it, vi } from 'vitest';
import { JobStopped, Pool } from './index';
import { findThreadTime, readThreadTime } from './threadTime';

const file = new Uint8Array(await readFile('tests/fixtures/reed-chest.json'));
const demo = JSON.parse(new TextDecoder().decode(file));
const bytes = (value: unknown) => new TextEncoder().encode(typeof value === 'string' ? value : JSON.stringify(value));

describe('the threads', () => {
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

	it('end what takes too long with its thread; the next job finds another', async () => {
		/** A heavy one: it is looked at every 50 ms only. */
		const heavy = new Uint8Array(await readFile('demo/chart-cabinet.json'));
		expect(await why(pool.run('plan', heavy, { time: 1 }))).toBe('too-long');
		expect(await why(pool.run('plan', file))).toBe('done');
	});

	it('do not end for a busy machine what had no processor, unless it takes many times its time', async () => {
		const heavy = new Uint8Array(await readFile('demo/chart-cabinet.json'));
		const starved = new Pool({ size: 1, starved: 20 }, () => 0);
		await starved.run('plan', heavy, { time: 20_000 });
		const began = performance.now();
		await starved.run('plan', heavy, { time: 20_000 });
		const time = (performance.now() - began) / 2;
		expect(await why(starved.run('plan', heavy, { time }))).toBe('done');
		await starved.close();
		const cold = new Pool({ size: 1 }, () => 0);
		expect(await why(cold.run('plan', heavy, { time: 1 }))).toBe('too-long');
		await cold.close();
	});

	it('are asked how long they had a processor; where nobody tells, the clock alone counts', async () => {
		const clock = findThreadTime();
		const before = readThreadTime(clock);
		for (const end = performance.now() + 60; performance.now() < end;);
		const worked = readThreadTime(clock) - before;
		expect(process.platform !== 'linux' || (worked > 5 && worked < 200)).toBe(true);
		expect(readThreadTime('/no/such/clock')).toBeNaN();
		const untold = new Pool({ size: 1 }, () => NaN);
		const heavy = new Uint8Array(await readFile('demo/chart-cabinet.json'));
		expect(await why(untold.run('plan', heavy, { time: 1 }))).toBe('too-long');
		await untold.close();
	});

	it('end what takes too much of the heap, or of the memory beside it', async () => {
		const small = new Pool({ size: 1, heap: 8 });
		expect(await why(small.run('plan', file, { time: 20_000 }))).toBe('too-big');
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
		['more steps than anyone makes', { steps: { keep: 1, add: Array.from({ length: 401 }, () => null), place: 2 } }]
	])('no save: %s', async (_what, more) => expect(await save(more)).toBeNull());

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
