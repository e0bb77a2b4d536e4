import type { Minutes, Ml } from './quantities';

const ML_PER_TEASPOON = 5;
const ML_PER_TABLESPOON = 15;
const ML_PER_CUP = 240;

/** What the workshop measures volumes in. */
export type VolumeUnit = 'ml' | 'fl-oz';
const ML_PER_FLUID_OUNCE = 29.5735295625;

/** Writes a small volume (ml) the way it is measured at the bench: ml or fluid ounces, and spoons or cups. */
export function formatVolume(ml: Ml, unit: VolumeUnit = 'ml'): { readonly text: string; readonly spoons: string } {
	const amount = unit === 'ml' ? ml : ml / ML_PER_FLUID_OUNCE;
	const written = unit === 'fl-oz' ? amount.toFixed(amount < 10 ? 2 : 1) : amount < 10 ? amount.toFixed(1) : Math.round(amount).toString();
	return { text: `${written} ${unit === 'ml' ? 'ml' : 'fl oz'}`, spoons: spoonsOf(ml) };
}

export type DegreeUnit = 'C' | 'F';
/** Between degrees Celsius, in which everything is worked out, and those of the workshop. */
export const toDegrees = (celsius: number, unit: DegreeUnit): number => (unit === 'C' ? celsius : celsius * 1.8 + 32);
export const fromDegrees = (degrees: number, unit: DegreeUnit): number => (unit === 'C' ? degrees : (degrees - 32) / 1.8);

/** Writes a duration (minutes) as a person says it: `45 min`, `2 h`, `5 h 3 min`, `2 days 7 h`. To the minute, and never less than it is. */
export function formatDuration(minutes: Minutes): string {
	const whole = Math.ceil(minutes - 1e-9);
	const days = whole >= 2 * DAY ? Math.floor(whole / DAY) : 0;
	const hours = Math.floor((whole - days * DAY) / 60);
	const rest = whole % 60;
	const written = [days > 0 ? `${days} days` : '', hours > 0 ? `${hours} h` : '', rest > 0 ? `${rest} min` : ''].filter(Boolean);
	return written.join(' ') || '0 min';
}

/** The same where there is room for one figure: in its largest unit, rounded up. `3 d`, `16 h`, `40 min`. */
export function formatDurationShort(minutes: Minutes): string {
	const whole = Math.ceil(minutes - 1e-9);
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
