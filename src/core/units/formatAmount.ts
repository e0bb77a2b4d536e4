import type { Minutes, Ml } from './quantities';

const ML_PER_TEASPOON = 5;
const ML_PER_TABLESPOON = 15;
const ML_PER_CUP = 240;

/** Writes a small volume (ml) the way it is measured at the bench: ml, and spoons or cups. */
export function formatVolume(ml: Ml): { readonly ml: string; readonly spoons: string } {
	const written = ml < 10 ? ml.toFixed(1) : Math.round(ml).toString();
	return { ml: `${written} ml`, spoons: spoonsOf(ml) };
}

/** Writes a duration (minutes) as a person says it: `45 min`, `2 h`, `5 h 3 min`, `2 days`. */
export function formatDuration(minutes: Minutes): string {
	const whole = Math.ceil(minutes - 1e-9);
	if (whole < 60) return `${whole} min`;
	const hours = Math.floor(whole / 60);
	const rest = whole % 60;
	if (hours >= 48) return `${Math.round(hours / 24)} days`;
	return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
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
