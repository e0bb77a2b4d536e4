import { PDFDocument } from '@cantoo/pdf-lib';
import { copyOf, demoPiece, expect, expectNoViolations, test, visit } from './workshop';

test('a piece is copied beside itself, and the copy taken back where it is told', async ({ page, workshop }) => {
	await visit(page, workshop, '/');
	await page.getByRole('button', { name: 'Copy The sail-loft chest' }).click();
	await expect(page.getByRole('link', { name: /The sail-loft chest 2/ })).toBeVisible();
	await page
		.getByText('The sail-loft chest 2 stands beside it.')
		.getByRole('button')
		.or(page.getByRole('button', { name: 'Undo' }))
		.click();
	await expect(page.getByRole('link', { name: /The sail-loft chest 2/ })).toHaveCount(0);
	await expect(page.getByRole('link', { name: /The sail-loft chest/ })).toBeVisible();
});

test('printed, the page of the sheets is its sheets, one to a page; any other says where they are', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await demoPiece(workshop)}/sheets`);
	const sheets = page.getByRole('region', { name: 'Pages' }).getByRole('listitem');
	await expect(sheets.first()).toBeVisible();
	const printed = await PDFDocument.load(await page.pdf({ preferCSSPageSize: true }));
	expect(printed.getPageCount()).toBe(await sheets.count());
	const sizes = printed.getPages().map((one) => Object.values(one.getSize()).map((points) => Math.round((points / 72) * 25.4)));
	expect(sizes[0]).toEqual([297, 210]);
	expect(sizes.at(-1)).toEqual([210, 297]);
	await test.step('one opens large; the arrows go through all, and it is put back', async () => {
		await page.getByRole('button', { name: 'Look at page 2: Drawer 2' }).click();
		const large = page.getByRole('dialog');
		await expect(large.getByRole('img', { name: 'Page: Drawer 2' })).toBeVisible();
		const box = (await large.getByRole('img').boundingBox())!;
		expect(Math.max(box.width / 1280, box.height / 800)).toBeGreaterThan(0.75);
		await page.keyboard.press('ArrowRight');
		await expect(large.getByRole('img', { name: 'Page: Drawer 3' })).toBeVisible();
		await expectNoViolations(page, 'a page, large');
		await page.keyboard.press('Escape');
		await expect(large).toHaveCount(0);
	});
	await page.getByRole('link', { name: 'Coats' }).click();
	await page.emulateMedia({ media: 'print' });
	await expect(page.getByRole('main')).toBeHidden();
	expect(await page.evaluate(() => getComputedStyle(document.body, '::before').content)).toContain('Cut sheets');
});

test('with the workshop gone no screen goes: those of the piece are there, others are not gone to, and undo says what it takes back', async ({
	page,
	workshop
}) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/measure`);
	/** Until the other screens have come. */
	await page.waitForTimeout(4000);
	await workshop.kill();
	const name = page.getByLabel('Name', { exact: true });
	await name.fill('The loft chest');
	await name.press('Tab');
	await expect(page.getByRole('button', { name: 'Undo: name of the piece' })).toBeEnabled();
	for (const [link, heading] of [
		['Mix & buy', 'Paint to pour out'],
		['Coats', 'The loft chest']
	] as const) {
		await page.getByRole('link', { name: link }).click();
		await expect(page.getByRole('heading', { name: heading })).toBeVisible();
	}
	await page.getByRole('link', { name: 'All pieces' }).click();
	await expect(page.getByText(/does not answer/).first()).toBeVisible();
	await expect(page).toHaveURL(/coats$/);
	await workshop.start();
	await expect(page.locator('[data-save="saved"]')).toHaveText(/saved \d/, { timeout: 20_000 });
	await page.getByRole('link', { name: 'All pieces' }).click();
	await expect(page.getByRole('link', { name: /The loft chest/ })).toBeVisible();
});

