import { expect, it } from 'vitest';
import { findMetal } from './findMetal';

const colour = (name: string, hex: string) => ({ id: name, name, hex });

it.each<[string, ReturnType<typeof colour>[], string | undefined]>([
	['by its name', [colour('Sand bar', '#c8a860'), colour('Old brass', '#303030')], 'Old brass'],
	['by its look, where none is named so', [colour('Hull white', '#f2efe6'), colour('Lantern', '#b08d3f')], 'Lantern'],
	[
		'not every yellow: none that is as bright as a lemon, or as pale as cream',
		[colour('Lemon', '#f5e12a'), colour('Cream', '#f6ecd0')],
		undefined
	],
	['no word that only begins so', [colour('Tinder', '#223344'), colour('Goldfinch green', '#3f5a2a')], undefined]
])('a metal is found %s', (_says, palette, id) => expect(findMetal(palette)).toBe(id));
