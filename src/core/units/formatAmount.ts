import { formatFine } from './formatLength';
import { MM_PER_INCH, type LengthUnit, type Minutes, type Ml, type Mm } from './quantities';

const ML_PER_TEASPOON = 5;
const ML_PER_TABLESPOON = 15;
const ML_PER_CUP = 240;

/** What the workshop measures volumes in. */
export type VolumeUnit = 'ml' | 'fl-oz';
const ML_PER_FLUID_OUNCE = 29.5735295625;

/** Writes a volume (ml) the way it is measured at the bench: ml, or fluid ounces and quarts, and spoons or cups. */
export function formatVolume(ml: Ml, unit: VolumeUnit = 'ml'): { readonly text: string; readonly spoons: string } {
	if (ml > 0 && ml < DAB) return { text: 'a dab', spoons: 'what a brush tip holds' };
	return { text: unit === 'ml' ? `${writeMl(ml)} ml` : writeOunces(ml / ML_PER_FLUID_OUNCE), spoons: spoonsOf(ml) };
}

/** Less than this is nothing that anybody measures, ml. */
const DAB: Ml = 0.25;
/** Above so many ml nobody pours to the ml. */
const EXACT: Ml = 50;

/** What is to be poured, or bought: over 50 ml up to the next five or half ounce, since too little is worse than some left. What is in a jar is told as it is. */
export function formatPour(ml: Ml, unit: VolumeUnit = 'ml'): ReturnType<typeof formatVolume> {
	const step = unit === 'ml' ? 5 : ML_PER_FLUID_OUNCE / 2;
	const { text, spoons } = formatVolume(ml > EXACT ? step * Math.ceil(ml / step - 1e-9) : ml, unit);
	return { text, spoons: ml > EXACT ? spoonsOf(ml) : spoons };
}

function writeMl(ml: Ml): string {
	return ml < 10 ? ml.toFixed(1) : String(Math.round(ml));
}

function writeOunces(ounces: number): string {
	const whole = Math.round(ounces * 2) / 2;
	if (whole < OUNCES_PER_QUART) return `${Number(ounces.toFixed(ounces < 10 ? 2 : 1))} fl oz`;
	const [quarts, rest] = [Math.floor(whole / OUNCES_PER_QUART), whole % OUNCES_PER_QUART];
	return rest === 0 ? `${quarts} qt` : `${quarts} qt ${rest} fl oz`;
}

const OUNCES_PER_QUART = 32;
const MICROMETRES_PER_THOUSANDTH = 25.4;

/** Writes the thickness of a dry film (micrometres): as it is, or in thousandths of an inch. */
export function formatFilm(film: number, unit: LengthUnit): string {
	if (unit === 'mm') return `${Math.round(film)} µm`;
	const thousandths = film / MICROMETRES_PER_THOUSANDTH;
	const written = thousandths.toFixed(thousandths < 10 ? 1 : 0);
	return `${written} ${written === '1.0' ? 'thousandth' : 'thousandths'} of an inch`;
}

/** Between ml, in which everything is worked out, and the volumes of the workshop. */
export const toVolume = (ml: Ml, unit: VolumeUnit): number => (unit === 'ml' ? ml : ml / ML_PER_FLUID_OUNCE);
export const fromVolume = (amount: number, unit: VolumeUnit): Ml => (unit === 'ml' ? amount : amount * ML_PER_FLUID_OUNCE);

export type DegreeUnit = 'C' | 'F';
/** Between degrees Celsius, in which everything is worked out, and those of the workshop. */
export const toDegrees = (celsius: number, unit: DegreeUnit): number => (unit === 'C' ? celsius : celsius * 1.8 + 32);
export const fromDegrees = (degrees: number, unit: DegreeUnit): number => (unit === 'C' ? degrees : (degrees - 32) / 1.8);

/** Writes a duration (minutes) as a person says it: `45 min`, `2 h`, `24 h`, `1 day 16 h`, `2 days 7 h`. To the minute, and never less than it is. */
export function formatDuration(minutes: Minutes): string {
	const whole = Math.ceil(minutes - 1e-9);
	const days = whole > DAY ? Math.floor(whole / DAY) : 0;
	const hours = Math.floor((whole - days * DAY) / 60);
	const rest = whole % 60;
	const written = [
		days > 0 ? `${days} ${days === 1 ? 'day' : 'days'}` : '',
		hours > 0 ? `${hours} h` : '',
		rest > 0 ? `${rest} min` : ''
	].filter(Boolean);
	return written.join(' ') || '0 min';
}

/** From so many minutes on a time is told in steps of five. */
const TO_THE_MINUTE = 15;

