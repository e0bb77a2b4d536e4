import { chromium, type Page } from '@playwright/test';
import { hostileCases } from '../hostile/cases';
import { LAUNCH } from './launch';
import { copyOf, expect, expectNoViolations, saved, test, visit } from './workshop';

const JSON_TYPE = { 'content-type': 'application/json' };
const width = (page: Page) => page.getByLabel('Width', { exact: true });
interface Stored {
	readonly version: number;
	readonly document: { piece: { faces: { width: string }[] } };
}
const stored = async (address: string, id: string) => (await (await fetch(`${address}/api/pieces/${id}`)).json()) as Stored;

/** Another program changes the piece. */
async function changeElsewhere(address: string, id: string, to: string): Promise<void> {
	const { version, document } = await stored(address, id);
	document.piece.faces[0]!.width = to;
	const body = JSON.stringify({ version, document });
	expect((await fetch(`${address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body })).status).toBe(200);
}

test('Back shows a piece as it was left, and as others left it meanwhile', async ({ page, workshop }) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	await visit(page, workshop, `/pieces/${id}/measure`);
	await width(page).fill('851');
	/** A typed address, before anything was saved. */
	await page.goto(`${workshop.address}/copies`);
	await page.goBack();
	await expect(width(page)).toHaveValue('851');
	await page.goto(workshop.address);
	await changeElsewhere(workshop.address, id, '777');
	await page.goBack();
	await expect(width(page)).toHaveValue('777');
	await width(page).fill('852');
	await saved(page);
	expect((await stored(workshop.address, id)).document.piece.faces[0]!.width).toBe('852');
	const answers = ['/', `/api/pieces/${id}`, '/api/pieces', `/pieces/${id}/file`, '/__data.json'].map((path) =>
		fetch(workshop.address + path)
	);
	for (const answer of answers) expect((await answer).headers.get('cache-control')).toContain('no-store');
});

test('a page that the browser kept takes what the workshop has by now before a key is heard, and loses nothing', async ({ workshop }) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	const browser = await chromium.launch({ ...LAUNCH, ignoreDefaultArgs: ['--disable-back-forward-cache'] });
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
		await visit(page, workshop, `/pieces/${id}/measure`);
		/** Away and back to the page as the browser kept it; under load it may have let it go, and loads it anew: then once more. */
		const awayAndBack = async (meanwhile: (attempt: number) => Promise<string>): Promise<string> => {
			for (let attempt = 0; attempt < 6; attempt++) {
				await page.evaluate(() => {
					window.addEventListener('pageshow', (event) => void Object.assign(window, { isKept: event.persisted }), { once: true });
				});
				const expected = await meanwhile(attempt);
				await page.evaluate(() => history.back());
				/** Nobody tells of a page that comes back whole: it is asked. */
				await expect
					.poll(() =>
						page.evaluate(() => location.pathname.endsWith('/measure') && 'ready' in document.documentElement.dataset).catch(() => false)
					)
					.toBe(true);
				if (await page.evaluate(() => (window as unknown as { isKept?: boolean }).isKept === true).catch(() => false)) return expected;
			}
			throw new Error('The browser never kept the page.');
		};
		const own = await awayAndBack(async (attempt) => {
			const mine = String(851 + attempt);
			await width(page).fill(mine);
			await page.goto(`${workshop.address}/copies`);
			await expect.poll(async () => (await stored(workshop.address, id)).document.piece.faces[0]!.width).toBe(mine);
			return mine;
		});
		await expect(width(page)).toHaveValue(own);
		const theirs = await awayAndBack(async (attempt) => {
			await page.goto(`${workshop.address}/copies`);
			await changeElsewhere(workshop.address, id, String(777 + attempt));
			return String(777 + attempt);
		});
		await expect(width(page)).toHaveValue(theirs);
		await width(page).fill('903');
		await saved(page);
		await expect(page.getByRole('alertdialog')).toHaveCount(0);
		expect((await stored(workshop.address, id)).document.piece.faces[0]!.width).toBe('903');
	} finally {
		await browser.close();
	}
});

test('what was not saved when a window went is offered beside what the workshop has, and never put over it by itself', async ({
	context,
	page,
	workshop
}) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	/** Nothing that is saved comes through. */
	let isLost = true;
	await context.route(`**/api/pieces/${id}`, (route) => (isLost && route.request().method() === 'PUT' ? route.abort() : route.fallback()));
	await visit(page, workshop, `/pieces/${id}/measure`);
	await width(page).fill('861');
	await page.getByLabel('Height', { exact: true }).fill('951');
	await expect(page.locator('[data-save="waiting"]')).toBeVisible();

	const second = await context.newPage();
	await visit(second, workshop, `/pieces/${id}/measure`);
	await second.waitForTimeout(600);
	/** The window that has it is there. */
	await expect(second.getByRole('alertdialog')).toHaveCount(0);
	await second.close();
	/** The window dies: nothing of it is sent any more. */
	const crashed = page.waitForEvent('crash');
	void (await context.newCDPSession(page)).send('Page.crash').catch(() => {});
	await crashed;
	isLost = false;

	const next = await context.newPage();
	await visit(next, workshop, `/pieces/${id}/measure`);
	const offer = next.getByRole('alertdialog');
	await expect(offer).toContainText('Not all of it was saved');
	await expectNoViolations(next, 'what was not saved');
	await expect(width(next)).toHaveValue('860');
	await offer.getByRole('button', { name: /^Go on with what was not saved/ }).click();
	await expect(width(next)).toHaveValue('861');
	await expect(next.getByLabel('Height', { exact: true })).toHaveValue('951');
	await saved(next);
	await next.getByRole('button', { name: 'Undo' }).click();
	await next.getByRole('button', { name: 'Undo' }).click();
	await expect(width(next)).toHaveValue('860');
	await saved(next);
	await next.reload();
	await next.waitForSelector('html[data-ready]');
	await next.waitForTimeout(600);
	await expect(next.getByRole('alertdialog')).toHaveCount(0);
	await next.close();
});

test('a piece that takes too long to be planned opens all the same: with time and a stop, its faces and what lies on it; nobody else waits', async ({
	page,
	workshop
}) => {
	const { body } = hostileCases(0).find(({ name }) => name === 'a piece: a motif of five hundred paths that cross')!;
	const made = await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: body!() });
	const { id } = (await made.json()) as { id: string };
	const shell = await (await fetch(`${workshop.address}/pieces/${id}/layout`)).text();
	for (const there of ['The sail-loft chest', 'Measure', 'Cut sheets', 'Opening']) expect(shell).toContain(there);
	await visit(page, workshop, `/pieces/${id}/layout`);
	await expect(page.getByText('it takes longer than most')).toBeVisible();
	await expectNoViolations(page, 'a plan that is waited for');
	const began = performance.now();
	await (await fetch(`${workshop.address}/api/colours`)).text();
	expect(performance.now() - began).toBeLessThan(1000);
	await page.getByRole('link', { name: 'Measure', exact: true }).click();
	await width(page).fill('855');
	await expect(page.getByText('855', { exact: true }).first()).toBeVisible();
	await saved(page);
	await page.getByRole('button', { name: 'Stop' }).click();
	await page.getByRole('link', { name: 'Lay out', exact: true }).click();
	await expect(page.getByText('Stopped.')).toBeVisible();
	await page
		.getByRole('button', { name: /^Take out Reed/ })
		.first()
		.click();
	await expect(page.getByRole('heading', { name: 'On the piece' })).toBeVisible({ timeout: 30_000 });
	await page.keyboard.press('Control+z');
	await expect(page.locator('main > [inert]')).toBeVisible();
});

test('static files answer to the names of the workshop alone, with their guards', async ({ workshop }) => {
	const { request } = await import('node:http');
	const { port } = new URL(workshop.address);
	const ask = (path: string, headers: Record<string, string>) =>
		new Promise<{ status: number; headers: Record<string, unknown> }>((resolve, reject) =>
			request({ port, host: '127.0.0.1', path, headers }, (answer) => {
				answer.resume();
				resolve({ status: answer.statusCode!, headers: answer.headers });
			})
				.on('error', reject)
				.end()
		);
	const page = await (await fetch(workshop.address)).text();
	const script = /\/_app\/immutable\/[\w./-]+\.js/.exec(page)![0];
	for (const path of ['/ember.svg', script]) {
		expect((await ask(path, { host: 'elsewhere.example' })).status).toBe(421);
		expect(
			(
				await ask(path, {
					host: `127.0.0.1:${port}`,
					'sec-fetch-site': 'cross-site',
					'sec-fetch-mode': 'no-cors',
					'sec-fetch-dest': 'script'
				})
			).status
		).toBe(403);
		const own = await ask(path, { host: `127.0.0.1:${port}` });
		expect([own.status, own.headers['x-content-type-options'], own.headers['x-frame-options']]).toEqual([200, 'nosniff', 'DENY']);
	}
	/** A link from elsewhere leads here. */
	const link = { host: `127.0.0.1:${port}`, 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate', 'sec-fetch-dest': 'document' };
	expect((await ask('/', link)).status).toBe(200);
	expect((await ask('/', { ...link, 'sec-fetch-dest': 'iframe' })).status).toBe(403);
});
