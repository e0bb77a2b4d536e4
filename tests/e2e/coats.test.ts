import { choose, copyOf, expect, expectNoViolations, saved, test, visit } from './workshop';

test('every kind of step is added from the menu, by keyboard too, and its panel has no axe violation', async ({ page, workshop }) => {
	test.setTimeout(240_000);
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	const stage = page.getByRole('slider', { name: 'Stage that is shown' });
	const begun = Number(await stage.getAttribute('aria-valuemax'));
	const expectSteps = (count: number) => expect(stage).toHaveAttribute('aria-valuemax', String(count));
	const add = page.getByRole('button', { name: /^Add a step/ });
	await add.click();
	const names = await page.getByRole('menuitem').allInnerTexts();
	await page.keyboard.press('Escape');
	expect(names.length).toBeGreaterThanOrEqual(16);
	/** A mask comes with the step that takes it off. */
	let steps = begun;
	for (const [i, name] of names.entries()) {
		await add.focus();
		await page.keyboard.press('Enter');
		await expect(page.getByRole('menuitem').first()).toBeVisible();
		if (i % 2 === 0) await page.getByRole('menuitem', { name, exact: true }).click();
		else {
			/** A mask that is on brings a way to take it off. */
			const at = (await page.getByRole('menuitem').allInnerTexts()).indexOf(name);
			for (let down = 0; down < at; down++) await page.keyboard.press('ArrowDown');
			await expect(page.getByRole('menuitem', { name, exact: true })).toBeFocused();
			await page.keyboard.press('Enter');
		}
		steps += name.startsWith('Mask that') ? 2 : 1;
		await expectSteps(steps);
		await expect(page.getByRole('button', { name: 'Take it out' })).toBeVisible();
		if (/^(Glaze|Gilding wax on|Stencil|Scuffing|Sanding)/.test(name)) await expectNoViolations(page, `coats, ${name}`);
	}
	await saved(page);
	for (let i = 0; i < names.length; i++) await page.keyboard.press('Control+z');
	await expectSteps(begun);
});

test('a finish that is sanded off is told, and the remedy gives it back', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	await page.locator('[data-tread="stencil"]').click();
	await page.getByRole('button', { name: /^Add a step/ }).click();
	await page.getByRole('menuitem', { name: 'Sanding', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	await page.getByRole('checkbox', { name: 'Down to the bare ground' }).click();
	const told = page.getByRole('listitem').filter({ hasText: 'Sanding to bare takes off the primer, the base coat and 2 more.' });
	await expect(told).toBeVisible();
	await told.getByRole('button', { name: 'Only key it, not to bare' }).click();
	await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(told).toBeVisible();
	await told.getByRole('button', { name: 'Leave it so' }).click();
	await expect(page.getByText('Done on purpose')).toBeVisible();
	/** What was decided ends with its coat. */
	await page.getByRole('button', { name: 'Take it out' }).click();
	await expect(page.getByText('Decided otherwise')).toHaveCount(0);
	await expect(page.locator('[data-tread="accent"], [data-tread="shells"]').first()).toBeFocused();
});

test('gilding wax keeps to the tops of a motif, and a print takes the colours of a zone', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	await page.locator('[data-tread="clear"]').click();
	await page.getByRole('button', { name: /^Add a step/ }).click();
	await page.getByRole('menuitem', { name: 'Gilding wax on edges' }).click();
	await page.getByLabel('Covers').click();
	await page.getByRole('option', { name: 'only where Reed bed is open' }).click();
	await page.getByRole('radio', { name: 'all of the tops' }).click();
	await expect(page.locator('[data-tread="gilding-wax"]')).toContainText('tops');
	await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	await page.locator('[data-tread="stencil"]').click();
	await page.getByRole('radio', { name: 'the colours of a zone' }).click();
	await expect(page.getByLabel('Zone whose colours it takes')).toHaveText('Edge shade and glow');
	await page.getByRole('link', { name: 'Mix & buy' }).click();
	await expect(page.getByText(/^Gilding wax, .* ml for gilding wax/)).toBeVisible();
	await expect(page.getByText(/ml for blended coat.*; .* ml for reed bed/).first()).toBeVisible();
});

test('old holes that are to be filled bring the filler; undo takes it out again with the change', async ({ page, workshop }) => {
	const id = await copyOf(workshop, 'sail-loft-chest');
	await visit(page, workshop, `/pieces/${id}/measure`);
	await page
		.getByRole('tab', { name: 'Hardware' })
		.or(page.getByRole('radio', { name: 'Hardware' }))
		.click();
	await page.getByRole('radio', { name: 'move it' }).click();
	await choose(page, 'Where, across', 'one, middle', 1);
	await page.getByRole('link', { name: /^Coats/ }).click();
	await expect(page.locator('[data-tread="filler"]')).toBeVisible();
	await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	/** The sanding after it is what waits. */
	await page.locator('[data-tread="sand"]').click();
	await expect(page.getByText(/for the filler \(wood filler\)/)).toBeVisible();
	await page.getByRole('link', { name: 'Mix & buy' }).click();
	const filler = page.getByText('Wood filler', { exact: true });
	await expect(filler).toBeVisible();
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await expect(filler).toHaveCount(0);
});
