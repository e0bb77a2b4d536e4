import { datumOf, fromDatum, type Datum, type Part } from '../../piece';
import { formatFigure, formatLength, type LengthUnit, type Mm } from '../../units';

/** How places on a part are told: from edges that a tape can be hooked on, else from centre lines that are drawn first. */
export interface DatumWords {
	readonly datum: Datum;
	/** What is done before anything is measured: `measure from the left and the top edge of this part`. */
	readonly first: string;
	/** `34 mm from the left`; `12 mm above the level centre line`. Mm from the left or the top of its box. */
	readonly across: (x: Mm) => string;
	readonly down: (y: Mm) => string;
	/** In a column that says where from: `34 mm`; `34 mm right`. */
	readonly acrossFigure: (x: Mm) => string;
	readonly downFigure: (y: Mm) => string;
	/** Several along one line, to be marked on one strip of tape: `34 · 96 · 158 mm from the left`. */
	readonly alongAcross: (xs: readonly Mm[]) => string;
	readonly alongDown: (ys: readonly Mm[]) => string;
}

/** Nearer than this to a centre line it lies on it, mm. */
const ON_IT: Mm = 0.25;
const UPRIGHT = { line: 'the upright centre line', before: 'left', after: 'right', of: ' of' };
const LEVEL = { line: 'the level centre line', before: 'above', after: 'below', of: '' };

export function datumWords(part: Pick<Part, 'outline' | 'width' | 'height' | 'role'>, unit: LengthUnit): DatumWords {
	const datum = datumOf(part);
	const across = axis(datum.across, UPRIGHT, unit);
	const down = axis(datum.down, LEVEL, unit);
	const acrossOf = (x: Mm) => fromDatum(part, { x, y: 0 }).across;
	const downOf = (y: Mm) => fromDatum(part, { x: 0, y }).down;
	return {
		datum,
		first: firstOf(datum, part.role === 'face' ? 'face' : 'part'),
		across: (x) => across.one(acrossOf(x)),
		down: (y) => down.one(downOf(y)),
		acrossFigure: (x) => across.figure(acrossOf(x)),
		downFigure: (y) => down.figure(downOf(y)),
		alongAcross: (xs) => across.along(xs.map(acrossOf)),
		alongDown: (ys) => down.along(ys.map(downOf))
	};
}

function firstOf({ across, down }: Datum, of: string): string {
	if (across === 'centre' && down === 'centre') return `draw both centre lines of this ${of} first: figures are from them`;
	if (across === 'centre') return `draw the upright centre line of this ${of} first: figures are from it and from the ${down} edge`;
	if (down === 'centre') return `draw the level centre line of this ${of} first: figures are from it and from the ${across} edge`;
	return `measure from the ${across} and the ${down} edge of this ${of}`;
}

interface AxisWords {
	readonly one: (mm: Mm) => string;
	readonly figure: (mm: Mm) => string;
	readonly along: (all: readonly Mm[]) => string;
}

function axis(
	from: Datum['across'] | Datum['down'],
	{ line, before, after, of }: { readonly line: string; readonly before: string; readonly after: string; readonly of: string },
	unit: LengthUnit
): AxisWords {
	const write = (mm: Mm) => formatLength(mm, unit).text;
	const list = (all: readonly Mm[]) =>
		[...all]
			.sort((a, b) => a - b)
			.map((mm, i) => (i === all.length - 1 ? write(mm) : formatFigure(mm, unit).text))
			.join(' · ');
	if (from !== 'centre')
		return { one: (mm) => `${write(mm)} from the ${from}`, figure: write, along: (all) => `${list(all)} from the ${from}` };
	const isOn = (mm: Mm) => Math.abs(mm) < ON_IT;
	const sideOf = (mm: Mm) => (mm < 0 ? before : after);
	return {
		one: (mm) => (isOn(mm) ? `on ${line}` : `${write(Math.abs(mm))} ${sideOf(mm)}${of} ${line}`),
		figure: (mm) => (isOn(mm) ? 'on it' : `${write(Math.abs(mm))} ${sideOf(mm)}`),
		along: (all) => {
			const onSide = (side: 1 | -1) => all.filter((mm) => !isOn(mm) && Math.sign(mm) === side).map(Math.abs);
			const [less, more] = [onSide(-1), onSide(1)];
			const isEven = less.length > 0 && list(less) === list(more);
			const on = all.some(isOn) ? [`one on ${line}`] : [];
			const its = on.length > 0 ? 'it' : line;
			const sides = isEven
				? [`${list(less)} to both sides of ${its}`]
				: [less, more].flatMap((own, i) => (own.length > 0 ? [`${list(own)} ${[before, after][i]}${of} ${its}`] : []));
			return [...on, ...sides].join(', ');
		}
	};
}
