export interface Option<Value extends string> {
	readonly value: Value;
	readonly text: string;
	/** A CSS background. */
	readonly swatch?: string;
	/** Under which heading it stands in the list. */
	readonly group?: string;
}

/** In the order in which their headings come; those without one first. */
export function groupOptions<Value extends string>(
	options: readonly Option<Value>[]
): readonly { readonly name: string; readonly options: readonly Option<Value>[] }[] {
	const names = [...new Set(options.map(({ group }) => group ?? ''))].sort((a, b) => Number(a !== '') - Number(b !== ''));
	return names.map((name) => ({ name, options: options.filter((option) => (option.group ?? '') === name) }));
}

/** A list opens within the landmark that it belongs to, not beside it. */
export function landmark(): Element | undefined {
	return (typeof document !== 'undefined' && document.querySelector('main')) || undefined;
}
