import { flattenLines, intersectRings, strokeLines, uniteShapes } from '../../geometry';
import { shortenName, type Mm } from '../../units';
import type { Motif } from '../motif';
import { ALPHABET, BETWEEN_LETTERS, BETWEEN_WORDS, PEN, type Glyph } from './alphabet';

export type Written =
	| { readonly ok: true; readonly motif: Motif }
	| { readonly ok: false; readonly code: 'letters.none' | 'letters.unknown' | 'letters.long'; readonly what: string };

/** A motif is no wider than this, mm. */
const WIDEST: Mm = 2000;
/** The field that letters are drawn on is so high; a comma hangs below it. */
const FIELD = 100;

/** A line in the stencil alphabet as a motif, its letters so high (mm) at scale 1; capitals only, and letters without their accents. Names the first letter that the alphabet does not have. */
export function writeLetters(text: string, id: string, height: Mm): Written {
	const line = text.normalize('NFKD').replace(/\p{M}/gu, '').toUpperCase().trim().replace(/\s+/g, ' ');
	if (line === '') return { ok: false, code: 'letters.none', what: '' };
	const unknown = [...line].find((letter) => letter !== ' ' && !Object.hasOwn(ALPHABET, letter));
	if (unknown !== undefined) return { ok: false, code: 'letters.unknown', what: unknown };
	const scale = height / FIELD;
	const paths: Motif['paths'] = [];
	let x = 0;
	for (const letter of line) {
		if (letter === ' ') {
			x += BETWEEN_WORDS - BETWEEN_LETTERS;
			continue;
		}
		const glyph = ALPHABET[letter]!;
		paths.push({ d: drawGlyph(glyph, x, scale), rule: 'evenodd' });
		x += glyph.width + BETWEEN_LETTERS;
	}
	const width = (x - BETWEEN_LETTERS) * scale;
	if (width > WIDEST) return { ok: false, code: 'letters.long', what: String(WIDEST) };
	return {
		ok: true,
		motif: { id, name: shortenName(text.trim()), width, height, paths, use: 'letters', text: text.trim(), up: true, mirror: false }
	};
}

/** Strokes united, and cut off level at the top and the bottom of the field. */
function drawGlyph({ strokes, width }: Glyph, x: number, scale: number): string {
	const hangs = strokes.some((stroke) => /10[0-9]$/.test(stroke) && stroke.startsWith('M10 84'));
	const field = [[-20, 0, width + 20, 0, width + 20, hangs ? 120 : FIELD, -20, hangs ? 120 : FIELD]];
	const drawn = uniteShapes(
		strokes.map((stroke) => ({
			rings: strokeLines(flattenLines(stroke, 0.2) ?? [], { width: PEN, cap: 'butt', join: 'miter', miterLimit: 4 }),
			rule: 'nonzero'
		}))
	);
	const round = (value: number) => Math.round(value * 1000) / 1000;
	return intersectRings(drawn, field)
		.map((ring) => `M${ring.map((value, i) => round((i % 2 === 0 ? value + x : value) * scale)).join(' ')}Z`)
		.join('');
}
