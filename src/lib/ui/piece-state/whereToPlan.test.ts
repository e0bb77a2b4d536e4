import { expect, it } from 'vitest';
import { whereToPlan, type CardOfPlan } from './index';

it.each<[what: string, card: CardOfPlan['card'], cardVersion: number | null, where: string]>([
	['no card yet', null, null, 'elsewhere'],
	['quick', { kind: 'sound', took: 300 }, 4, 'here'],
	['slow', { kind: 'sound', took: 301 }, 4, 'elsewhere'],
	['quick, but of the save before', { kind: 'sound', took: 20 }, 3, 'elsewhere'],
	['came to no end', { kind: 'stopped', why: 'too-long' }, 4, 'elsewhere'],
	['took its process along', { kind: 'stopped', why: 'too-big' }, 4, 'asked'],
	['took its process along, but has been changed since', { kind: 'stopped', why: 'too-big' }, 3, 'elsewhere'],
	['faulty, and put right by a newer program', { kind: 'faulty' }, 4, 'elsewhere']
])('a piece is planned where its card says: %s', (_what, card, cardVersion, where) =>
	expect(whereToPlan(4, { cardVersion, card })).toBe(where)
);
