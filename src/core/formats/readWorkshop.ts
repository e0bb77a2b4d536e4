import { WorkshopSettingsSchema, type WorkshopSettings } from '../project';
import type { Issue } from '../units';
import { findUnreadable } from './findUnreadable';
import { issueOfZod } from './readProject';

/** What is said of the workshop, or what is wrong with it. */
export function readWorkshop(
	value: unknown
): { readonly ok: true; readonly settings: WorkshopSettings } | { readonly ok: false; readonly issues: readonly Issue[] } {
	const unreadable = findUnreadable(value);
	if (unreadable !== null) return { ok: false, issues: [unreadable] };
	const parsed = WorkshopSettingsSchema.safeParse(value);
	if (parsed.success) return { ok: true, settings: parsed.data };
	return { ok: false, issues: parsed.error.issues.flatMap((issue) => issueOfZod(issue, value)) };
}
