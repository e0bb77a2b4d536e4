import { ColourSchema, type Colour } from '../colour';
import type { Issue } from '../units';
import { findUnreadable } from './findUnreadable';
import { issueOfZod } from './readProject';

const ShelfColourSchema = ColourSchema.omit({ mix: true }).strict();

/** A colour for the shelf of the workshop: one of its own, since the parts of a mix belong to a palette. */
export function readColour(
	value: unknown
): { readonly ok: true; readonly colour: Colour } | { readonly ok: false; readonly issues: readonly Issue[] } {
	const unreadable = findUnreadable(value);
	if (unreadable !== null) return { ok: false, issues: [unreadable] };
	const parsed = ShelfColourSchema.safeParse(value);
	if (parsed.success) return { ok: true, colour: parsed.data };
	return { ok: false, issues: parsed.error.issues.flatMap((issue) => issueOfZod(issue, value)) };
}
