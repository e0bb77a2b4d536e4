import { readFile } from 'node:fs/promises';
import { hostileCases } from '../hostile/cases';
import { demoPiece, expect, saved, test, visit } from './workshop';

const JSON_TYPE = { 'content-type': 'application/json' };
/** Answers come within 2 s; beside the other tests a machine is given this much more, ms. */
const ANSWERED = 2000 + 2000;

test('a piece lies in the bin and comes back; the workshop is put back to a copy, and what was there is kept', async ({
	page,
	workshop
}) => {
	await page.goto(workshop.address);
	await page.waitForSelector('html[data-ready]');
	const chest = page.getByRole('listitem').filter({ hasText: 'The ferry table' });
	await expect(chest.getByRole('img', { name: 'Picture of The ferry table' })).toBeVisible({ timeout: 30_000 });
	await page.getByRole('link', { name: 'Copies of the workshop' }).click();
	await expect(page.getByText('There is no copy yet')).toBeVisible();
	await page.getByRole('button', { name: 'Make a copy now' }).click();
	const put = page.getByRole('button', { name: /^Put back the copy of/ });
	await expect(put).toHaveCount(1, { timeout: 30_000 });
	await expect(page.getByRole('row').nth(1)).toContainText('The ferry table');
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
	await expect(page.getByText(/kept in the folder of the workshop as database\.before-/)).toBeVisible({ timeout: 30_000 });
	await page.getByRole('link', { name: 'All pieces' }).click();
	await expect(chest).toHaveCount(1);
});

test('whatever is sent, the workshop answers with a word, goes on reading for others, and keeps what it has', async ({ workshop }) => {
	test.setTimeout(240_000);
	const fixture = await readFile('tests/fixtures/reed-chest.json', 'utf8');
	const made = await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: fixture });
	const { id } = (await made.json()) as { id: string };
	const amiss: string[] = [];
	for (const { name, method, path, headers, body } of hostileCases(0)) {
		const answer = await fetch(workshop.address + path.replace('{piece}', id), {
			method,
			...(headers ? { headers } : {}),
			...(body ? { body: body() } : {}),
			redirect: 'manual',
			signal: AbortSignal.timeout(ANSWERED)
		}).catch((error: unknown) => String(error));
		if (typeof answer === 'string') amiss.push(`${name}: ${answer}`);
		else {
			const said = await answer.text();
			if (answer.status >= 500) amiss.push(`${name}: ${answer.status} ${said.slice(0, 120)}`);
			if (answer.status >= 400 && said.trim() === '' && method !== 'HEAD') amiss.push(`${name}: ${answer.status} without a word`);
			if (answer.headers.get('x-content-type-options') !== 'nosniff' && answer.status !== 413) amiss.push(`${name}: without its guards`);
		}
	}
	expect(amiss).toEqual([]);
	const back = await fetch(`${workshop.address}/api/pieces/${id}`);
	expect(((await back.json()) as { document: unknown }).document).toEqual(JSON.parse(fixture));
	expect((await fetch(workshop.address)).headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
});

test('killed in the midst of saves, ten times, it loses none that it answered for, and opens each time', async ({ workshop }) => {
	test.setTimeout(180_000);
	const demo = JSON.parse(await readFile('tests/fixtures/reed-chest.json', 'utf8'));
	const named = (name: string) => ({ ...demo, piece: { ...demo.piece, name } });
	const made = await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(named('Save 1')) });
	const { id } = (await made.json()) as { id: string };
	let version = 1;
	for (let round = 1; round <= 10; round++) {
		let isKilled = false;
		const storm = (async () => {
			while (!isKilled) {
				const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
				const answer = await fetch(`${workshop.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body }).catch(() => null);
				const saved = (await answer?.json().catch(() => null)) as { version?: number } | null;
				if (answer?.ok && saved?.version) version = saved.version;
				else return;
			}
		})();
		/** From the first that is answered on. */
		const before = version;
		while (version === before) await new Promise((resolve) => setTimeout(resolve, 5));
		await new Promise((resolve) => setTimeout(resolve, round * 40));
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
	expect(version).toBeGreaterThan(20);
});

test('it ends when it is told to, in the midst of cards that are made and plans that are worked out', async ({ workshop }) => {
	const cabinet = await readFile('demo/chart-cabinet.json', 'utf8');
	for (let round = 0; round < 2; round++) {
		for (let i = 0; i < 3; i++) await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: cabinet });
		const plans = Array.from({ length: 4 }, () =>
			fetch(`${workshop.address}/api/plan`, { method: 'POST', headers: JSON_TYPE, body: cabinet }).catch(() => null)
		);
		await new Promise((resolve) => setTimeout(resolve, 150 * round));
		/** Resolves when the process is gone. */
		await workshop.stop();
		await Promise.all(plans);
		await workshop.start();
	}
});

test('without room on the disk a save is refused in words, reading goes on, and saving does as soon as there is room', async ({
	page,
	workshop
}) => {
	const id = await demoPiece(workshop);
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
