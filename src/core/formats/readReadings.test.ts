import { expect, it } from 'vitest';
import { countBare, readReadings, writeReadings } from './index';

const FIELDS = ['Width', 'Height', 'Rail', 'Gap 1', 'Drawer 1'].map((name) => ({ id: name.toLowerCase().replace(' ', '-'), name }));
const read = (text: string, unit: 'mm' | 'in' = 'mm') => {
	const result = readReadings(text, FIELDS, unit);
	return result.ok ? result.readings.map(({ id, text }) => `${id}=${text}`) : result.issues.map(({ code, path }) => `${code} at ${path}`);
};

it.each([
	['a bare list, in the order of the tape', '860\n940\n\n28', ['width=860', 'height=940', 'rail=28']],
	['bare decimals with a comma', '13,5\n0,9 m', ['width=13,5', 'height=0,9 m']],
	['names and headings, any order', 'part,length\nDrawer 1,175\nrail,28 mm', ['drawer-1=175', 'rail=28 mm']],
	['semicolons with decimal commas', 'Gap 1;3,5\nHeight;940', ['gap-1=3,5', 'height=940']],
	['tabs from a sheet, quoted names', '"Drawer 1"\t6 7/8', ['drawer-1=6 7/8']],
	['names with decimal commas between commas', 'Gap 1,3,5\nRail,28,25 mm', ['gap-1=3,5', 'rail=28,25 mm']],
	['a comma that may be a thousand', 'Height,1,234', ['csv.comma at line 1']],
	['a name that comes twice', 'Rail,28\nGap 1,4\nrail,29', ['csv.twice at line 3']],
	['a dash between inches and their fraction', 'Rail,5–3/8', ['rail=5–3/8']],
	['more lines than are read at once', 'Rail,28\n'.repeat(501), ['csv.too-long at ']],
	['a name nobody knows', 'Drawer 1,175\nDrawer 9,175', ['csv.name at line 2']],
	['a length that is none', 'Rail,28\nGap 1,three', ['csv.line at line 2']],
	['a negative length', '860\n-4', ['csv.line at line 2']],
	['more lines than fields', '1\n2\n3\n4\n5\n6', ['csv.too-many at ']],
	['nothing', ' \n', ['csv.no-rows at ']]
])('%s', (_name, text, expected) => expect(read(text)).toEqual(expected));

it('comes back as it was written, and starts no formula in a sheet', () => {
	const rows = [
		{ name: 'Width', text: '860' },
		{ name: 'Drawer 1', text: '6 7/8' }
	];
	expect(read(writeReadings(rows), 'in')).toEqual(['width=860', 'drawer-1=6 7/8']);
	expect(writeReadings([{ name: '=1+1', text: '3' }])).not.toMatch(/^=/);
});

it.each([
	['860\n940\n\n28', 3],
	['13,5\n0,9 m', 2],
	['1 1/8', 1],
	['Rail,28\n860', null],
	['Rail;28', null],
	['part,length\nDrawer 1,175', null],
	[' \n', null],
	['1\n'.repeat(60_000), null]
])('of %j bare lengths in their order: %s', (text, count) => expect(countBare(text)).toBe(count));
