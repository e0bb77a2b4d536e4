import { formatLength, type LengthUnit } from '../../units';
import type { Section } from '../../schedule';
import type { Plan } from '../types';
import { namePlace } from './namePlaces';

/** Where a section is: the names of its parts, or a stretch of one as a tape shows it. */
export function wordSection(plan: Plan, { parts, stretch }: Section, unit: LengthUnit): string {
	const on = parts.map((part) => namePlace(plan, part)).join(', ');
	if (!stretch) return on;
	const [from, to] = [stretch.from, stretch.to].map((at) => formatLength(at, unit).text);
	return `${on}: ${from} to ${to} ${stretch.along === 'down' ? 'from the top' : 'from the left'}`;
}
