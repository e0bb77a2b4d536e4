import { ageing } from './ageing';
import { bands } from './bands';
import { cloth } from './cloth';
import { clouds } from './clouds';
import { edgeShade } from './edgeShade';
import type { Field, PatternId } from './fieldSchema';
import { recess } from './recess';
import { rings } from './rings';
import { runs } from './runs';
import { streak } from './streak';
import { touches } from './touches';
import type { Pattern } from './types';

/** Every pattern of colour, in the order in which they are offered. A new one is a file, an entry in the schema and a line here. */
export const PATTERNS: { readonly [Id in PatternId]: Pattern<Id> } = {
	'edge-shade': edgeShade,
	bands,
	streak,
	rings,
	clouds,
	runs,
	recess,
	touches,
	cloth,
	ageing
};

/** The pattern of a field, whatever it is: it is only ever asked about that field. */
export function patternOf(field: Field): Pattern {
	return PATTERNS[field.pattern] as unknown as Pattern;
}
