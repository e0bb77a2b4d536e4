import { type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, startServer } from '../../scripts/serve.mjs';
import { hostileCases, metDoor } from '../hostile/cases';
import { CAN_MOUNT, fillDisk, mountDisk } from '../hostile/smallDisk';
import { copyOf, demoPiece, expect, saved, test, visit } from './workshop';

const JSON_TYPE = { 'content-type': 'application/json' };
/** Answers come within 2 s; beside the other tests a machine is given this much more, ms. */
const ANSWERED = 2000 + 2000;
/** As long as who is told that it is busy asks again, ms. */
const PATIENCE = 30_000;
/** It ends within some 3 s: what was begun is answered first. A watch that was forgotten held it for 12, ms. */
const ENDED = 9000;

test('a piece lies in the bin and comes back; the workshop is put back to a copy, what was there is kept, and other windows are told', async ({
	page,
	context,
	workshop
}) => {
	test.setTimeout(180_000);
	const other = await context.newPage();
	await visit(other, workshop, `/pieces/${await demoPiece(workshop)}/measure`);
	await page.goto(workshop.address);
	await page.waitForSelector('html[data-ready]');
	const chest = page.getByRole('main').getByRole('listitem').filter({ hasText: 'The ferry table' });
	await expect(chest.getByRole('img', { name: 'Picture of The ferry table' })).toBeVisible({ timeout: 100_000 });
	await page.getByRole('link', { name: 'Copies of the workshop' }).click();
	await expect(page.getByText('There is no copy yet')).toBeVisible();
	await page.getByRole('button', { name: 'Make a copy now' }).click();
	const put = page.getByRole('button', { name: /^Put back the copy of/ });
	await expect(put).toHaveCount(1, { timeout: 30_000 });
	await expect(page.getByRole('main').getByRole('listitem').first()).toContainText('The ferry table');
	await page.getByRole('link', { name: 'All pieces' }).click();
	await chest.getByRole('button', { name: 'take out' }).click();
	await page.getByRole('button', { name: 'Take it out' }).click();
	await expect(chest).toHaveCount(0);
	await page.getByRole('button', { name: /^In the bin/ }).click();
	await page.getByRole('button', { name: 'Bring back The ferry table' }).click();
	await expect(chest).toHaveCount(1);
	await chest.getByRole('button', { name: 'take out' }).click();
	await page.getByRole('button', { name: 'Take it out' }).click();
	await expect(chest).toHaveCount(0);
	await page.getByRole('link', { name: 'Copies of the workshop' }).click();
	await put.click();
	await page.getByRole('button', { name: 'Put it back' }).click();
	await expect(page.getByText(/in the folder of the workshop as database\.before-/)).toBeVisible({ timeout: 30_000 });
	/** What was put aside stands in the list, and so does what was made by hand until a button takes it out, with undo. */
	await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'put aside' })).toHaveCount(1);
	const byHand = page.getByRole('main').getByRole('listitem').filter({ hasText: 'made by hand' });
	await byHand.getByRole('button', { name: /^Take out the copy of/ }).click();
	await expect(byHand).toHaveCount(0);
	await page.getByRole('listitem').filter({ hasText: 'The copy of' }).getByRole('button', { name: 'Undo' }).click();
	await expect(byHand).toHaveCount(1);
	await page.getByRole('link', { name: 'All pieces' }).click();
	await expect(chest).toHaveCount(1);
	await other.getByLabel('Width', { exact: true }).fill('850');
	await expect(other.getByRole('alertdialog')).toContainText('changed in another window');
	await other.close();
});

