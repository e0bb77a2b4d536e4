import { PDFDocument } from '@cantoo/pdf-lib';
import { demoPiece, expect, test, visit } from './workshop';

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
	const { width, height } = printed.getPage(0).getSize();
	expect([Math.round((width / 72) * 25.4), Math.round((height / 72) * 25.4)]).toEqual([210, 297]);
	await page.getByRole('link', { name: 'Coats' }).click();
	await page.emulateMedia({ media: 'print' });
	await expect(page.getByRole('main')).toBeHidden();
	expect(await page.evaluate(() => getComputedStyle(document.body, '::before').content)).toContain('Cut sheets');
});

test('with the workshop gone no screen goes: those of the piece are there, others are not gone to, and undo says what it takes back', async ({
	page,
	workshop
}) => {
	await visit(page, workshop, `/pieces/${await demoPiece(workshop)}/measure`);
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
