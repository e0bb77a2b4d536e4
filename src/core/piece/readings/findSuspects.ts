import { parseLength, type Mm } from '../../units';
import { isWithin, type ChainReading } from './chainReading';
import { findMissed } from './findMissed';

const SUSPECT_KINDS = ['digits-swapped', 'missed-or-twice', 'doubled', 'unit-slip', 'out-of-step', 'wrong-digit'] as const;
export type SuspectKind = (typeof SUSPECT_KINDS)[number];

export interface Suspect {
	/** Place in the chain; -1 is the overall length. */
	readonly index: number;
	readonly kind: SuspectKind;
	/** What it may have been, or what is missing after it, mm; null where the reading should go. */
	readonly instead: Mm | null;
	/** What would be left unexplained, mm. */
	readonly residual: Mm;
	/** Of a reading that was missed or doubled: what stands beside it says so. */
	readonly neighbours?: boolean;
}

const MOST_SUSPECTS = 3;
export const OVERALL = -1;

/**
 * Names the readings that could explain a residual beyond the error of reading: each candidate is tried, and kept
 * only if the chain then closes within what is allowed, mm. Ranked by kind, then by what is left over. Source: methods 1.
 */
export function findSuspects(overall: ChainReading, readings: readonly ChainReading[], residual: Mm, allowed: Mm): Suspect[] {
	const found: Found[] = [];
	const consider = (index: number, kind: SuspectKind, instead: Mm | null, left: Mm) => {
		if (isWithin(left, allowed)) found.push({ index, kind, instead, residual: left, evidence: 0 });
	};
	const replace = (index: number, kind: SuspectKind, instead: Mm) => {
		if (index === OVERALL) consider(index, kind, instead, residual + instead - overall.mm);
		else consider(index, kind, instead, residual - (instead - readings[index]!.mm));
	};

	for (const index of [OVERALL, ...readings.keys()]) {
		const reading = index === OVERALL ? overall : readings[index]!;
		for (const mm of readAgain(reading, swapNeighbouringDigits(reading.text))) replace(index, 'digits-swapped', mm);
		if (index !== OVERALL) replace(index, 'doubled', reading.mm / 2);
		for (const factor of [10, 1 / 10, 25.4, 1 / 25.4]) replace(index, 'unit-slip', reading.mm * factor);
		for (const mm of readAgain(reading, changeOneDigit(reading.text))) replace(index, 'wrong-digit', mm);
	}
	for (const { index, instead, residual: left, evidence, odd } of findMissed(readings, residual, allowed))
		found.push({ index, kind: 'missed-or-twice', instead, residual: left, evidence, ...(odd ? { neighbours: true } : {}) });
	for (const { index, expected } of findOutOfStep(readings)) replace(index, 'out-of-step', expected);

	return bestForEachReading(found).slice(0, MOST_SUSPECTS);
}

type Found = Suspect & { readonly evidence: number };

function bestForEachReading(found: readonly Found[]): Suspect[] {
	const rank = (suspect: Suspect) => SUSPECT_KINDS.indexOf(suspect.kind);
	/** The overall length is read with more care than any one reading of the chain. */
	const lastIfOverall = ({ index }: Suspect) => (index === OVERALL ? Infinity : index);
	const sorted = [...found].sort(
		(a, b) =>
			rank(a) - rank(b) || a.evidence - b.evidence || Math.abs(a.residual) - Math.abs(b.residual) || lastIfOverall(a) - lastIfOverall(b)
	);
	return sorted
		.filter((suspect, at) => sorted.findIndex((other) => other.index === suspect.index) === at)
		.map(({ evidence: _, ...suspect }) => suspect);
}

/** All texts with two neighbouring digits swapped; a fraction bar or a point keeps them apart, and nobody writes 04. */
function swapNeighbouringDigits(text: string): string[] {
	const swapped: string[] = [];
	for (let i = 0; i + 1 < text.length; i++) {
		const [a, b] = [text[i]!, text[i + 1]!];
		const leadsWithZero = b === '0' && (i === 0 || !isDigit(text[i - 1]!));
		if (isDigit(a) && isDigit(b) && a !== b && !leadsWithZero) swapped.push(text.slice(0, i) + b + a + text.slice(i + 2));
	}
	return swapped;
}

function changeOneDigit(text: string): string[] {
	const changed: string[] = [];
	for (let i = 0; i < text.length; i++) {
		if (!isDigit(text[i]!)) continue;
		for (const digit of '0123456789') if (digit !== text[i]) changed.push(text.slice(0, i) + digit + text.slice(i + 1));
	}
	return changed;
}

function readAgain(reading: ChainReading, texts: readonly string[]): Mm[] {
	return texts.flatMap((text) => {
		const parsed = parseLength(text, reading.unit);
		return parsed.ok && parsed.mm > 0 ? [parsed.mm] : [];
	});
}

/**
 * Drawers that do not lie on the straight line on which all the others do: each left out in turn.
 * Needs three others: two always make a line.
 */
function findOutOfStep(readings: readonly ChainReading[]): { index: number; expected: Mm }[] {
	const drawers = [...readings.keys()].filter((i) => readings[i]!.role === 'drawer');
	if (drawers.length < 4) return [];
	return drawers.flatMap((index, at) => {
		const others = drawers.map((i, step) => ({ step, mm: readings[i]!.mm })).filter(({ step }) => step !== at);
		const first = others[0]!;
		const last = others.at(-1)!;
		const rise = (last.mm - first.mm) / (last.step - first.step);
		const lineAt = (step: number) => first.mm + rise * (step - first.step);
		const inStep = others.every(({ step, mm }) => isWithin(mm - lineAt(step), readings[index]!.resolution));
		const expected = lineAt(at);
		return inStep && expected > 0 ? [{ index, expected }] : [];
	});
}

function isDigit(sign: string): boolean {
	return sign >= '0' && sign <= '9';
}
