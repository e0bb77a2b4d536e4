import { accent } from './accent';
import { border } from './border';
import { frame } from './frame';
import { grid } from './grid';
import { harlequin } from './harlequin';
import { line } from './line';
import { run } from './run';
import { scatter } from './scatter';
import type { Arrangement } from './schema';
import { scheme } from './scheme';
import { single } from './single';
import { stripes } from './stripes';
import { trim } from './trim';
import type { ArrangementKind } from './types';

/** Every kind of arrangement, in the order in which they are offered. A new one is a file, a member of the union of schemas and a line here. */
export const ARRANGEMENTS: { readonly [Kind in Arrangement['kind']]: ArrangementKind<Extract<Arrangement, { kind: Kind }>> } = {
	run,
	single,
	border,
	scheme,
	accent,
	grid,
	scatter,
	trim,
	stripes,
	frame,
	line,
	harlequin
};

/** The kind of an arrangement, whatever it is: it is only ever asked about that one. */
export function kindOfArrangement(arrangement: Arrangement): ArrangementKind<Arrangement> {
	return ARRANGEMENTS[arrangement.kind] as unknown as ArrangementKind<Arrangement>;
}
