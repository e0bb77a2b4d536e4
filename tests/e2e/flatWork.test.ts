import { readFile } from 'node:fs/promises';
import { copyOf, expect, saved, test, visit } from './workshop';

test('a border is laid round a round top, closed; another way is taken, its count pinned, and one undo brings each back', async ({
	page,
	workshop
}) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'ferry-table')}/layout`);
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	await page.getByRole('radio', { name: 'border' }).click();
	await page.getByRole('button', { name: 'Lay Rope', exact: true }).click();
	const items = page.locator('[data-item^="border "]');
	const ways = page.getByRole('region', { name: 'Ways it fits' }).getByRole('listitem');
	await expect(ways.first()).toContainText(/\d+ round, each/);
	const countOf = async (at: number) => Number.parseInt((await ways.nth(at).innerText()).trim());
	await expect(items).toHaveCount(await countOf(0));
	const second = await countOf(1);
	await ways.nth(1).getByRole('button').click();
	await expect(items).toHaveCount(second);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(items).toHaveCount(await countOf(0));
	await page.getByRole('button', { name: /^Limits of size and gap/ }).click();
	const across = page.getByLabel('So many across');
	await across.fill('30');
	await across.press('Enter');
	await expect(items).toHaveCount(30);
	await saved(page);
});

test('stripes are taped, told on the tape page, and painted in their own coat', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'chart-cabinet')}/layout`);
	await page.getByRole('button', { name: 'Tape it' }).click();
	await page.getByRole('menuitem', { name: 'Stripes' }).click();
	await expect(page.locator('[data-item^="stripes "]').first()).toBeVisible();
	await expect(page.getByText(/masks, \d+ spacers that are pulled before painting\. Tape: /)).toBeVisible();
	await page.getByRole('radio', { name: 'measured and marked' }).click();
	await expect(page.getByText(/spacers that are pulled/)).toHaveCount(0);
	await page.getByRole('button', { name: 'Another stripe in the rhythm' }).click();
	await expect(page.getByLabel('Stripe 2')).toBeVisible();
	await saved(page);
	await page.getByRole('link', { name: 'Cut sheets' }).click();
	await expect(page.getByText(/^\d+\. Tape$/)).toBeVisible();
});

test('a line is written in stencil letters, a silhouette traced and seen before it is kept, and a motif cut', async ({
	page,
	workshop
}) => {
	const id = await copyOf(workshop, 'net-box');
	await visit(page, workshop, `/pieces/${id}/layout`);
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	await page.getByRole('radio', { name: 'single motif' }).click();
	await page.getByRole('button', { name: 'Write a line in stencil letters' }).click();
	await page.getByLabel('The line').fill('Quay ☼');
	await expect(page.getByText('The stencil alphabet has no "☼". Write it another way.')).toBeVisible();
	await page.getByLabel('The line').fill('Quay 7');
	await page.getByRole('button', { name: 'Keep it and lay it' }).click();
	await expect(page.getByRole('combobox', { name: 'Motif' })).toHaveValue('Quay 7');
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	/** A dark disc, drawn here. */
	const bytes = await page.evaluate(async () => {
		const canvas = new OffscreenCanvas(120, 120);
		const context = canvas.getContext('2d')!;
		context.fillStyle = '#fff';
		context.fillRect(0, 0, 120, 120);
		context.fillStyle = '#222';
		context.arc(60, 60, 40, 0, 2 * Math.PI);
		context.fill();
		return [...new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer())];
	});
	await page
		.getByLabel('Bring in a drawing (SVG), or a silhouette (PNG, JPEG)')
		.setInputFiles({ name: 'Full moon.png', mimeType: 'image/png', buffer: Buffer.from(bytes) });
	const silhouette = page.getByRole('region', { name: 'Silhouette' });
	await expect(silhouette.locator('svg path').first()).toBeAttached();
	await silhouette.getByRole('checkbox', { name: 'The light parts are the openings' }).click();
	await silhouette.getByRole('checkbox', { name: 'The light parts are the openings' }).click();
	await silhouette.getByRole('button', { name: 'Keep it and lay it' }).click();
	await expect(page.getByRole('combobox', { name: 'Motif' })).toHaveValue('Full moon');
	await saved(page);
	await page.getByRole('link', { name: 'Cut sheets' }).click();
	const item = page.getByRole('listitem').filter({ hasText: 'Full moon' }).filter({ hasText: 'sheet' });
	const [file] = await Promise.all([page.waitForEvent('download'), item.getByRole('link', { name: 'SVG' }).click()]);
	expect(await readFile((await file.path())!, 'utf8')).toContain('<g id="cut"');
});
