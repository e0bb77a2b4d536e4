import { readFile, writeFile } from 'node:fs/promises';
import { spawnSync } from 'node:child_process';
import { choose, copyOf, expect, saved, test, visit, fetchPatiently } from './workshop';

/** Nothing to a printed sheet, with the mouse: a five-drawer chest in inches and fractions. */
test('a new chest front, from the tape to the placement sheet', async ({ page, workshop }) => {
	await visit(page, workshop, '/');
	await expect(page.getByText('The sail-loft chest')).toBeVisible();
	await page.getByLabel('Its name').fill('The net-loft chest');
	await page.getByText('inches').click();
	await page.getByRole('button', { name: 'Begin measuring' }).click();
	await page.waitForURL('**/measure');

	await test.step('readings, with Enter going on', async () => {
		await page.getByLabel('Width', { exact: true }).fill('33 7/8');
		await page.getByLabel('Height', { exact: true }).fill('41');
		const chain = ['1 1/8', '1/8', '5 1/2', '1/8', '6 1/4', '3 mm', '7', '1/8', '7 3/4', '1/8', '8 1/2', '1/8', '4 1/8'];
		await page.getByLabel('Rail', { exact: true }).focus();
		for (const reading of chain) {
			await page.keyboard.type(reading);
			await page.keyboard.press('Enter');
		}
		await expect(page.getByText('The chain closes.')).toBeVisible();
	});

	await test.step('a slip is named, and taken back with one click', async () => {
		await page.getByLabel('Drawer 3', { exact: true }).fill('7 3/4');
		await expect(page.getByText('The chain does not close.')).toBeVisible();
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect(page.getByText('The chain closes.')).toBeVisible();
	});

	await test.step('shade and a row of motifs', async () => {
		await page.getByRole('link', { name: 'Go on to Lay out' }).click();
		await page.getByRole('button', { name: 'Shade it' }).click();
		await page.getByRole('button', { name: 'Lay a motif' }).click();
		await page.getByRole('button', { name: 'Lay Ripple' }).click();
		const fits = page.getByRole('region', { name: 'Ways it fits' }).getByRole('listitem');
		await expect(fits.nth(2)).toBeVisible();
		await fits.nth(1).getByRole('button').click();
		await expect(fits.nth(1)).toContainText('taken');
	});

	await test.step('a motif typed, nudged and dragged into place, and all of it undone', async () => {
		const motif = page.locator('[data-item^="row drawer-2 "]').nth(1);
		await motif.click();
		const left = page.getByLabel('Left edge, from the left');
		const before = await left.inputValue();
		await left.fill('4 1/4');
		await expect(page.getByText('placed by hand')).toBeVisible();
		await page.getByRole('application').focus();
		await page.keyboard.press('Shift+ArrowRight');
		await page.keyboard.press('ArrowRight');
		await expect(left).toHaveValue('4 13/16');
		const box = (await motif.boundingBox())!;
		await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
		await page.mouse.down();
		await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2, { steps: 5 });
		await page.mouse.up();
		await expect(left).not.toHaveValue('4 13/16');
		/** Two nudges are one step where they come within a moment: on a busy machine they may be two. */
		for (let i = 0; i < 4 && (await left.inputValue()) !== before; i++) {
			await page.keyboard.press('Control+z');
			await page.waitForTimeout(150);
		}
		await expect(left).toHaveValue(before);
	});

	await test.step('the coats speak up, and a remedy mends them', async () => {
		await page.getByRole('link', { name: /^Coats/ }).click();
		await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
		await page.locator('[data-tread="clear"]').focus();
		for (let i = 0; i < 2; i++) await page.keyboard.press('Shift+ArrowLeft');
		await expect(page.getByRole('listitem').getByText('Nothing protects')).toBeVisible();
		await page.getByRole('button', { name: 'Add two clear coats over it' }).click();
		await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
		const strip = (await page.locator('[data-tread="hardware-on"]').boundingBox())!;
		const target = (await page.locator('[data-tread="base"]').boundingBox())!;
		await page.mouse.move(strip.x + 20, strip.y + 20);
		await page.mouse.down();
		await page.mouse.move(target.x + 5, target.y + 20, { steps: 8 });
		await expect(page.getByRole('listitem').getByText('Hardware goes back on before the last coat.')).toBeVisible();
		await page.mouse.up();
		await page.getByRole('button', { name: 'Move it after the last coat' }).click();
		await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	});

	await test.step('a coat is worked on', async () => {
		await page.locator('[data-tread="blend"]').click();
		await page.getByRole('radio', { name: 'Glaze slip' }).click();
		await page.getByLabel('Coats', { exact: true }).fill('3');
		await page.keyboard.press('Enter');
		await expect(page.locator('[data-tread="blend"]')).toContainText('3 coats, 7.4 thousandths of an inch');
		await page.getByLabel('Material').click();
		await page.getByRole('option', { name: 'Mineral furniture paint' }).click();
		await expect(page.locator('[data-tread="blend"]')).toContainText('3 coats, 5.2 thousandths of an inch');
	});

	await test.step('the look follows the film', async () => {
		const picture = page.locator('canvas').first();
		await expect(page.locator('[data-shown="true"]')).toBeVisible();
		const colour = () =>
			picture.evaluate((canvas: HTMLCanvasElement) =>
				[...canvas.getContext('2d')!.getImageData(canvas.width / 2, canvas.height / 3, 1, 1).data].slice(0, 3).join()
			);
		await page.waitForTimeout(1500);
		const done = await colour();
		await page.getByRole('slider', { name: 'Stage that is shown' }).focus();
		await page.keyboard.press('Home');
		await expect.poll(colour).not.toBe(done);
		await page.keyboard.press('End');
		await expect.poll(colour).toBe(done);
	});

	await test.step('figures and the printed sheet', async () => {
		await page.getByRole('link', { name: 'Mix & buy' }).click();
		await expect(page.getByText('fibre pad')).toBeVisible();
		await page.getByLabel('Wished for').fill('#33404a');
		await page.getByRole('button', { name: 'Find it in the palette' }).click();
		const mixes = page.getByRole('list', { name: 'Nearest mixes' }).getByRole('listitem');
		await expect(mixes.first()).toContainText('1 Night tide');
		await mixes.last().getByRole('button', { name: 'Take it' }).click();
		await expect(page.getByRole('region', { name: 'Mixing' }).getByRole('status')).toContainText(/against the wish .*\(\d/);
		const colours = await page.getByRole('region', { name: 'Mixing' }).getByRole('spinbutton', { name: /./ }).count();
		await page.getByRole('button', { name: 'Add it to the palette' }).click();
		await expect(page.getByRole('region', { name: 'Mixing' }).getByRole('spinbutton', { name: /./ })).toHaveCount(colours + 1);
		await page.getByRole('link', { name: 'Cut sheets' }).click();
		await expect(page.getByRole('img', { name: 'Page: Drawer 5' })).toBeVisible();
		await saved(page);
		const href = (await page.getByRole('link', { name: /Open the PDF/ }).getAttribute('href'))!;
		expect(href).toContain('paper=letter');
		const pdf = await fetchPatiently(page, workshop.address + href);
		expect(pdf.headers()['content-type']).toBe('application/pdf');
		expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
	});
});

