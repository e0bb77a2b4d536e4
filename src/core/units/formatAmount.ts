import type { Minutes, Ml } from './quantities';

const ML_PER_TEASPOON = 5;
const ML_PER_TABLESPOON = 15;
const ML_PER_CUP = 240;

/** Writes a small volume (ml) the way it is measured at the bench: ml, and the nearest half spoon or cup. */
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
	if (ml < ML_PER_TABLESPOON) return halves(ml / ML_PER_TEASPOON, 'teaspoon');
	if (ml < ML_PER_CUP / 2) return halves(ml / ML_PER_TABLESPOON, 'tablespoon');
	return halves(ml / ML_PER_CUP, 'cup');
}

function halves(amount: number, word: string): string {
	const steps = Math.max(1, Math.ceil(amount * 2 - 1e-9));
	const whole = Math.floor(steps / 2);
	const figure = steps % 2 === 0 ? `${whole}` : whole === 0 ? '1/2' : `${whole} 1/2`;
	return `${figure} ${word}${steps > 2 ? 's' : ''}`;
}