test('whatever is sent, the workshop answers with a word, goes on reading for others, and keeps what it has', async ({ workshop }) => {
	test.setTimeout(600_000);
	const fixture = await readFile('tests/fixtures/reed-chest.json', 'utf8');
	const made = await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: fixture });
	const { id } = (await made.json()) as { id: string };
	const amiss: string[] = [];
	const makeOwn = async (own: () => unknown) => {
		const answer = await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(own()) });
		return ((await answer.json()) as { id: string }).id;
	};
	for (const { name, method, path, headers, body, own, door } of hostileCases(0)) {
		const place = path.replace('{piece}', id).replace('{own}', own ? await makeOwn(own) : '');
		const ask = async () =>
			fetch(workshop.address + place, {
				method,
				...(headers ? { headers } : {}),
				...(body ? { body: body() } : {}),
				redirect: 'manual',
				signal: AbortSignal.timeout(ANSWERED)
			}).catch((error: unknown) => String(error));
		let answer = await ask();
		/** On a machine that is busy it says so: who asks tries again. */
		const began = Date.now();
		while (typeof answer !== 'string' && answer.status === 503 && Date.now() - began < PATIENCE) answer = await ask();
		if (typeof answer === 'string') amiss.push(`${name}: ${answer}`);
		else {
			const said = await answer.text();
			if (answer.status >= 500) amiss.push(`${name}: ${answer.status} ${said.slice(0, 120)}`);
			if (answer.status >= 400 && said.trim() === '' && method !== 'HEAD') amiss.push(`${name}: ${answer.status} without a word`);
			if (answer.headers.get('x-content-type-options') !== 'nosniff') amiss.push(`${name}: without its guards`);
			if (!metDoor(door, answer.status, said))
				amiss.push(`${name}: never came to its door (${door}): ${answer.status} ${said.slice(0, 160)}`);
			if (/(?:\/work\/|\/tmp\/|node_modules)/.test(said.slice(0, 2000))) amiss.push(`${name}: tells where things lie`);
		}
	}
	expect(amiss).toEqual([]);
	const back = await fetch(`${workshop.address}/api/pieces/${id}`);
	expect(((await back.json()) as { document: unknown }).document).toEqual(JSON.parse(fixture));
	expect((await fetch(workshop.address)).headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
});

