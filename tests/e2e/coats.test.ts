import { choose, copyOf, expect, expectNoViolations, saved, test, visit } from './workshop';

test('steps of every kind are found by typing and added, by keyboard too, and their panels have no axe violation', async ({
	page,
	workshop
}) => {
	test.setTimeout(240_000);
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	const stage = page.getByRole('slider', { name: 'Stage that is shown' });
	const begun = Number(await stage.getAttribute('aria-valuemax'));
	const expectSteps = (count: number) => expect(stage).toHaveAttribute('aria-valuemax', String(count));
	const add = page.getByRole('button', { name: /^Add a step/ });
	const list = page.getByRole('dialog', { name: 'Add a step' });
	await add.click();
	await expect(list.getByRole('option').first()).toBeVisible();
	const names = await list.getByRole('option').allInnerTexts();
	expect(names.length).toBeGreaterThanOrEqual(60);
	await page.keyboard.type('nothing like it');
	await expect(list.getByText('No step is called so.')).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(list).toBeHidden();
	/** One in three, each after the last; a mask comes with the step that takes it off. */
	let steps = begun;
	for (const [i, name] of names.filter((_, at) => at % 3 === 0).entries()) {
		await add.focus();
		await page.keyboard.press('Enter');
		await expect(list.getByRole('combobox')).toBeFocused();
		if (i % 2 === 0) await list.getByRole('option', { name, exact: true }).click();
		else {
			await page.keyboard.type(name.toLowerCase());
			await expect(list.getByRole('option', { name, exact: true })).toHaveAttribute('aria-selected', 'true');
			await page.keyboard.press('Enter');
		}
		steps += name.startsWith('Mask that') ? 2 : 1;
		await expectSteps(steps);
		await expect(page.getByRole('button', { name: 'Take it out' })).toBeVisible();
		if (i % 4 === 0) await expectNoViolations(page, `coats, ${name}`);
	}
	await saved(page);
	while (steps > begun) {
		await page.keyboard.press('Control+z');
		steps -= 1;
		if (steps % 7 === 0) await page.waitForTimeout(50);
	}
	await expect(stage).toHaveAttribute('aria-valuemax', String(begun));
});

test("what a label says makes a tin of one's own: it is kept on the shelf, and found on another piece", async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	await page.locator('[data-tread="clear"]').click();
	const label = page.getByRole('button', { name: 'Write down what its label says' });
	await label.focus();
	await page.keyboard.press('Enter');
	const recoat = page.getByLabel('Ready for the next coat after');
	await recoat.fill('3 h');
	await page.keyboard.press('Tab');
	await expect(page.getByRole('combobox', { name: 'Material' })).toHaveValue('Clear coat, own tin');
	await expect(page.getByText('from its label')).toBeVisible();
	await expectNoViolations(page, 'coats, a label');
	await saved(page);
	await visit(page, workshop, '/workshop');
	await expect(page.getByText('next coat after 3 h')).toBeVisible();
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'ferry-table')}/coats`);
	await page.locator('[data-tread="clear"]').click();
	await page.getByRole('combobox', { name: 'Material' }).click();
	await page.keyboard.type('own tin');
	await page.getByRole('option', { name: 'Clear coat, own tin' }).click();
	await expect(page.getByRole('button', { name: 'What its label says' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('combobox', { name: 'Material' })).toHaveValue('Clear coat');
	/** What goes on the hardware is dry beside the piece; what is tried first has its board. */
	await page.getByRole('button', { name: 'Try it first on a board' }).click();
	await expect(page.getByText('Tried first on a board of 10 by 15 cm:')).toBeVisible();
});

test('a finish that is sanded off is told, and the remedy gives it back', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	await page.locator('[data-tread="stencil"]').click();
	await page.getByRole('button', { name: /^Add a step/ }).click();
	await page.getByRole('option', { name: 'Sanding', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	await page.getByRole('checkbox', { name: 'Down to the bare ground' }).click();
	const told = page.getByRole('listitem').filter({ hasText: 'Sanding to bare takes off the primer, the base coat and 2 more.' });
	await expect(told).toBeVisible();
	await told.getByRole('button', { name: 'Only key it, not to bare' }).click();
	await expect(page.getByRole('heading', { name: 'The order holds' })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(told).toBeVisible();
	await told.getByRole('button', { name: 'Leave it so' }).click();
	await expect(page.getByLabel('Why, for the plan and the sheet')).toHaveValue('Done on purpose');
	/** What was decided ends with its coat. */
	await page.getByRole('button', { name: 'Take it out' }).click();
	await expect(page.getByText('Decided otherwise')).toHaveCount(0);
	await expect(page.locator('[data-tread="accent"], [data-tread="shells"]').first()).toBeFocused();
});

test('gilding wax keeps to the tops of a motif, and a print takes the colours of a zone', async ({ page, workshop }) => {
	await visit(page, workshop, `/pieces/${await copyOf(workshop, 'sail-loft-chest')}/coats`);
	await page.locator('[data-tread="clear"]').click();
	await page.getByRole('button', { name: /^Add a step/ }).click();
	await page.getByRole('option', { name: 'Gilding wax on edges' }).click();
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
