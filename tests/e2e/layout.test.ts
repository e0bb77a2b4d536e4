import { choose, copyOf, expect, saved, test, visit } from './workshop';

test('what lies on the piece is picked in the drawing, in the schedule and in the section alike', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	const balloon = (number: number) => page.locator(`[data-balloon="${number}"]`);
	const row = (name: string) =>
		page.getByRole('complementary', { name: 'What lies on the piece' }).getByRole('button', { name, exact: true });
	await balloon(2).locator('.ring').click();
	await expect(row('Reed bed')).toHaveAttribute('aria-pressed', 'true');
	await expect(page.locator('[data-tread="stencil"]')).toHaveAttribute('data-brought', 'true');
	await row('Edge shade and glow').click();
	await expect(balloon(1)).toHaveAttribute('aria-pressed', 'true');
	await expect(balloon(2)).toHaveAttribute('aria-pressed', 'false');
	await expect(page.locator('[data-tread="blend"]')).toHaveAttribute('data-brought', 'true');
	await page.locator('[data-tread="stencil"]').click();
	await expect(balloon(2)).toHaveAttribute('aria-pressed', 'true');
	/** By keyboard too; what is picked lets go. */
	await balloon(2).focus();
	await page.keyboard.press('Enter');
	await expect(row('Reed bed')).toHaveAttribute('aria-pressed', 'false');
	await page.locator('[data-item^="reeds drawer-2 "] >> nth=0').click();
	await expect(balloon(2)).toHaveAttribute('aria-pressed', 'true');
});

test('parts are chosen on the drawing: by a click, with Shift, by a frame, by keys; what is laid next goes there', async ({
	page,
	workshop
}) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	const part = (id: string) => page.locator(`[data-part="${id}"]`);
	const corner = { position: { x: 12, y: 8 } };
	await part('drawer-2').click(corner);
	await expect(page.getByText(/^The next goes on Drawer 2, as you chose/)).toBeVisible();
	await part('drawer-3').click({ ...corner, modifiers: ['Shift'] });
	await expect(page.getByText(/^The next goes on Drawer 2, Drawer 3, as/)).toBeVisible();
	await page.getByRole('button', { name: 'Shade it' }).click();
	const where = page
		.getByRole('region', { name: /^\d+\. / })
		.locator('.note')
		.first();
	await expect(where).toContainText('Drawer 2, Drawer 3');
	/** What is picked is put on one more, and one undo takes that back. */
	/** On a motif too: with Shift the part under it is meant. */
	await page.locator('[data-item^="reeds drawer-1 "] >> nth=2').click({ modifiers: ['Shift'] });
	await expect(where).toContainText('Drawer 1, Drawer 2, Drawer 3');
	await page.keyboard.press('Control+z');
	await expect(where).toContainText('Drawer 2, Drawer 3');
	await expect(where).not.toContainText('Drawer 1');
	/** A frame from beside the piece over all drawers. */
	const [first, last] = [(await part('drawer-1').boundingBox())!, (await part('drawer-4').boundingBox())!];
	await page.keyboard.down('Shift');
	await page.mouse.move(first.x - 30, first.y + 20);
	await page.mouse.down();
	await page.mouse.move(last.x + last.width - 30, last.y + last.height - 20, { steps: 8 });
	await page.mouse.up();
	await page.keyboard.up('Shift');
	await expect(where).toContainText('every drawer');
	/** From part to part by key; Escape chooses none. */
	const drawing = page.getByRole('application');
	await drawing.focus();
	await page.keyboard.press('Escape');
	await page.keyboard.press('p');
	await expect(page.getByText(/^The next goes on Drawer 1, as you chose/)).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByText(/^The next goes on every drawer; click/)).toBeVisible();
	await choose(page, 'Face that is shown', 'Left side');
	await page.getByRole('button', { name: 'Shade it' }).click();
	await expect(where).toContainText('Left side');
	await saved(page);
});

test('the board is cut where its end is pulled to, by mouse and by keys, and the picture follows', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	const end = page.getByRole('slider', { name: 'Stage that is shown' });
	const all = Number(await end.getAttribute('aria-valuemax'));
	const grip = (await end.boundingBox())!;
	const base = (await page.locator('[data-tread="base"]').boundingBox())!;
	await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height - 8);
	await page.mouse.down();
	await page.mouse.move(base.x + base.width - 4, grip.y + grip.height - 8, { steps: 6 });
	await page.mouse.up();
	await expect(end).toHaveAttribute('aria-valuetext', 'after Base coat');
	await expect(page.getByText(/^After step 6 of 11: base coat/)).toBeVisible();
	await end.focus();
	await page.keyboard.press('ArrowRight');
	await expect(end).toHaveAttribute('aria-valuetext', 'after Blended coat');
	await page.keyboard.press('End');
	await expect(end).toHaveAttribute('aria-valuenow', String(all));
});

test('what is missing is named in words that lead to its field; a link can be the rest', async ({ page, workshop }) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	await visit(page, workshop, `/pieces/${id}/measure`);
	const plinth = page.getByLabel('Plinth', { exact: true });
	await plinth.fill('');
	await page.getByRole('link', { name: 'Cut sheets' }).click();
	await page.getByRole('link', { name: 'Front, plinth' }).click();
	await expect(plinth).toBeFocused();
	await page.getByRole('button', { name: 'Plinth is the rest' }).click();
	await expect(plinth).toHaveValue('rest');
	await expect(page.getByText('is 77', { exact: true })).toBeVisible();
	await expect(page.getByText('The chain closes.')).toBeVisible();
	await saved(page);
});

test('the focus never falls to the page after a choice', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	const focused = () => page.evaluate(() => document.activeElement?.tagName);
	const press = async (name: string | RegExp) => {
		await page.getByRole('button', { name }).first().focus();
		await page.keyboard.press('Enter');
		await expect.poll(focused).not.toBe('BODY');
	};
	await press('Lay a motif');
	await press('Lay Knot');
	await page.locator('[data-item^="row drawer-4 "] >> nth=0').click();
	await press('Leave it out');
	await press(/^Bring back 1/);
	await press('Take it out');
	await press('Edge shade and glow');
	await press(/^Make the border/);
	await press('Take it out');
	await saved(page);
});

test('a part of the page that does not come is told', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/mix`);
	await page.route('**/_app/immutable/**', (route) => route.abort());
	await page.getByRole('link', { name: 'Cut sheets' }).click();
	await expect(page.getByRole('alert').filter({ hasText: 'could not be fetched' })).toBeVisible();
});
