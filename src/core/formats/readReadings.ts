import Papa from 'papaparse';
import { readLength, type Issue, type LengthUnit } from '../units';

/** One reading that waits to be taken: how it may be called. */
export interface ReadingField {
	readonly id: string;
	readonly name: string;
}

export type ReadReadings =
	| { readonly ok: true; readonly readings: readonly { readonly id: string; readonly text: string }[] }
	| { readonly ok: false; readonly issues: readonly Issue[] };

const MOST_LINES = 500;
const LONGEST = 100_000;

/**
 * Reads readings as they are pasted from a sheet or a note: one on a line, with its name before it, or bare and in the
 * order of the fields. Commas, semicolons and tabs part them; a first line of headings is passed over. All or nothing:
 * each fault is named with its line.
 */
export function readReadings(text: string, fields: readonly ReadingField[], unit: LengthUnit): ReadReadings {
	const lines = text.split(/\r\n|\n|\r/).length;
	if (lines > MOST_LINES || text.length > LONGEST)
		return { ok: false, issues: [{ code: 'csv.too-long', path: '', values: { rows: lines, most: MOST_LINES } }] };
	const rows = parseRows(text);
	if (rows.length === 0) return { ok: false, issues: [{ code: 'csv.no-rows', path: '' }] };
	const named = rows.some(({ cells }) => cells.length > 1);
	if (!named && rows.length > fields.length)
		return { ok: false, issues: [{ code: 'csv.too-many', path: '', values: { rows: rows.length, fields: fields.length } }] };
	const issues: Issue[] = [];
	/** The line on which each was read. */
	const seen = new Map<string, number>();
	const readings = rows.flatMap(({ cells, line }, i) => {
		const [name, value] = named ? [cells[0]!, lengthIn(cells)] : ['', cells[0]!];
		const field = named ? fields.find((one) => isCalled(one, name)) : fields[i];
		const read = readLength(value, unit);
		if (!field) issues.push({ code: 'csv.name', path: `line ${line}`, values: { line, name } });
		else if (!read.ok)
			issues.push({
				code: read.code === 'length.ambiguous' ? 'csv.comma' : 'csv.line',
				path: `line ${line}`,
				values: { line, typed: value }
			});
		const before = field ? seen.get(field.id) : undefined;
		if (field && before !== undefined) issues.push({ code: 'csv.twice', path: `line ${line}`, values: { line, name, first: before } });
		else if (field) seen.set(field.id, line);
		return field ? [{ id: field.id, text: value }] : [];
	});
	return issues.length > 0 ? { ok: false, issues } : { ok: true, readings };
}

/** How many bare lengths there are, one on a line, that go by their order alone; null where they have names. */
export function countBare(text: string): number | null {
	if (text.length > LONGEST) return null;
	const rows = parseRows(text);
	return rows.length === 0 || rows.some(({ cells }) => cells.length > 1) ? null : rows.length;
}

/** A comma that parted a number was its decimal point: `Gap 1,3,5`. */
function lengthIn([, value = '', rest]: readonly string[]): string {
	return rest !== undefined && /^\d+$/.test(value) && /^\d+\s*[a-z]*$/i.test(rest) ? `${value},${rest}` : value;
}

/** The same readings as lines to paste into a sheet, or to fill in at the bench. */
export function writeReadings(rows: readonly { readonly name: string; readonly text: string }[]): string {
	return Papa.unparse(
		rows.map(({ name, text }) => [name, text]),
		{ newline: '\n', escapeFormulae: true }
	);
}

function parseRows(text: string): { cells: string[]; line: number }[] {
	/** A bare line may hold a comma as its decimal point: only lines with a name before it are parted by commas. */
	const delimiter = text.includes('\t') ? '\t' : text.includes(';') ? ';' : /[a-z].*,/i.test(text) ? ',' : '\n';
	const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/);
	const rows = lines.flatMap((one, i) => {
		const cells = delimiter === '\n' ? [one.trim()] : (Papa.parse<string[]>(one, { delimiter }).data[0] ?? []).map((cell) => cell.trim());
		return cells.some((cell) => cell !== '') ? [{ cells: cells.filter((cell, c) => c === 0 || cell !== ''), line: i + 1 }] : [];
	});
	const first = rows[0];
	const isHeading = first !== undefined && rows.length > 1 && first.cells.length > 1 && !/\d/.test(first.cells[1] ?? '');
	return isHeading ? rows.slice(1) : rows;
}

function isCalled({ id, name }: ReadingField, called: string): boolean {
	const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9]/g, '');
	return plain(called) === plain(id) || plain(called) === plain(name);
}
