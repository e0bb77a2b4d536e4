import { readFileSync } from 'node:fs';
import { create, type Draft } from 'mutative';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../formats';
import { dropZone, wordChange, type Project } from './index';

const file = readProjectText(readFileSync('demo/sail-loft-chest.json', 'utf8'));
if (!file.ok) throw new Error('sail-loft-chest');
const chest = file.project;
const [row] = chest.layout.arrangements;
const [zone] = chest.layout.zones;
const [front, side] = chest.piece.faces;

const CHANGES: readonly (readonly [words: string, change: (draft: Draft<Project>) => void])[] = [
	['', () => undefined],
	['name of the piece', (draft) => void (draft.piece.name = 'Another')],
	[`width of ${front!.name}`, (draft) => void (draft.piece.faces[0]!.width = '901')],
	[`readings of ${front!.name}`, (draft) => void draft.piece.faces[0]!.chain.pop()],
	[
		'width of 2 faces',
		(draft) => {
			for (const face of draft.piece.faces.slice(0, 2)) face.width = '901';
		}
	],
	[
		'figures of 2 faces',
		(draft) => {
			draft.piece.faces[0]!.width = '901';
			draft.piece.faces[1]!.height = '801';
		}
	],
	[`${side!.name} taken out`, (draft) => void draft.piece.faces.splice(1, 1)],
	[`name of ${zone!.name}`, (draft) => void (draft.layout.zones[0]!.name = 'Night')],
	[`softness of ${zone!.name}`, (draft) => void (draft.layout.zones[0]!.softness = 0.123)],
	[`places of ${row!.name}`, (draft) => void (draft.layout.arrangements[0]!.parts = 'all')],
	/** What it brings with it is not told: the painter laid a row. */
	[
		'Other row put in',
		(draft) => {
			draft.layout.arrangements.push({ ...(row as Draft<typeof row>)!, id: 'other', name: 'Other row' });
			draft.finish.coats.push({ ...draft.finish.coats[0]!, id: 'more' });
		}
	],
	['order of the coats', (draft) => void draft.finish.coats.reverse()],
	['2 coats taken out', (draft) => void draft.finish.coats.splice(0, 2)],
	[`colour of ${chest.palette[1]!.name}`, (draft) => void (draft.palette[1]!.hex = '#123456')],
	['unit of length', (draft) => void (draft.units = 'in')],
	['room of the workshop', (draft) => void (draft.workshop.temperature = 11)]
];

describe('what a step back takes back', () => {
	it.each(CHANGES)('"%s"', (words, change) => {
		const after = create(chest, (draft) => change(draft));
		expect(wordChange(chest, after)).toBe(words);
		/** As it comes back from the workshop: nothing of it the same object. */
		expect(wordChange(chest, JSON.parse(JSON.stringify(after)) as Project)).toBe(words);
	});
	it('a zone that is taken out with its coat is a zone', () => {
		expect(wordChange(chest, dropZone(chest, zone!.id))).toBe(`${zone!.name} taken out`);
	});
});
