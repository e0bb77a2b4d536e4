/** A saved document, not yet checked: whatever is not as expected is left for the schema to name. */
export type Loose = Record<string, unknown>;

export function asObject(value: unknown): Loose {
	return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : {};
}
export function asList(value: unknown): unknown[] {
	return Array.isArray(value) ? value : [];
}
