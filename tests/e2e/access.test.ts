import { choose, copyOf, demoPiece, expect, expectNoViolations, saved, test, visit } from './workshop';

const SCREENS = ['measure', 'layout', 'coats', 'mix', 'sheets'] as const;
for (const screen of SCREENS)
	test(`${screen} has no axe violation as it opens`, async ({ page, workshop }) => {
		if (screen === 'measure') {
			await visit(page, workshop, '/');
			await expectNoViolations(page, 'Pieces');
			await visit(page, workshop, '/copies');
			await page.getByRole('button', { name: 'Make a copy now' }).click();
			await expect(page.getByRole('button', { name: /^Put back/ })).toBeVisible({ timeout: 30_000 });
			await expectNoViolations(page, 'Copies');
		}
		await visit(page, workshop, `/pieces/${await demoPiece(workshop)}/${screen}`);
		await expectNoViolations(page, screen);
	});

test('mix has none with a colour found', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/mix`);
	await page.getByRole('button', { name: 'Find it in the palette' }).click();
	await page.getByRole('button', { name: 'Take it' }).first().click();
	await expectNoViolations(page, 'mix, a colour found');
});

const PATTERN_NAMES = [
	'Bands',
	'Clouds',
	'Runs and drips',
	'Rings from the edge',
	'Streak of light',
	'Ageing from the edges',
	'Edge shade and glow'
];

test('lay out has none with a zone, whatever its pattern', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.getByRole('button', { name: 'Edge shade and glow', exact: true }).click();
	await expectNoViolations(page, 'layout, zone');
	await page.getByRole('button', { name: /^Where it lies/ }).click();
	await page.getByRole('button', { name: 'By name' }).click();
	await page.getByRole('checkbox', { name: 'Drawer 1', exact: true }).click();
	await expectNoViolations(page, 'layout, a coat that is not on the surface in section');
	await page.getByRole('checkbox', { name: 'Drawer 1', exact: true }).click();
	for (const pattern of PATTERN_NAMES) {
		await choose(page, 'How it goes', pattern);
		if (pattern === 'Bands' || pattern.startsWith('Runs')) await expectNoViolations(page, `layout, ${pattern}`);
	}
});

test('lay out has none with motifs and what is taped', async ({ page, workshop }) => {
	test.setTimeout(150_000);
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/layout`);
	await page.locator('[data-item^="reeds drawer-2 "] >> nth=0').click();
	await page.getByText('Limits of size and gap, and what is pinned').click();
	await expectNoViolations(page, 'layout, motif');
	const motif = page.getByRole('combobox', { name: 'Motif' });
	await motif.focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('option', { name: 'Reed' })).toBeVisible();
	await expectNoViolations(page, 'layout, a list that is open');
	await page.keyboard.type('rip');
	await page.keyboard.press('Enter');
	await expect(motif).toHaveValue('Ripple');
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	await expectNoViolations(page, 'layout, motif store');
	for (const kind of ['single motif', 'border', 'scatter']) {
		await page.getByRole('radio', { name: kind }).click();
		await page.getByRole('button', { name: 'Lay Knot' }).click();
		await expectNoViolations(page, `layout, ${kind}`);
		if (kind === 'border') {
			await page.getByRole('button', { name: /^Its sheet/ }).click();
			await expectNoViolations(page, 'layout, the sheet of a border');
		}
		await page.getByRole('button', { name: 'Lay a motif' }).click();
	}
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	for (const kind of ['Stripes', 'Line along an edge']) {
		await page.getByRole('button', { name: 'Tape it' }).click();
		await page.getByRole('menuitem', { name: kind }).click();
		await expectNoViolations(page, `layout, ${kind}`);
	}
});

test('coats has none with findings and with its menu open', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	await page.locator('[data-tread="clear"]').click();
	await page.getByRole('button', { name: 'Take it out' }).click();
	await expect(page.getByRole('listitem').getByText('Nothing protects')).toBeVisible();
	await expectNoViolations(page, 'coats, with findings');
	await page.getByRole('button', { name: 'Leave it so' }).click();
	await expect(page.getByText('Decided otherwise')).toBeVisible();
	await page.getByRole('button', { name: /^Add a step/ }).click();
	await expectNoViolations(page, 'coats, menu');
});

test('measure and sheets have none while the chain is open', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/measure`);
	await page.getByLabel('Drawer 2', { exact: true }).fill('159');
	await expect(page.getByText('The chain does not close.')).toBeVisible();
	await expectNoViolations(page, 'measure, chain open');
	await page.getByRole('link', { name: 'Cut sheets' }).click();
	await expect(page.getByRole('heading', { name: 'Not yet' })).toBeVisible();
	await expectNoViolations(page, 'sheets, refused');
});

/** From nothing to the sheet without touching the mouse. */
test('the whole journey by keyboard alone', async ({ page, workshop }) => {
	await visit(page, workshop, '/');
	const reach = async (
		name: string | RegExp,
		role: 'button' | 'link' | 'textbox' | 'radio' | 'slider' | 'application' | 'combobox' | 'spinbutton' = 'button'
	) => {
		const target = page.getByRole(role, { name }).first();
		await expect(target).toBeVisible();
		for (let i = 0; i < 150; i++) {
			if (await target.evaluate((element) => element === document.activeElement)) return;
			await page.keyboard.press('Tab');
		}
		throw new Error(`The keyboard does not reach ${role} ${name}`);
	};
	await reach('Its name', 'textbox');
	await page.keyboard.type('The keyed chest');
	await reach('Drawers', 'spinbutton');
	await page.keyboard.press('ControlOrMeta+a');
	await page.keyboard.type('2');
	await page.keyboard.press('Enter');
	await page.waitForURL('**/measure');
	await reach('Width', 'textbox');
	for (const reading of ['700', '420', '20', '3', '20', '3', '160', '3', '180', '3', '51']) {
		await page.keyboard.type(reading);
		await page.keyboard.press('Enter');
	}
	await expect(page.getByText('The chain closes.')).toBeVisible();
	await reach('Lay out', 'link');
	await page.keyboard.press('Enter');
	await page.waitForURL('**/layout');
	await reach('Shade it');
	await page.keyboard.press('Enter');
	await reach('Border', 'slider');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByLabel('Border width')).toHaveValue('31');
	await reach('Lay a motif');
	await page.keyboard.press('Enter');
	await reach('Lay Knot');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('region', { name: 'Ways it fits' })).toBeVisible();
	await reach(/^Front of/, 'application');
	await page.keyboard.press('n');
	await expect(page.getByRole('heading', { name: /^Drawer 1, motif (\d+\.)?1$/ })).toBeVisible();
	const left = page.getByLabel('Left edge, from the left');
	const before = Number(await left.inputValue());
	await page.keyboard.press('Shift+ArrowRight');
	await expect(left).toHaveValue(String(before + 10));
	await page.keyboard.press('Delete');
	await expect(page.getByRole('button', { name: 'Bring back 1 left out' })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Bring back 1 left out' })).toBeHidden();
	await reach(/^Coats/, 'link');
	await page.keyboard.press('Enter');
	await page.waitForURL('**/coats');
	await reach(/^1\. Hardware off/);
	for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowRight');
	await page.keyboard.press('Shift+ArrowLeft');
	await expect(page.getByRole('listitem').getByText('Hardware goes back on before the last coat.')).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	await reach('Cut sheets', 'link');
	await page.keyboard.press('Enter');
	await reach(/^Open the PDF/, 'link');
	await saved(page);
});
