import { readFile } from 'node:fs/promises';
import { choose, copyOf, expect, expectNoViolations, saved, test, visit } from './workshop';

test.describe.configure({ mode: 'serial' });

test('a border is dragged on the piece, and comes back with one undo', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.getByRole('button', { name: 'Edge shade and glow', exact: true }).click();
	const handle = page.locator('[data-handle="join-0"]');
	const border = page.getByLabel('Border width');
	const before = Number.parseInt(await border.inputValue());
	await expect(handle).toHaveAttribute('aria-valuetext', `${before} mm`);
	const { x, y, width, height } = (await handle.locator('rect').boundingBox())!;
	await page.mouse.move(x + width / 2, y + height / 2);
	await page.mouse.down();
	await page.mouse.move(x + width / 2, y + height / 2 + 14, { steps: 6 });
	await expect(handle).not.toHaveAttribute('aria-valuetext', `${before} mm`);
	await page.mouse.up();
	await expect.poll(async () => Number.parseInt(await border.inputValue())).toBeGreaterThan(before + 10);
	await saved(page);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(border).toHaveValue(new RegExp(`^${before}`));
	await handle.focus();
	await page.keyboard.press('Shift+ArrowDown');
	await expect(border).toHaveValue(new RegExp(`^${before + 10}`));
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(border).toHaveValue(new RegExp(`^${before}`));
	await saved(page);
});

test('two looks are compared by a line and side by side, and the held one is taken back', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.getByRole('button', { name: 'Edge shade and glow', exact: true }).click();
	await page.getByRole('button', { name: 'Compare from here', exact: true }).click();
	await choose(page, 'How it goes', 'Bands');
	await expect(page.getByRole('img', { name: 'As it was held' })).toHaveAttribute('data-shown', 'true');
	await expect(page.getByRole('img', { name: 'As it is now' })).toHaveAttribute('data-shown', 'true');
	/** The two pictures are of two pieces. */
	const middle = (name: string) =>
		page
			.getByRole('img', { name })
			.locator('canvas')
			.evaluate((canvas: HTMLCanvasElement) =>
				[...canvas.getContext('2d')!.getImageData(canvas.width / 2, canvas.height * 0.8, 1, 1).data].join()
			);
	/** A picture that is shown is drawn finer, or anew, meanwhile. */
	await expect.poll(async () => (await middle('As it was held')) !== (await middle('As it is now'))).toBe(true);
	await page.getByRole('slider', { name: 'Held at the left of the line' }).press('End');
	await expectNoViolations(page, 'layout, compared by a line');
	await page.getByRole('radio', { name: 'side by side' }).click();
	await expectNoViolations(page, 'layout, compared side by side');
	await page.getByRole('button', { name: 'Go back to the held one' }).click();
	await expect(page.getByLabel(/^How it goes/)).toHaveAttribute('data-value', 'edge-shade');
	await saved(page);
});

test('a face is saved as a PNG of the wished size', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.getByRole('button', { name: 'Save a picture' }).click();
	const width = page.getByLabel('Across');
	await width.fill('90000');
	await width.press('Tab');
	await expect(page.getByText(/^At most \d+/)).toBeVisible();
	await width.fill('900');
	await width.press('Tab');
	const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save it as PNG' }).click()]);
	const png = await readFile(await download.path());
	expect(png.subarray(1, 4).toString()).toBe('PNG');
	expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([900, Math.round((900 * 940) / 860)]);
});

test('the palette reads a sample, keeps it on the shelf, and another piece takes it from there', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/mix`);
	const palette = page.getByRole('region', { name: 'Palette' });
	await palette.getByRole('button', { name: 'One more colour' }).click();
	await palette.getByLabel('Name', { exact: true }).fill('Quay lichen');
	await expect(palette.getByRole('radio', { name: 'by Lab', exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Conditions' }).click();
	await page.getByRole('checkbox', { name: /simulated measuring device/ }).click();
	await page.keyboard.press('Escape');
	await palette.getByRole('radio', { name: 'by Lab or reader' }).click();
	await choose(palette, 'Under the simulated reader', 'lichen from the quay wall');
	await palette.getByRole('button', { name: 'Read it' }).click();
	await expect(palette.getByText(/^The middle of/)).toBeVisible();
	await palette.getByRole('button', { name: 'Put it on the shelf' }).click();
	await expect(page.getByText('Quay lichen is on the shelf')).toBeVisible();
	await expectNoViolations(page, 'mix, a colour of the palette');
	await palette.getByRole('radio', { name: 'from a picture' }).click();
	await palette.getByLabel('From a picture').setInputFiles('docs/screenshots/layout.png');
	await expect(palette.getByRole('button', { name: 'Take this colour' })).toBeVisible();
	await palette.getByRole('application').focus();
	await page.keyboard.press('Shift+ArrowRight');
	await expectNoViolations(page, 'mix, a picture');
	await palette.getByLabel('From a picture').setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
	await expect(palette.getByRole('alert')).toContainText('cannot be opened');
	const pieces = (await (await fetch(`${workshop.address}/api/pieces`)).json()) as { id: string; name: string }[];
	await visit(page, workshop, `/pieces/${pieces.find(({ name }) => name === 'The ferry table')!.id}/mix`);
	await choose(palette, 'From the shelf', 'Quay lichen');
	await expect(palette.getByRole('button', { name: /^Quay lichen/ })).toBeVisible();
});

test('a top that takes longer than it stays wet says so in Coats: misted where water wakes it; in paint that sets, a second pair of hands helps', async ({
	page,
	workshop
}) => {
	const pieces = (await (await fetch(`${workshop.address}/api/pieces`)).json()) as { id: string; name: string }[];
	await visit(page, workshop, `/pieces/${pieces.find(({ name }) => name === 'The ferry table')!.id}/coats`);
	await page
		.getByRole('button', { name: /Blended coat/ })
		.first()
		.click();
	const sections = page.getByRole('region', { name: 'Sections' });
	await expect(sections.getByRole('listitem')).toHaveCount(1);
	await expect(sections).toContainText('mist once');
	await choose(page, 'Material', 'Mineral furniture paint');
	await expect(sections).toContainText('! too large');
	await expectNoViolations(page, 'coats, sections');
	await page.getByRole('region', { name: 'What the order says' }).getByRole('button', { name: 'Work on it with 2 people' }).click();
	await expect(sections).not.toContainText('too large');
});
