import { MM_PER_INCH, TAPE_RESOLUTION, type LengthUnit, type Mm } from './quantities';

export type ParsedLength =
	| { readonly ok: true; readonly mm: Mm; /** half of this is the error of one reading */ readonly resolution: Mm }
	| { readonly ok: false; readonly code: LengthFault };

export type LengthFault =
	'length.empty' | 'length.ambiguous' | 'length.negative' | 'length.unreadable' | 'length.zero-denominator' | 'length.absurd';

/** Nothing that is painted in a workshop is longer than this. */
const LONGEST_LENGTH: Mm = 100_000;

/** Nobody writes a length with more signs than these. */
const LONGEST_TEXT = 200;

const MM_PER: Readonly<Record<string, number>> = {
	mm: 1,
	cm: 10,
	m: 1000,
	in: MM_PER_INCH,
	inch: MM_PER_INCH,
	inches: MM_PER_INCH,
	'"': MM_PER_INCH,
	ft: 12 * MM_PER_INCH,
	foot: 12 * MM_PER_INCH,
	feet: 12 * MM_PER_INCH,
	"'": 12 * MM_PER_INCH
};

const VULGAR: Readonly<Record<string, string>> = {
	'½': '1/2',
	'¼': '1/4',
	'¾': '3/4',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8',
	'⅓': '1/3',
	'⅔': '2/3'
};

const NUMBER = String.raw`\d+(?:\.\d+)?|\.\d+`;
const FRACTION = String.raw`(\d+)\s*\/\s*(\d+)`;
const FEET = new RegExp(String.raw`^(${NUMBER})\s*(?:'|ft|feet|foot)\s*-?\s*(.*)$`);
const AMOUNT = new RegExp(
	String.raw`^(?:(\d+)(?:\s+|\s*-\s*)${FRACTION}|${FRACTION}|(${NUMBER}))\s*(mm|cm|m|inches|inch|in|"|feet|foot|ft|')?$`
);

/**
 * Reads a length as a person writes it: `5 3/8`, `5-3/8"`, `1' 2 1/2"`, `137`, `137.5 mm`, `13.7cm`, `0,9 m`.
 * No unit means the user's own; a fraction without a unit means inches; a comma followed by three digits is
 * refused, because it is a thousand to one reader and a decimal to another. Source: methods 1.
 */
export function parseLength(text: string, unit: LengthUnit): ParsedLength {
	if (text.length > LONGEST_TEXT) return { ok: false, code: text.trim() === '' ? 'length.empty' : 'length.unreadable' };
	const tidy = normaliseLengthText(text);
	if (tidy === '') return { ok: false, code: 'length.empty' };
	if (/^[-−]/.test(tidy)) return { ok: false, code: 'length.negative' };
	if (/,\d{3}(?!\d)/.test(tidy) || (tidy.match(/,/g)?.length ?? 0) > 1 || (tidy.includes(',') && tidy.includes('.')))
		return { ok: false, code: 'length.ambiguous' };
	const plain = tidy.replace(',', '.');

	const feet = FEET.exec(plain);
	if (feet) {
		const rest = feet[2]!.trim();
		const inches =
			rest === ''
				? { ok: true as const, mm: 0, resolution: TAPE_RESOLUTION.in }
				: parseAmount(rest.replace(/\s*(in|inch|inches|")$/, ''), 'in');
		if (!inches.ok) return inches;
		return checkedLength(Number(feet[1]) * 12 * MM_PER_INCH + inches.mm, inches.resolution);
	}
	return parseAmount(plain, unit);
}

/** The same reading given as a number of millimetres, or as text. */
export function readLength(value: number | string, unit: LengthUnit): ParsedLength {
	if (typeof value === 'string') return parseLength(value, unit);
	if (value < 0) return { ok: false, code: 'length.negative' };
	return checkedLength(value, TAPE_RESOLUTION.mm);
}

function parseAmount(text: string, unit: LengthUnit): ParsedLength {
	const match = AMOUNT.exec(text);
	if (!match) return { ok: false, code: 'length.unreadable' };
	const [, whole, top, bottom, loneTop, loneBottom, decimal, written] = match;
	const numerator = top ?? loneTop;
	const denominator = bottom ?? loneBottom;
	if (denominator !== undefined && Number(denominator) === 0) return { ok: false, code: 'length.zero-denominator' };
	const fraction = numerator === undefined ? 0 : Number(numerator) / Number(denominator);
	const amount = Number(whole ?? decimal ?? 0) + fraction;
	const factor = written ? MM_PER[written]! : numerator !== undefined ? MM_PER_INCH : unit === 'in' ? MM_PER_INCH : 1;
	const metric = factor === 1 || factor === 10 || factor === 1000;
	return checkedLength(amount * factor, metric ? TAPE_RESOLUTION.mm : Math.min(TAPE_RESOLUTION.in, finestRead(Number(denominator ?? 1))));
}

/** Who writes 3/32 has read to the 32nd, mm; no rule is finer than 64ths, and thirds are a sum, not a reading. */
function finestRead(denominator: number): Mm {
	return denominator === 32 || denominator === 64 ? MM_PER_INCH / denominator : TAPE_RESOLUTION.in;
}

function checkedLength(mm: number, resolution: Mm): ParsedLength {
	if (!Number.isFinite(mm) || mm > LONGEST_LENGTH) return { ok: false, code: 'length.absurd' };
	/** Less than a micrometre is nothing. */
	return { ok: true, mm: mm < SHORTEST_LENGTH ? 0 : mm, resolution };
}

const SHORTEST_LENGTH: Mm = 1e-3;

function normaliseLengthText(text: string): string {
	return text
		.replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${VULGAR[sign]}`)
		.replace(/[′’‘]/g, "'")
		.replace(/[″”“]|''/g, '"')
		.replace(/⁄/g, '/')
		.replace(/[‐‑‒–—]/g, '-')
		.replace(/\s+/g, ' ')
		.trim()
		.toLowerCase();
}
