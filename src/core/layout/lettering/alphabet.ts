/** One letter of the stencil alphabet: the middle lines of its strokes, on a field of 100 high; they end before they would close anything in, so that nothing falls out. */
export interface Glyph {
	readonly width: number;
	/** SVG path data, each drawn with a pen of `PEN`, and cut off at the top and the bottom of the field. */
	readonly strokes: readonly string[];
}

/** Width of the pen, and what is left between two letters and two words, on the field of 100. */
export const PEN = 16;
export const BETWEEN_LETTERS = 13;
export const BETWEEN_WORDS = 46;

const STEM = 'M8 0V100';
const glyph = (width: number, ...strokes: string[]): Glyph => ({ width, strokes });

/** Drawn by us: upright strokes stand clear of their bowls and bars by a bridge, rounds are open at top and bottom. */
export const ALPHABET: Readonly<Record<string, Glyph>> = {
	A: glyph(80, 'M4 106L37 -6', 'M76 106L43 -6', 'M32 68H48'),
	B: glyph(65, STEM, 'M26 8H35A21 21 0 0 1 35 50H26', 'M26 50H36A21 21 0 0 1 36 92H26'),
	C: glyph(74, 'M66 27A33 42 0 1 0 66 73'),
	D: glyph(76, STEM, 'M26 8H28A40 42 0 0 1 28 92H26'),
	E: glyph(58, STEM, 'M26 8H58', 'M26 50H50', 'M26 92H58'),
	F: glyph(56, STEM, 'M26 8H56', 'M26 50H48'),
	G: glyph(76, 'M66 26A33 42 0 1 0 68 78', 'M46 56H76', 'M68 50V100'),
	H: glyph(72, STEM, 'M64 0V100', 'M26 50H46'),
	I: glyph(16, STEM),
	J: glyph(54, 'M46 0V66A19 26 0 0 1 8 70'),
	K: glyph(72, STEM, 'M27 57L66 -6', 'M37 46L70 106'),
	L: glyph(54, STEM, 'M26 92H54'),
	M: glyph(94, STEM, 'M86 0V100', 'M31 -6L47 58L63 -6'),
	N: glyph(80, STEM, 'M72 0V100', 'M31 -6L49 106'),
	O: glyph(84, 'M37 8.4A34 42 0 0 0 37 91.6', 'M47 8.4A34 42 0 0 1 47 91.6'),
	P: glyph(66, STEM, 'M26 8H35A23 23 0 0 1 35 54H26'),
	Q: glyph(84, 'M37 8.4A34 42 0 0 0 37 91.6', 'M47 8.4A34 42 0 0 1 47 91.6', 'M52 70L80 108'),
	R: glyph(68, STEM, 'M26 8H35A22 22 0 0 1 35 52H26', 'M38 54L64 106'),
	S: glyph(64, 'M57 25A25 21 0 1 0 32 50', 'M32 50A25 21 0 1 1 7 75'),
	T: glyph(68, 'M0 8H68', 'M34 26V100'),
	U: glyph(72, 'M8 0V58A28 34 0 0 0 31 91.4', 'M64 0V58A28 34 0 0 1 41 91.4'),
	V: glyph(76, 'M4 -6L36 106', 'M72 -6L40 106'),
	W: glyph(108, 'M4 -6L29 106', 'M53 -6L31 106', 'M55 -6L77 106', 'M104 -6L79 106'),
	X: glyph(76, 'M4 -6L72 106', 'M72 -6L4 106'),
	Y: glyph(74, 'M2 -6L37 54', 'M72 -6L37 54', 'M37 48V100'),
	Z: glyph(64, 'M2 8H62', 'M57 10L7 90', 'M2 92H62'),
	'0': glyph(72, 'M31 8.4A28 42 0 0 0 31 91.6', 'M41 8.4A28 42 0 0 1 41 91.6'),
	'1': glyph(38, 'M6 22L30 4', 'M30 0V100'),
	'2': glyph(62, 'M8 28A24 22 0 1 1 50 44L10 92', 'M2 92H60'),
	'3': glyph(62, 'M8 22A23 21 0 1 1 31 50', 'M31 50A23 21 0 1 1 7 77'),
	'4': glyph(66, 'M50 0V100', 'M42 -6L9 68', 'M2 70H35'),
	'5': glyph(62, 'M58 8H14', 'M14 0V40', 'M7 46H30A23 23 0 0 1 30 92H6'),
	'6': glyph(66, 'M52 10A42 58 0 0 0 10 62', 'M28 47.4A22 22 0 0 0 28 91.6', 'M38 47.4A22 22 0 0 1 38 91.6'),
	'7': glyph(60, 'M2 8H58', 'M53 8L20 106'),
	'8': glyph(66, 'M28 8.4A19 20 0 0 0 28 48', 'M38 8.4A19 20 0 0 1 38 48', 'M28 50A22 21 0 0 0 28 91.6', 'M38 50A22 21 0 0 1 38 91.6'),
	'9': glyph(66, 'M14 90A42 58 0 0 0 56 38', 'M38 52.6A22 22 0 0 0 38 8.4', 'M28 52.6A22 22 0 0 1 28 8.4'),
	'.': glyph(16, 'M8 84V100'),
	',': glyph(18, 'M10 84V96L4 108'),
	':': glyph(16, 'M8 34V50', 'M8 84V100'),
	"'": glyph(16, 'M8 0V24'),
	'-': glyph(40, 'M4 54H36'),
	'+': glyph(54, 'M4 54H50', 'M27 31V77'),
	'/': glyph(44, 'M2 106L42 -6'),
	'!': glyph(16, 'M8 0V68', 'M8 84V100'),
	'?': glyph(60, 'M8 27A23 20 0 1 1 32 53V70', 'M32 84V100')
};
