import { choose, copyOf, expect, expectNoViolations, saved, test, visit } from './workshop';

test('raised work is laid in rounds: stepped through on the piece, worked another way, told on its page', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'chart-cabinet')}/layout`);
	await page.locator('[data-item^="border "]').nth(4).click();
	const lays = page.getByRole('region', { name: 'Lays of the sheet' });
	await expect(lays).toContainText(/no fewer will do/);
	await lays.getByRole('checkbox', { name: 'Show them on the piece' }).focus();
	await page.keyboard.press('Space');
	await expect(lays.getByRole('status')).toContainText('Lay 1 of');
	const rounds = Number(/(\d) rounds/.exec(await lays.innerText())![1]);
	expect(rounds).toBeGreaterThan(1);
	await lays.getByRole('button', { name: 'The next lay' }).click();
	await expect(lays.getByRole('status')).toContainText('Lay 2 of');
	await expect(lays).toContainText(/its top left mark \d+ mm from the left, \d+ mm from the top/);
	await expectNoViolations(page, 'lay out, with lays');
	/** On its back it is worked from the middle of the face outwards: another one is second. */
	const mark = lays.locator('dd').nth(1);
	const before = await mark.innerText();
	await page.getByRole('radio', { name: 'lies flat' }).click();
	await expect(mark).not.toHaveText(before);
	await page.keyboard.press('Control+z');
	await expect(mark).toHaveText(before);
	await page.getByRole('link', { name: /^Cut sheets/ }).click();
	await expect(
		page
			.getByRole('img', { name: /Lays/ })
			.or(page.getByText(/^\d+\. Lays/))
			.first()
	).toBeVisible();
});

test('casts run along an edge; the way they are trimmed is picked, glued, and taken back with one undo', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'net-box')}/layout`);
	const casts = page.locator('[data-item^="trim "]');
	await expect(casts).toHaveCount(3);
	await casts.first().click();
	const fits = page.getByRole('region', { name: 'Ways it fits' }).getByRole('listitem');
	await expect(fits.first()).toContainText('3 casts of 141.4 mm');
	await fits.filter({ hasText: 'the last whole' }).getByRole('button').click();
	await expect(fits.filter({ hasText: 'the last whole' })).toContainText('taken');
	await page.getByRole('radio', { name: 'left', exact: true }).click();
	await expect(casts).toHaveCount(2);
	await page.keyboard.press('Control+z');
	await expect(casts).toHaveCount(3);
	await expectNoViolations(page, 'lay out, with casts');
});

test('an inlay is begun from a scheme: border, field and middle in one, its field chosen anew', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'ferry-table')}/layout`);
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	await page.getByRole('radio', { name: 'inlay scheme' }).click();
	await page.getByRole('button', { name: 'Lay Wave', exact: true }).click();
	const items = page.locator('[data-item^="inlay-2 "]');
	await expect(items.first()).toBeVisible();
	await choose(page, 'Begin from', 'Harbour floor');
	await expect(page.locator('[data-item^="inlay-2 top centre"]')).toHaveCount(1);
	const field = page.locator('[data-item^="inlay-2 top field"]');
	const count = await field.count();
	expect(count).toBeGreaterThan(4);
	await choose(page, 'Its field', 'Star');
	await expect(field).not.toHaveCount(count);
	await saved(page);
	await page.keyboard.press('Control+z');
	await expect(field).toHaveCount(count);
	await expectNoViolations(page, 'lay out, with an inlay');
});
