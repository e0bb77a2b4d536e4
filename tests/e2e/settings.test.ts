import { copyOf, expect, expectNoViolations, saved, test, visit } from './workshop';

test('what holds in the workshop is changed by keyboard; a piece says so, takes it by one undo, and a new one begins with it', async ({
	page,
	workshop
}) => {
	const chest = await copyOf(workshop, 'net-box');
	const ask = async (path: string, init?: RequestInit) => (await fetch(`${workshop.address}/api/${path}`, init)).json();
	await visit(page, workshop, '/');
	await page.getByRole('link', { name: /^Workshop/ }).focus();
	await page.keyboard.press('Enter');
	await page.waitForURL(/\/workshop$/);
	await page.getByRole('spinbutton', { name: 'It is' }).fill('14');
	await page.keyboard.press('Tab');
	await expect.poll(async () => (await ask('workshop')).document.temperature).toBe(14);
	await expectNoViolations(page, 'the page of the workshop');
	await visit(page, workshop, `/pieces/${chest}/coats`);
	await page.getByRole('button', { name: 'Conditions changed' }).click();
	await expect(page.getByText('The workshop is not as this piece has it: 14 °C.')).toBeVisible();
	await expectNoViolations(page, 'Coats, the workshop has changed');
	await page.getByRole('button', { name: 'Take that for this piece' }).click();
	await expect(page.getByRole('spinbutton', { name: 'It is' })).toHaveValue('14');
	await saved(page);
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('button', { name: 'Conditions changed' })).toBeVisible();
	await visit(page, workshop, '/');
	await page.getByLabel('Its name').fill('In the cold');
	await page.getByRole('button', { name: 'Begin measuring' }).click();
	await page.waitForURL(/\/measure/);
	const id = /pieces\/([^/]+)/.exec(page.url())![1]!;
	expect((await ask(`pieces/${id}`)).document.workshop).toEqual({ temperature: 14, humidity: 50 });
	await visit(page, workshop, '/workshop');
	await page.getByRole('button', { name: 'Undo in the workshop' }).click();
	await expect.poll(async () => (await ask('workshop')).document.temperature).toBe(20);
});

test('what is sent of the workshop is read, or refused with its place; who was not quick changes nothing', async ({ workshop }) => {
	const put = (body: string) =>
		fetch(`${workshop.address}/api/workshop`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body });
	const { document, place } = await (await fetch(`${workshop.address}/api/workshop`)).json();
	for (const [body, status, path] of [
		['{', 422, ''],
		['{}', 422, 'place'],
		[JSON.stringify({ place, document: { ...document, temperature: 61 } }), 422, 'temperature'],
		[JSON.stringify({ place, document: { ...document, rates: { brush: -1 } } }), 422, 'rates.brush'],
		[JSON.stringify({ place: place + 7, document }), 409, '']
	] as const) {
		const answer = await put(body);
		const { errors } = await answer.json();
		expect([answer.status, errors[0].path], body).toEqual([status, path]);
		expect(errors[0].message.length).toBeGreaterThan(10);
	}
	expect((await (await fetch(`${workshop.address}/api/workshop`)).json()).place).toBe(place);
	for (const [way, body, status] of [
		['sideways', '1', 404],
		['back', 'x', 422]
	] as const)
		expect((await fetch(`${workshop.address}/api/workshop/${way}`, { method: 'POST', body })).status).toBe(status);
});
