import type { Page } from '@playwright/test';
import { PDFDocument } from '@cantoo/pdf-lib';
import { choose, expect, fetchPatiently, saved, test, visit, type Workshop } from './workshop';

/** Counts what is pressed, over all pages that are come to. */
async function countClicks(page: Page): Promise<() => Promise<number>> {
	await page.addInitScript(() =>
		addEventListener('pointerdown', () => sessionStorage.setItem('clicks', String(1 + Number(sessionStorage.getItem('clicks')))), true)
	);
	return () => page.evaluate(() => Number(sessionStorage.getItem('clicks')));
}

async function begin(
	page: Page,
	workshop: Workshop,
	{ name, shape, inches }: { name: string; shape: string; inches: boolean }
): Promise<void> {
	await visit(page, workshop, '/');
	await page.getByLabel('Its name').click();
	await page.keyboard.type(name);
	if (inches) await page.getByRole('radio', { name: 'inches' }).click();
	await page.getByRole('radio', { name: shape, exact: true }).click();
	await page.getByRole('button', { name: 'Begin measuring' }).click();
	await page.waitForURL('**/measure');
	await expect(page.getByLabel(/^(Width|Diameter)$/)).toBeFocused();
}
/** Enter goes on from reading to reading. */
async function read(page: Page, readings: readonly string[]): Promise<void> {
	for (const reading of readings) {
		await page.keyboard.type(reading);
		await page.keyboard.press('Enter');
	}
}
/** What the order says is put right by the first remedy that is offered for it. */
async function putRight(page: Page): Promise<void> {
	const said = page.getByRole('region', { name: 'What the order says' });
	const findings = said.getByRole('listitem');
	await expect(said.getByRole('heading')).toBeVisible();
	for (let i = 0; i < 8 && (await findings.count()) > 0; i++) {
		const first = await findings.first().innerText();
		await findings.first().getByRole('button').first().click();
		await expect(findings.first().filter({ hasText: first.split('\n')[0]! })).toHaveCount(0);
	}
	await expect(said.getByRole('heading', { name: 'The order holds' })).toBeVisible();
}
async function toPdf(page: Page): Promise<PDFDocument> {
	await page.getByRole('link', { name: /^Cut sheets/ }).click();
	await saved(page);
	const link = page.getByRole('link', { name: /^Open the PDF/ });
	await expect(link).toBeVisible();
	const address = new URL((await link.getAttribute('href'))!, page.url()).href;
	await link.click();
	return PDFDocument.load(await (await fetchPatiently(page, address)).body());
}

/** Adds a step of the order by its name in the list. */
async function add(page: Page, step: string | RegExp): Promise<void> {
	await page.getByRole('button', { name: /^Add a step/ }).click();
	await page.getByRole('dialog', { name: 'Add a step' }).getByRole('option', { name: step }).first().click();
}
async function lay(page: Page, way: string, motif: string): Promise<void> {
	await page.getByRole('button', { name: 'Lay a motif' }).click();
	if (way !== 'row') await page.getByRole('radio', { name: way }).click();
	await page.getByRole('button', { name: `Lay ${motif}`, exact: true }).click();
	await expect(page.getByRole('button', { name: 'Take it out' })).toBeVisible();
}

/** What the sheets are called, without their numbers and sizes. */
async function wordsOf(page: Page): Promise<string[]> {
	const titles = await page.getByRole('region', { name: 'Pages' }).locator('li > span').allInnerTexts();
	return titles.map((title) => title.replace(/^\d+\. /, '').replace(/ at [\d.]+$/, ''));
}

test('a bedside in inches, with a vignette, a row and dark wax, is at its PDF in 20 clicks', async ({ page, workshop }) => {
	const clicks = await countClicks(page);
	await begin(page, workshop, { name: 'The lamp bedside', shape: 'Bedside', inches: true });
	await read(page, ['18', '24', '1', '1/8', '1', '1/8', '7', '1/8', '14 3/4', '1', '16', '1', '1']);
	await page.getByRole('link', { name: 'Go on to Lay out' }).click();
	await page.getByRole('button', { name: 'Shade it' }).click();
	await lay(page, 'row', 'Ripple');
	await page.getByRole('link', { name: /^Coats/ }).click();
	await add(page, /^Wax$/);
	await choose(page, 'Material', 'Dark wax');
	await putRight(page);
	const pdf = await toPdf(page);
	expect(await wordsOf(page)).toEqual(expect.arrayContaining(['Drawer 1', 'Ripple', 'The order of the coats']));
	expect(pdf.getPage(0).getWidth() / 72).toBeCloseTo(11, 1);
	expect(await clicks()).toBeLessThanOrEqual(20);
});

test('a tray with a border of paste is at its PDF in 18', async ({ page, workshop }) => {
	const clicks = await countClicks(page);
	await begin(page, workshop, { name: 'The tea tray', shape: 'Tray or board', inches: false });
	await read(page, ['420', '300', '40']);
	await page.getByRole('link', { name: 'Go on to Lay out' }).click();
	await lay(page, 'border', 'Wave');
	await page.getByRole('link', { name: /^Coats/ }).click();
	await page.locator('[data-tread="base"]').click();
	await add(page, /^Paste: /);
	await putRight(page);
	await toPdf(page);
	expect(await wordsOf(page)).toEqual(expect.arrayContaining(['Board', 'Wave', 'Lays on board', 'Lays']));
	expect(await clicks()).toBeLessThanOrEqual(18);
});

test('a striped cabinet with casts and an inlay is at its PDF in 19', async ({ page, workshop }) => {
	const clicks = await countClicks(page);
	await begin(page, workshop, { name: 'The linen cabinet', shape: 'Cabinet', inches: false });
	await read(page, ['900', '1200', '40', '3', '1114', '40', '3', '4', '3', '40', '3', '40']);
	await page.getByRole('link', { name: 'Go on to Lay out' }).click();
	await page.getByRole('button', { name: 'Tape it' }).click();
	await page.getByRole('menuitem', { name: 'Stripes' }).click();
	await lay(page, 'inlay scheme', 'Star');
	await lay(page, 'trim of casts', 'Rope cast');
	await page.getByRole('link', { name: /^Coats/ }).click();
	await putRight(page);
	await toPdf(page);
	expect(await wordsOf(page)).toEqual(expect.arrayContaining(['Tape', 'Castings', 'Star']));
	expect(await clicks()).toBeLessThanOrEqual(19);
});