test('for a finger all that is pressed is 44 px, or reaches so far', async ({ browser, workshop }) => {
	const context = await browser.newContext({ viewport: { width: 1024, height: 768 }, hasTouch: true, isMobile: true });
	const page = await context.newPage();
	const id = await demoPiece(workshop);
	/** Faces on their map are as large as they are drawn: the list under it names them too. */
	const small = () =>
		page.evaluate(() =>
			[...document.querySelectorAll('button, a[href], input, [role=radio], [role=tab], [role=checkbox], [role=slider]')].flatMap((one) => {
				const box = one.getBoundingClientRect();
				const label = one.id ? document.querySelector(`label[for="${one.id}"]`)?.getBoundingClientRect() : undefined;
				const reach = getComputedStyle(one, '::after');
				const sizes = (['width', 'height'] as const).map((side) =>
					Math.max(box[side], label?.[side] ?? 0, reach.position === 'absolute' ? Number.parseFloat(reach[side]) : 0)
				);
				const isSeen = box.width > 2 && box.height > 2 && getComputedStyle(one).visibility !== 'hidden';
				return isSeen && Math.min(...sizes) < 43.5 && !one.classList.contains('absolute')
					? [`${one.getAttribute('aria-label') ?? one.textContent} ${sizes.join(' by ')}`]
					: [];
			})
		);
	for (const path of ['/', ...['measure', 'coats', 'mix', 'sheets', 'layout'].map((screen) => `/pieces/${id}/${screen}`)]) {
		await visit(page, workshop, path);
		await expect(page.getByRole('main')).toBeVisible();
		await page.waitForTimeout(500);
		expect(await small(), path).toEqual([]);
	}
	await page.getByRole('list', { name: 'What lies on it, by number' }).getByRole('button', { name: 'Reed bed' }).click();
	await expect(page.getByRole('region', { name: 'Ways it fits' })).toBeVisible();
	expect(await small(), 'with a row picked').toEqual([]);
	await context.close();
});

test('at 200 % each screen goes below itself: nothing is cut off, and name, undo and picture stay', async ({ page, workshop }) => {
	await page.setViewportSize({ width: 640, height: 400 });
	const id = await demoPiece(workshop);
	for (const screen of ['measure', 'layout', 'coats', 'mix', 'sheets']) {
		await visit(page, workshop, `/pieces/${id}/${screen}`);
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
		expect(await page.evaluate(() => document.documentElement.scrollWidth), screen).toBeLessThanOrEqual(640);
		await page.mouse.move(600, 390);
		await page.evaluate(() => scrollTo(0, document.documentElement.scrollHeight));
		await expect(page.getByRole('heading', { level: 1 })).toBeInViewport({ ratio: 0.9 });
		await expect(page.getByRole('button', { name: /^Undo/ })).toBeInViewport({ ratio: 0.9 });
		if (['layout', 'measure', 'coats'].includes(screen)) await expect(page.locator('.screen-picture')).toBeInViewport({ ratio: 0.9 });
		await expectNoViolations(page, `${screen} at 200 %`);
	}
});

test('two fingers that begin on a motif bring the piece nearer, and the motif stays; a line is pulled on the picture; laid flat it comes along by key', async ({
	browser,
	workshop
}) => {
	const context = await browser.newContext({ viewport: { width: 1024, height: 768 }, hasTouch: true });
	const page = await context.newPage();
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	const motif = page.locator('[data-item]').first();
	const before = (await motif.boundingBox())!;
	const touches = await context.newCDPSession(page);
	const [x, y] = [before.x + before.width / 2, before.y + before.height / 2];
	const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', touchPoints: { x: number; y: number; id: number }[]) =>
		touches.send('Input.dispatchTouchEvent', { type, touchPoints });
	await send('touchStart', [{ x, y, id: 1 }]);
	await send('touchMove', [{ x: x + 8, y, id: 1 }]);
	await send('touchStart', [
		{ x: x + 8, y, id: 1 },
		{ x: x + 60, y: y + 60, id: 2 }
	]);
	for (let i = 1; i <= 6; i++)
		await send('touchMove', [
			{ x: x + 8 - 8 * i, y: y - 8 * i, id: 1 },
			{ x: x + 60 + 8 * i, y: y + 60 + 8 * i, id: 2 }
		]);
	await send('touchEnd', []);
	await expect.poll(async () => (await motif.boundingBox())!.width / before.width).toBeGreaterThan(1.5);
	await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();

	await page.getByRole('button', { name: 'Compare from here', exact: true }).click();
	const line = page.locator('[data-parted]');
	const box = (await line.boundingBox())!;
	await page.mouse.move(box.x + box.width * 0.5, box.y + box.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width * 0.25, box.y + box.height / 2, { steps: 4 });
	await page.mouse.up();
	await expect(line).toHaveAttribute('data-parted', '25');
	await page.getByRole('button', { name: 'Keep what is now' }).click();

	await page.getByRole('button', { name: 'lay it flat' }).click();
	const front = page.getByRole('button', { name: /^Front, / });
	await page.getByRole('button', { name: 'Nearer' }).click();
	const stood = (await front.boundingBox())!;
	await front.focus();
	await page.keyboard.press('ArrowRight');
	await expect.poll(async () => (await front.boundingBox())!.x - stood.x).toBeLessThan(-50);
	await page.keyboard.press('0');
	await expect(page.getByRole('button', { name: 'All faces' })).toBeDisabled();
	await context.close();
});
