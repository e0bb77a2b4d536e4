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
	await page.getByRole('table').getByRole('button', { name: 'Reed bed' }).click();
	await expect(page.getByRole('region', { name: 'Ways it fits' })).toBeVisible();
	expect(await small(), 'with a row picked').toEqual([]);
	await context.close();
});