/** What is waited for at least, as it is told: up to the next five minutes, so that it is never less than it takes. */
export function formatWait(minutes: Minutes): string {
	return formatDuration(minutes < TO_THE_MINUTE ? minutes : 5 * Math.ceil(minutes / 5 - 1e-9));
}

/** By when something has to be done at the latest, as it is told: down to five minutes, under a quarter of an hour to the minute. */
export function formatLatest(minutes: Minutes): string {
	return formatDuration(minutes < TO_THE_MINUTE ? Math.floor(minutes + 1e-9) : 5 * Math.floor(minutes / 5 + 1e-9));
}

/** How long work takes, as it is told: nobody knows it to the minute. To a quarter of an hour, under one hour to five minutes. */
export function formatWork(minutes: Minutes): string {
	const step = minutes < 60 ? 5 : 15;
	return formatDuration(Math.max(minutes > 0 ? 5 : 0, step * Math.round(minutes / step)));
}

/** A wait where there is room for one figure: in its largest unit, rounded up. `3 d`, `16 h`, `40 min`. */
export function formatDurationShort(minutes: Minutes): string {
	const whole = minutes < TO_THE_MINUTE ? Math.ceil(minutes - 1e-9) : 5 * Math.ceil(minutes / 5 - 1e-9);
	if (whole >= 2 * DAY) return `${Math.ceil(whole / DAY)} d`;
	return whole >= 60 ? `${Math.ceil(whole / 60)} h` : `${whole} min`;
}

const DAY = 24 * 60;
/** Nobody writes a duration with more signs than these. */
const LONGEST_TEXT = 100;
const DURATION =
	/^(?:(\d+(?:[.,]\d+)?)\s*d(?:ays?)?)?\s*(?:(\d+(?:[.,]\d+)?)\s*h(?:ours?)?)?\s*(?:(\d+(?:[.,]\d+)?)\s*(?:m(?:in(?:utes?)?)?)?)?$/;

/** Reads a duration as `formatDuration` writes it, and as people do (`2 h 30`, `1.5 h`, `3 days`, `90`): whole minutes; null where it is none. */
export function parseDuration(text: string): Minutes | null {
	const match = text.length > LONGEST_TEXT ? null : DURATION.exec(text.trim().toLowerCase());
	if (!match || match.slice(1).every((part) => part === undefined)) return null;
	const [days, hours, minutes] = match.slice(1).map((part) => Number((part ?? '0').replace(',', '.'))) as [number, number, number];
	return Math.ceil(days * DAY + hours * 60 + minutes - 1e-9);
}

function spoonsOf(ml: Ml): string {
	if (ml < ML_PER_TABLESPOON) return inParts(ml / ML_PER_TEASPOON, 2, 'teaspoon');
	if (ml < ML_PER_CUP) return inParts(ml / ML_PER_TABLESPOON, 2, 'tablespoon');
	return inParts(ml / ML_PER_CUP, 4, 'cup');
}

/** Rounded up to the next half or quarter: too little paint is worse than a spoonful left. */
function inParts(amount: number, parts: 2 | 4, word: string): string {
	const steps = Math.max(1, Math.ceil(amount * parts - 1e-9));
	const whole = Math.floor(steps / parts);
	const rest = { 0: '', 0.25: '1/4', 0.5: '1/2', 0.75: '3/4' }[steps / parts - whole]!;
	const figure = [whole > 0 ? String(whole) : '', rest].filter(Boolean).join(' ');
	return `${figure} ${word}${steps > parts ? 's' : ''}`;
}

/** A long run of something that is bought by the roll, rounded up: metres to a tenth, feet whole. */
export function formatRun(mm: Mm, unit: LengthUnit): string {
	if (unit === 'in') return `${Math.ceil(mm / (12 * MM_PER_INCH) - 1e-9)} ft`;
	return `${(Math.ceil(mm / 100 - 1e-9) / 10).toFixed(1)} m`;
}

/** Widths of tape as they are named where inches are used, by their true width, mm. */
const TAPE_NAMES: Readonly<Record<number, string>> = {
	3: '1/8 in',
	6: '1/4 in',
	12: '1/2 in',
	18: '3/4 in',
	24: '1 in',
	36: '1 1/2 in',
	48: '2 in'
};

/** One that was measured is a little wider or narrower than most of its name, mm. */
const NEAR_NAME: Mm = 0.5;

/** What a tape is called: by its true width, mm; in inches by the name that it is sold under, which is a little more. */
export function nameTape(width: Mm, unit: LengthUnit): string {
	const near = Object.keys(TAPE_NAMES).find((known) => Math.abs(Number(known) - width) <= NEAR_NAME);
	return (unit === 'in' && near !== undefined ? TAPE_NAMES[Number(near)] : undefined) ?? formatFine(width, unit).text;
}