test('killed in the midst of saves, five times, it loses none that it answered for, and opens each time', async ({ workshop }) => {
	test.setTimeout(180_000);
	const demo = JSON.parse(await readFile('tests/fixtures/reed-chest.json', 'utf8'));
	const named = (name: string) => ({ ...demo, piece: { ...demo.piece, name } });
	const made = await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(named('Save 1')) });
	const { id } = (await made.json()) as { id: string };
	let version = 1;
	for (let round = 1; round <= 5; round++) {
		let isKilled = false;
		const storm = (async () => {
			while (!isKilled) {
				const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
				const answer = await fetch(`${workshop.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body }).catch(() => null);
				const saved = (await answer?.json().catch(() => null)) as { version?: number } | null;
				if (answer?.ok && saved?.version) version = saved.version;
				/** Busy it is asked again. */
				else if (answer?.status !== 503) return;
			}
		})();
		/** From the second that is answered on. */
		const before = version;
		while (version < before + 2) await new Promise((resolve) => setTimeout(resolve, 5));
		await new Promise((resolve) => setTimeout(resolve, round * 80));
		isKilled = true;
		await workshop.kill();
		await storm;
		await workshop.start();
		const now = (await (await fetch(`${workshop.address}/api/pieces/${id}`)).json()) as { version: number; document: typeof demo };
		/** One that was saved, and its answer cut off, counts on. */
		expect(now.version).toBeGreaterThanOrEqual(version);
		expect(now.version).toBeLessThanOrEqual(version + 1);
		expect(now.document.piece.name).toBe(`Save ${now.version}`);
		version = now.version;
	}
	expect(version).toBeGreaterThan(10);
});

test('it ends when it is told to, in the midst of cards that are made and plans that are worked out', async ({ workshop }) => {
	const cabinet = await readFile('demo/chart-cabinet.json', 'utf8');
	for (let round = 0; round < 2; round++) {
		for (let i = 0; i < 3; i++) await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: cabinet });
		const plans = Array.from({ length: 4 }, () =>
			fetch(`${workshop.address}/api/plan`, { method: 'POST', headers: JSON_TYPE, body: cabinet }).catch(() => null)
		);
		await new Promise((resolve) => setTimeout(resolve, 150 * round));
		const told = performance.now();
		/** Resolves when the process is gone. */
		await workshop.stop();
		expect(performance.now() - told).toBeLessThan(ENDED);
		await Promise.all(plans);
		await workshop.start();
	}
});

test('without room on the disk a save is refused in words, reading goes on, and saving does as soon as there is room', async ({
	page,
	workshop
}) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	await workshop.stop();
	process.env['EMBER_LEAST_ROOM'] = '1e9';
	await workshop.start();
	await visit(page, workshop, `/pieces/${id}/measure`);
	await page.getByLabel('Width', { exact: true }).fill('855');
	await expect(page.locator('[data-save="waiting"]')).toBeVisible();
	await expect(page.getByRole('alert')).toContainText('The disk of the workshop is full');
	expect((await fetch(`${workshop.address}/api/pieces/${id}`)).status).toBe(200);
	await workshop.stop();
	delete process.env['EMBER_LEAST_ROOM'];
	await workshop.start();
	await saved(page);
	const kept = (await (await fetch(`${workshop.address}/api/pieces/${id}`)).json()) as {
		document: { piece: { faces: { width: string }[] } };
	};
	expect(kept.document.piece.faces[0]!.width).toBe('855');
});

for (const [room, who] of [
	['', 'the server looks first'],
	['-1e6', 'the database finds it so itself']
] as const)
	test(`on a disk that is really full nothing hangs, reading goes on, it ends when told, and saves when there is room: ${who}`, async () => {
		test.skip(!CAN_MOUNT, 'This machine lets nobody mount a disk of his own.');
		const directory = await mkdtemp(join(tmpdir(), 'ember-full-'));
		const disk = await mountDisk(directory, 260);
		const end = (server: ChildProcess) => Promise.all([once(server, 'exit'), server.kill('SIGTERM')]);
		const running: ChildProcess[] = [];
		if (room !== '') process.env['EMBER_LEAST_ROOM'] = room;
		try {
			const document = JSON.parse(await readFile('tests/fixtures/reed-chest.json', 'utf8'));
			const port = await freePort();
			const serve = async () => {
				const started = await startServer({ workshop: directory, port, stdio: 'ignore', within: disk.within });
				running.push(started.server);
				return started;
			};
			const first = await serve();
			const { address } = first;
			const ask = async (method: string, path: string, body?: object) => {
				const answer = await fetch(address + path, {
					method,
					headers: JSON_TYPE,
					...(body ? { body: JSON.stringify(body) } : {}),
					signal: AbortSignal.timeout(ANSWERED)
				});
				return { status: answer.status, said: (await answer.json()) as { id: string; version: number; errors: { code: string }[] } };
			};
			const { id } = (await ask('POST', '/api/pieces', document)).said;
			let version = 1;
			const save = async () => {
				const answer = await ask('PUT', `/api/pieces/${id}`, { version, document });
				if (answer.status === 200) version++;
				return answer;
			};
			for (let i = 0; i < 5; i++) expect((await save()).status).toBe(200);
			await fillDisk(join(disk.seen, 'fill'));
			let refused = await save();
			for (let i = 0; i < 200 && refused.status === 200; i++) refused = await save();
			expect([refused.status, refused.said.errors[0]!.code]).toEqual([507, 'disk.full']);
			for (let i = 0; i < 5; i++) expect((await save()).status).toBe(507);
			expect((await ask('POST', '/api/copies')).status).toBe(507);
			expect((await ask('GET', `/api/pieces/${id}`)).said.version).toBe(version);
			/** A busy machine may say once that it takes too long. */
			await expect.poll(async () => (await ask('POST', '/api/plan', document)).status, { timeout: 30_000 }).toBe(200);
			await rm(join(disk.seen, 'fill'));
			expect((await save()).status).toBe(200);
			await fillDisk(join(disk.seen, 'fill'));
			await end(first.server);
			const full = await serve();
			expect((await ask('GET', `/api/pieces/${id}`)).said.version).toBe(version);
			await rm(join(disk.seen, 'fill'));
			expect((await save()).status).toBe(200);
			await end(full.server);
		} finally {
			delete process.env['EMBER_LEAST_ROOM'];
			for (const server of running) server.kill('SIGKILL');
			disk.drop();
			await rm(directory, { recursive: true, force: true });
		}
	});
