import { choose, copyOf, expect, expectNoViolations, fetchPatiently, saved, test, visit } from './workshop';

test('at localhost pages open and saves are taken; under another name nothing is told', async ({ page, workshop }) => {
	const local = { ...workshop, address: workshop.address.replace('127.0.0.1', 'localhost') };
	const id = await copyOf(workshop, 'net-box');
	await visit(page, local, `/pieces/${id}/layout`);
	await page.getByRole('button', { name: 'Shade it' }).click();
	await saved(page);
	const other = await page.request.get(`${workshop.address}/api/pieces`, { headers: { host: 'elsewhere.example' } });
	expect(other.status()).toBe(421);
	expect(await other.text()).not.toContain('net-box');
});

test('a single motif is laid on every front at once, dragged, turned and mirrored by hand and by key, and undone', async ({
	page,
	workshop
}) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	await page.getByRole('radio', { name: 'single motif' }).click();
	await page.getByRole('button', { name: 'Lay Knot' }).click();
	const items = page.locator('[data-item^="alone "]');
	await expect(items).toHaveCount(4);
	await items.nth(1).click();
	const across = page.getByLabel('Off its centre, to the right');
	await expect(across).toHaveValue('0');
	const box = (await items.nth(1).boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2, { steps: 4 });
	await page.mouse.up();
	await expect(across).not.toHaveValue('0');
	/** Near the centre line it is drawn to it; with Alt, or further off, it is not. */
	const pulled = (await items.nth(1).boundingBox())!;
	await page.mouse.move(pulled.x + pulled.width / 2, pulled.y + pulled.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2 + 4, box.y + box.height / 2, { steps: 4 });
	await expect(page.locator('[data-line="centre"]')).not.toHaveCount(0);
	await page.mouse.up();
	await expect(page.locator('[data-line]')).toHaveCount(0);
	await expect(across).toHaveValue('0');
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await page.mouse.down();
	await page.keyboard.down('Alt');
	await page.mouse.move(box.x + box.width / 2 + 4, box.y + box.height / 2, { steps: 4 });
	await expect(page.locator('[data-line]')).toHaveCount(0);
	await page.mouse.move(box.x + box.width / 2 + 40, box.y + box.height / 2, { steps: 4 });
	await page.mouse.up();
	await page.keyboard.up('Alt');
	await expect(across).not.toHaveValue('0');
	const dragged = Number(await across.inputValue());
	await page.getByRole('application').focus();
	await page.keyboard.press('ArrowLeft');
	await expect(across).toHaveValue(String(dragged - 1));
	const turn = page.getByLabel('Turned clockwise');
	await page.keyboard.press('>');
	await page.keyboard.press('.');
	await expect(turn).toHaveValue('16');
	const handle = (await page.locator('[data-handle="turn"]').boundingBox())!;
	const now = (await items.nth(1).boundingBox())!;
	const centre = { x: now.x + now.width / 2, y: now.y + now.height / 2 };
	await page.mouse.move(handle.x + handle.width / 2, handle.y + handle.height / 2);
	await page.mouse.down();
	/** To the right of its centre: a quarter of a turn. */
	await page.mouse.move(centre.x + 60, centre.y, { steps: 4 });
	await page.mouse.up();
	await expect(async () => expect(Math.abs(Number(await turn.inputValue()) - 90)).toBeLessThanOrEqual(3)).toPass();
	const scale = page.getByLabel('Scale', { exact: true });
	const before = Number(await scale.inputValue());
	const corner = (await page.locator('[data-handle="scale"]').boundingBox())!;
	await page.mouse.move(corner.x + corner.width / 2, corner.y + corner.height / 2);
	await page.mouse.down();
	await page.mouse.move(
		centre.x + (corner.x + corner.width / 2 - centre.x) * 1.5,
		centre.y + (corner.y + corner.height / 2 - centre.y) * 1.5,
		{ steps: 4 }
	);
	await page.mouse.up();
	await expect(async () => expect(Number(await scale.inputValue()) / before).toBeCloseTo(1.5, 1)).toPass();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(scale).toHaveValue(String(before));
	await page.getByRole('radio', { name: 'each knob or pull' }).click();
	await expect(items).toHaveCount(8);
	await saved(page);
});

test('a field covers a round top to its edge, and its sheet is printed', async ({ page, workshop }) => {
	const id = await copyOf(workshop, 'ferry-table');
	await visit(page, workshop, `/pieces/${id}/layout`);
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	await page.getByRole('radio', { name: 'all-over field' }).click();
	await page.getByRole('button', { name: 'Lay Reed' }).click();
	await expect(page.getByText(/^\d+ motifs, \d+ of them cut\.$/)).toBeVisible();
	await page.getByRole('radio', { name: 'whole ones only' }).click();
	await expect(page.getByText(/^\d+ motifs\.$/)).toBeVisible();
	await saved(page);
	await page.getByRole('link', { name: 'Cut sheets' }).click();
	await expect(page.getByText('1. Top', { exact: true })).toBeVisible();
	for (const odd of ['paper=a0', 'of=all'])
		expect((await page.request.get(`${workshop.address}/pieces/${id}/sheets/pdf?${odd}`)).status()).toBe(400);
	const pdf = await fetchPatiently(page, `${workshop.address}/pieces/${id}/sheets/pdf`);
	expect([pdf.status(), pdf.headers()['content-type']]).toEqual([200, 'application/pdf']);
});

test('a row runs along a line that is drawn with one stroke; its points are set by hand, by key and by figure', async ({
	page,
	workshop
}) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.locator('[data-item^="reeds "]').first().click();
	await page.getByRole('button', { name: /The line it runs on/ }).click();
	await choose(page, 'Row', 'along a drawn line');
	const points = page.getByRole('slider', { name: /^Point \d+ of/ });
	await expect(points).toHaveCount(5);
	await page.getByRole('button', { name: 'Draw it anew with one stroke' }).click();
	const part = (await page.locator('[data-stroke]').boundingBox())!;
	const at = (share: number) => [part.x + part.width * share, part.y + part.height * (0.4 + 0.2 * share)] as const;
	await page.mouse.move(...at(0.1));
	await page.mouse.down();
	for (const share of [0.3, 0.5, 0.7, 0.9]) await page.mouse.move(...at(share));
	await page.mouse.up();
	/** A straight stroke needs no more than its ends. */
	await expect(points).toHaveCount(2);
	const turned = page.getByRole('textbox', { name: 'Point 1, from the top' });
	const before = await turned.inputValue();
	await points.first().focus();
	await page.keyboard.press('ArrowDown');
	await expect(turned).toHaveValue(String(Number(before) + 1));
	await page.keyboard.press('a');
	await expect(points).toHaveCount(3);
	await page.keyboard.press('Delete');
	await expect(points).toHaveCount(2);
	await page.getByRole('textbox', { name: 'Point 2, from the left' }).fill('700');
	await expect(points.nth(1)).toHaveAttribute('aria-valuetext', /^700 mm from the left/);
	await expectNoViolations(page, 'lay out, with a drawn line');
	await saved(page);
	await page.reload();
	await page.locator('[data-item^="reeds "]').first().click();
	await expect(points.nth(1)).toHaveAttribute('aria-valuetext', /^700 mm from the left/);
});
