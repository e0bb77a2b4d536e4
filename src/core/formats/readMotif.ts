import { measureMotif, MotifSchema, type Motif } from '../layout';
import type { Issue } from '../units';
import { findUnreadable } from './findUnreadable';
import { issueOfZod } from './readProject';

/** A motif for the store, as the page sends it: what a piece would refuse is refused here too. */
export function readMotif(
	value: unknown
): { readonly ok: true; readonly motif: Motif } | { readonly ok: false; readonly issues: readonly Issue[] } {
	const unreadable = findUnreadable(value);
	if (unreadable !== null) return { ok: false, issues: [unreadable] };
	const parsed = MotifSchema.safeParse(value);
	if (!parsed.success) return { ok: false, issues: parsed.error.issues.flatMap((issue) => issueOfZod(issue, value)) };
	const { unread, openArea } = measureMotif(parsed.data);
	if (unread.length > 0) return { ok: false, issues: unread.map((path) => ({ code: 'motif.unread', path: `paths[${path}].d` })) };
	if (!(openArea > 0)) return { ok: false, issues: [{ code: 'svg.empty', path: 'paths' }] };
	return { ok: true, motif: parsed.data };
}
