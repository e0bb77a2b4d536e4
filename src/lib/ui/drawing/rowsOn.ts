import type { MeasuredFace } from '$core/piece';
import type { ItemRow, Plan } from '$core/plan';

/** What is laid on a face or on one of its parts. */
export function rowsOn({ id, parts }: MeasuredFace, { items }: Plan): ItemRow[] {
	const own = new Set([id, ...parts.map((part) => part.id)]);
	return items.filter(({ part }) => own.has(part));
}
