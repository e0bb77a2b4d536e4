/** Whether two values of plain data are the same, in whatever order their fields stand; parts that are one object are not looked into. */
export function isSame(one: unknown, other: unknown): boolean {
	if (Object.is(one, other)) return true;
	if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false;
	if (Array.isArray(one) || Array.isArray(other))
		return Array.isArray(one) && Array.isArray(other) && one.length === other.length && one.every((value, i) => isSame(value, other[i]));
	const keys = Object.keys(one);
	const [own, others] = [one as Record<string, unknown>, other as Record<string, unknown>];
	return keys.length === Object.keys(other).length && keys.every((key) => key in others && isSame(own[key], others[key]));
}
