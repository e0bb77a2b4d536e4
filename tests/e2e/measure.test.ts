import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { choose, expect, expectNoViolations, saved, test, visit, type Workshop } from './workshop';

async function begin(page: Page, workshop: Workshop, shape: string, name: string): Promise<void> {
	await visit(page, workshop, '/');
	await page.getByLabel('Its name').fill(name);
	await page.getByRole('radio', { name: shape }).check({ force: true });
	await page.getByRole('button', { name: 'Begin measuring' }).click();
	await page.waitForURL('**/measure');
}
const LIST = [
	['Width', '1500'],
	['Height', '850'],
	['Rail 1', '28'],
	['Row 1', '170'],
	['Stile 1', '25'],
	['Stile 2', '25'],
	['Rail 2', '25'],
	['Row 2', '540'],
	['Stile 3', '25'],
	['Stile 4', '25'],
	['Plinth', '75']
];

/** A face seen aslant: a light board with a dark frame round its edge, on grey. */
async function photograph(): Promise<Buffer> {
	const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="800"><rect width="1200" height="800" fill="#808080"/>
		<path d="M200 150L1000 210L960 700L240 740Z" fill="#f0e8d8" stroke="#203040" stroke-width="6"/></svg>`;
	return sharp(Buffer.from(svg)).jpeg({ quality: 95 }).toBuffer();
}

test('a sideboard from a list of readings; what is wrong is named where it stands; its parts, its drawing', async ({ page, workshop }) => {
	await begin(page, workshop, 'Sideboard', 'The pilot sideboard');

	await test.step('a list with a slip in it changes nothing; the right one fills every field', async () => {
		await page.getByRole('button', { name: 'From a list' }).click();
		const list = page.getByLabel(/^One reading on a line/);
		await list.fill(LIST.map(([name, mm]) => `${name === 'Plinth' ? 'Plint' : name},${mm}`).join('\n'));
		await page.getByRole('button', { name: 'Take them over' }).click();
		await expect(page.getByRole('alert')).toContainText('Plint');
		await expect(page.getByLabel('Width', { exact: true })).toHaveValue('');
		await list.fill(LIST.map(([name, mm]) => `${name},${mm}`).join('\n'));
		await page.getByRole('button', { name: 'Take them over' }).click();
		await expect(page.getByLabel('Plinth', { exact: true })).toHaveValue('75');
		await expect(page.getByText('The chain closes.')).toHaveCount(3);
		await expect(page.getByRole('link', { name: 'Go on to Lay out' })).toBeVisible();
	});

	await test.step('a negative reading, and one that does not add up', async () => {
		await page.getByLabel('Rail 2', { exact: true }).fill('-25');
		await expect(page.getByRole('alert').or(page.locator('.fault')).first()).toBeVisible();
		await expect(page.getByLabel('Rail 2', { exact: true })).toHaveAttribute('aria-invalid', 'true');
		await page.getByLabel('Rail 2', { exact: true }).fill('52');
		await expect(page.getByText('The chain does not close.')).toBeVisible();
		await page.getByLabel('Rail 2', { exact: true }).fill('25');
		await expect(page.getByText('The chain closes.')).toHaveCount(3);
	});

	await test.step('a panel larger than its door is named on it, and put right', async () => {
		await page.getByRole('radio', { name: 'Parts' }).click();
		await page.getByRole('button', { name: /^Door 1/ }).click();
		await page.getByRole('button', { name: 'Lay a part on Door 1' }).click();
		await choose(page, 'Measured by', 'its place and size');
		await page.getByLabel('width', { exact: true }).fill('2000');
		await expect(page.getByText(/reaches over the edge of Door 1/)).toBeVisible();
		await expectNoViolations(page, 'measure, a part that is too large');
		await expect(page.getByRole('radio', { name: /^Parts !1/ })).toBeVisible();
		await choose(page, 'Measured by', 'its margins');
		for (const [side, mm] of [
			['left', '70'],
			['top', '60'],
			['right', '70'],
			['bottom', '60']
		])
			await page.getByLabel(side!, { exact: true }).fill(mm!);
		await expect(page.getByRole('radio', { name: 'Parts', exact: true })).toBeVisible();
	});

	await test.step('a knob off its drawer is named at its figure', async () => {
		await page.getByRole('radio', { name: 'Hardware' }).click();
		await choose(page, 'Where, across', 'one, from the left');
		await page.getByLabel('Edge to its middle').first().fill('3');
		await expect(page.getByRole('radio', { name: /^Hardware !/ })).toBeVisible();
		await expectNoViolations(page, 'measure, a knob off its drawer');
		await choose(page, 'Where, across', 'one, middle');
		await expect(page.getByRole('radio', { name: 'Hardware', exact: true })).toBeVisible();
	});

	await test.step('laid flat: the side is picked and opened from there, and back with one click', async () => {
		await page.getByRole('button', { name: 'lay it flat' }).click();
		const side = page.getByRole('button', { name: /^Left side, .*not measured yet/ });
		await expect(side).toBeVisible();
		await expectNoViolations(page, 'measure, laid flat');
		await side.focus();
		await page.keyboard.press('Enter');
		await expect(page.getByLabel(/^Face that is shown/)).toHaveAttribute('data-value', 'left');
		await page.getByRole('radio', { name: 'Ground, edges' }).click();
		await choose(page, 'Ground', 'veneer');
		await expect(page.getByText(/Veneer is 0.5 to 0.8 mm thin/)).toBeVisible();
		await expectNoViolations(page, 'measure, ground');
	});

	await test.step('the measured drawing, on paper and as files', async () => {
		await saved(page);
		const of = async (name: string) => {
			const answer = await page.request.get(workshop.address + (await page.getByRole('link', { name }).getAttribute('href'))!);
			expect(answer.ok()).toBe(true);
			return { type: answer.headers()['content-type'], body: await answer.body() };
		};
		expect((await of('PDF')).body.subarray(0, 5).toString()).toBe('%PDF-');
		expect((await of('SVG')).type).toContain('image/svg+xml');
		await page.getByRole('button', { name: 'Front', exact: true }).click();
		expect((await of('DXF in mm')).body.toString()).toContain('DIMENSIONS');
	});
});

test('a photograph is straightened behind the drawing by its four corners, by keyboard; a part is traced on it; a bad one is refused', async ({
	page,
	workshop
}) => {
	await begin(page, workshop, 'Tray or board', 'The oyster tray');
	await page.getByLabel('Width', { exact: true }).fill('400');
	await page.getByLabel('Depth', { exact: true }).fill('280');
	await page.getByRole('radio', { name: 'Picture' }).click();
	const file = page.getByLabel('JPEG, PNG or WebP');
	await file.setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') });
	await expect(page.getByRole('alert')).toContainText('Nothing has changed');
	await file.setInputFiles({ name: 'tray.jpg', mimeType: 'image/jpeg', buffer: await photograph() });

	await test.step('corners', async () => {
		/** The picker begins with marks of its own: each is moved by arrow keys until it stands on its corner. */
		for (const [name, x, y] of [
			['Top left', 200, 150],
			['Top right', 1000, 210],
			['Bottom right', 960, 700],
			['Bottom left', 240, 740]
		] as const) {
			const mark = page.getByRole('button', { name: new RegExp(`^${name} corner`) });
			await mark.focus();
			const [, atX, atY] = /(\d+) by (\d+)/.exec((await mark.getAttribute('aria-label'))!)!.map(Number);
			const press = async (by: number, key: string) => {
				for (let i = 0; i < Math.floor(Math.abs(by) / 10); i++) await page.keyboard.press(`Shift+${key}`);
				for (let i = 0; i < Math.abs(by) % 10; i++) await page.keyboard.press(key);
			};
			await press(x - atX!, x > atX! ? 'ArrowRight' : 'ArrowLeft');
			await press(y - atY!, y > atY! ? 'ArrowDown' : 'ArrowUp');
			await expect(mark).toHaveAttribute('aria-label', new RegExp(`${x} by ${y}`));
		}
		await expectNoViolations(page, 'measure, corners of a photograph');
		await page.getByRole('button', { name: 'Straighten it' }).click();
	});

	await test.step('straight, at scale, behind the drawing', async () => {
		const picture = page.locator('[data-photograph]');
		await expect(picture).toBeVisible();
		const look = (u: number, v: number) =>
			picture.evaluate(
				(canvas: HTMLCanvasElement, [u, v]) =>
					[...canvas.getContext('2d')!.getImageData(canvas.width * u!, canvas.height * v!, 1, 1).data].slice(0, 3),
				[u, v]
			);
		for (const [u, v] of [
			[0.1, 0.1],
			[0.9, 0.1],
			[0.5, 0.5],
			[0.1, 0.9],
			[0.9, 0.9]
		] as const) {
			const [r, g, b] = await look(u, v);
			for (const [channel, light] of [
				[r, 240],
				[g, 232],
				[b, 216]
			] as const)
				expect(Math.abs(channel! - light)).toBeLessThan(6);
		}
		await expectNoViolations(page, 'measure, photograph behind the drawing');
	});

	await test.step('a fifth length, and a part traced with the hand', async () => {
		await page.getByRole('button', { name: 'Check it with a fifth length' }).click();
		await page.getByLabel('By the tape').fill('230');
		await expect(page.getByText(/13\.0 % too short/)).toBeVisible();
		await page.getByRole('button', { name: 'A part', exact: true }).click();
		const box = (await page.getByRole('application').or(page.locator('svg[role="group"]')).first().boundingBox())!;
		await page.mouse.move(box.x + box.width * 0.4, box.y + box.height * 0.45);
		await page.mouse.down();
		await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.55, { steps: 4 });
		await page.mouse.up();
		await page.getByRole('radio', { name: 'Parts' }).click();
		await expect(page.getByRole('button', { name: /^Traced part 1/ })).toBeVisible();
		await page.keyboard.press('Control+z');
		await expect(page.getByRole('button', { name: /^Traced part 1/ })).toHaveCount(0);
		await saved(page);
	});

	await test.step('faint over the picture in Lay out, by a switch', async () => {
		await page.getByRole('link', { name: /^Lay out/ }).click();
		const over = page.locator('[data-photograph]');
		await expect(over).toHaveCount(0);
		await page.getByRole('button', { name: 'With the photograph' }).click();
		await expect(over).toBeVisible();
		const [photo, look] = [(await over.boundingBox())!, (await page.locator('[data-shown]').first().boundingBox())!];
		for (const side of ['x', 'y', 'width', 'height'] as const) expect(photo[side]).toBeCloseTo(look[side], 0);
		await page.getByRole('button', { name: 'Without the photograph' }).click();
		await expect(over).toHaveCount(0);
	});
});
