import type { Part } from '../../piece';
import type { LaidItem } from '../arrangements/types';
import { findField } from './findField';
import { findRim } from './findRim';
import { findRing } from './findRing';
import { findRows } from './findRows';
import type { SettingOut } from './types';

export type { SetOutField, SetOutRim, SetOutRing, SetOutRow, SetOutWay, SettingOut } from './types';

/**
 * How the places of one arrangement on one part are found with pencil, tape and dividers: a ring from its pin, a line along the rim, a field by its columns
 * and rows, rows by running figures; what a hand has moved by itself. Items in the order of their numbers; exact, nothing is rounded. Source: methods 3.
 */
export function setOut(part: Part, items: readonly LaidItem[]): SettingOut {
	const inLine = items.filter(({ byHand }) => !byHand);
	const byHand = items.filter((item) => item.byHand);
	const whole = findRing(inLine, part) ?? findRim(inLine, part) ?? findField(inLine, part);
	if (whole) return { ways: [whole], apart: byHand };
	const { rows, others } = findRows(inLine);
	const alone = new Set([...others, ...byHand]);
	return { ways: rows, apart: items.filter((item) => alone.has(item)) };
}