test('nothing acknowledged is missing after a kill; a second start is refused; undo and redo go on after a reload', async ({
	page,
	workshop
}) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	await visit(page, workshop, `/pieces/${id}/measure`);
	await page.getByLabel('Name', { exact: true }).fill('The killed chest');
	await saved(page);
	const second = spawnSync(process.execPath, ['build/index.js'], {
		env: { ...process.env, EMBER_WORKSHOP: workshop.directory, PORT: '0' },
		encoding: 'utf8',
		timeout: 20_000
	});
	expect(second.status).toBe(3);
	expect(second.stderr).toContain('is already open');
	await workshop.kill();
	await page.getByLabel('Width', { exact: true }).fill('861');
	await expect(page.locator('[data-save="waiting"]')).toBeVisible();
	await workshop.start();
	await saved(page);
	await visit(page, workshop, `/pieces/${id}/measure`);
	await expect(page.getByLabel('Name', { exact: true })).toHaveValue('The killed chest');
	await expect(page.getByLabel('Width', { exact: true })).toHaveValue('861');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByLabel('Width', { exact: true })).toHaveValue('860');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Copy of sail-loft-chest');
	await saved(page);
	await visit(page, workshop, `/pieces/${id}/measure`);
	await page.getByRole('button', { name: 'Redo' }).click();
	await expect(page.getByLabel('Name', { exact: true })).toHaveValue('The killed chest');
	await page.getByRole('button', { name: 'Redo' }).click();
	await expect(page.getByLabel('Width', { exact: true })).toHaveValue('861');
	await expect(page.getByRole('button', { name: 'Redo' })).toBeDisabled();
	await saved(page);
});

test('a page that is loaded anew at once after an edit finds it, and no other window', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/measure`);
	const width = page.getByLabel('Width', { exact: true });
	for (const read of ['861', '862', '863']) {
		await width.fill(read);
		await page.reload();
		await page.waitForSelector('html[data-ready]');
		await expect(width).toHaveValue(read);
	}
	await width.fill('864');
	await saved(page);
});

test('an edit from a stale tab is refused with a choice', async ({ page, context, workshop }) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	await visit(page, workshop, `/pieces/${id}/measure`);
	const other = await context.newPage();
	await visit(other, workshop, `/pieces/${id}/measure`);
	await other.getByLabel('Width', { exact: true }).fill('870');
	await saved(other);
	await page.getByLabel('Width', { exact: true }).fill('850');
	await expect(page.getByRole('alertdialog')).toContainText('changed in another window');
	await page.getByRole('button', { name: 'Go on with the other one' }).click();
	await expect(page.getByLabel('Width', { exact: true })).toHaveValue('870');
	await other.getByLabel('Width', { exact: true }).fill('880');
	await saved(other);
	await page.getByLabel('Width', { exact: true }).fill('860');
	await page.getByRole('button', { name: 'Put mine in its place' }).click();
	await saved(page);
	const piece = (await (await fetch(`${workshop.address}/api/pieces/${id}`)).json()) as {
		document: { piece: { faces: { width: string }[] } };
	};
	expect(piece.document.piece.faces[0]!.width).toBe('860');
	await other.close();
});

test('the project file goes out and comes back unchanged; a broken one changes nothing', async ({ page, workshop }) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	const out = await (await page.request.get(`${workshop.address}/pieces/${id}/file`)).text();
	const broken = test.info().outputPath('broken.json');
	await writeFile(broken, out.replace('"paper": "a4"', '"paper": "a3"'));
	const whole = test.info().outputPath('whole.json');
	await writeFile(whole, out);
	await visit(page, workshop, '/');
	const before = await page.getByRole('listitem').count();
	await page.getByLabel('or open a project file').setInputFiles(broken);
	await expect(page.getByRole('alert')).toContainText('paper: This must be one of: a4, letter.');
	expect((await (await page.request.get(`${workshop.address}/api/pieces`)).json()) as unknown[]).toHaveLength(before);
	await page.getByLabel('or open a project file').setInputFiles(whole);
	await page.waitForURL('**/layout');
	const back = await (await page.request.get(page.url().replace('/layout', '/file'))).text();
	expect(back).toBe(out);
});

test('bands climb the whole piece; far colours are named and bridged from the palette; the picture follows', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.getByRole('button', { name: 'Edge shade and glow', exact: true }).click();
	await choose(page, 'How it goes', 'Bands');
	await page.getByRole('button', { name: /^Where it lies/ }).click();
	await page.getByRole('radio', { name: 'the piece, from the floor' }).click();
	const picture = page.locator('canvas').first();
	const at = (share: number) =>
		picture.evaluate(
			(canvas: HTMLCanvasElement, share) =>
				[...canvas.getContext('2d')!.getImageData(canvas.width * 0.06, canvas.height * share, 1, 1).data]
					.slice(0, 3)
					.reduce((a, b) => a + b),
			share
		);
	/** Dark at the floor, light at the top, in one sweep over all drawers. */
	await expect.poll(async () => (await at(0.1)) - (await at(0.85))).toBeGreaterThan(100);
	await expect.poll(async () => (await at(0.1)) >= (await at(0.4)) && (await at(0.4)) >= (await at(0.7))).toBe(true);
	await page.getByLabel('At the bottom: shade as it dries').fill('#101318');
	await page.getByLabel('Then, 2: shade as it dries').fill('#f4efe2');
	await page
		.getByRole('button', { name: /between: the largest step falls/ })
		.first()
		.click();
	await expect(page.getByLabel('Then, 3', { exact: true })).toBeVisible();
	for (let i = 0; i < 5; i++) await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByLabel(/^How it goes/)).toHaveAttribute('data-value', 'edge-shade');
	await saved(page);
});

test('a motif comes in as SVG; what draws no opening, or would run, is refused with its line', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	const bring = async (name: string, inside: string) => {
		const file = test.info().outputPath(name);
		await writeFile(file, `<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="40mm" viewBox="0 0 40 40">\n${inside}</svg>`);
		await page.getByLabel('Bring in a drawing (SVG), or a silhouette (PNG, JPEG)').setInputFiles(file);
	};
	await bring('bad.svg', '<script>alert(1)</script>');
	await expect(page.getByRole('alert')).toContainText('line 2: <script> is not read.');
	await bring('Half moon.svg', '<title>Half moon</title><path d="M0 20A20 20 0 0 1 40 20Z"/>');
	await page.getByRole('button', { name: 'Lay Half moon' }).click();
	await expect(page.getByRole('region', { name: 'Ways it fits' })).toBeVisible();
	await expect(page.locator('[data-item^="row drawer-4"]').first()).toBeVisible();
	await page.getByRole('button', { name: 'Take it out' }).click();
	await saved(page);
});

test('the plan is the same from the server and from the command line', async ({ page, workshop }) => {
	const file = 'demo/sail-loft-chest.json';
	const fromServer = await page.request.post(`${workshop.address}/api/plan`, {
		data: await readFile(file, 'utf8'),
		headers: { 'content-type': 'application/json' }
	});
	const fromShell = spawnSync('npx', ['tsx', 'scripts/plan.ts', file], { encoding: 'utf8' });
	expect(await fromServer.text()).toBe(fromShell.stdout);
	const bad = await page.request.post(`${workshop.address}/api/plan`, {
		data: '{"format":"ember-ribbon/project","version":1}',
		headers: { 'content-type': 'text/plain' }
	});
	expect(bad.status()).toBe(422);
	expect(((await bad.json()) as { errors: object[] }).errors[0]).toEqual({
		code: 'field.missing',
		path: 'units',
		message: expect.any(String)
	});
	const elsewhere = await page.request.post(`${workshop.address}/api/pieces`, {
		data: '{}',
		headers: { origin: 'http://elsewhere.example' }
	});
	expect(elsewhere.status()).toBe(403);
});
