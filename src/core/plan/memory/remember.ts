export type Remembered<Args extends readonly unknown[], Result> = (...args: Args) => Result;

/** A function that remembers its last result, and gives it again while every argument is the same object. */
export function remember<Args extends readonly unknown[], Result>(compute: (...args: Args) => Result): Remembered<Args, Result> {
	let last: { readonly args: Args; readonly result: Result } | null = null;
	return (...args) => {
		if (last === null || !args.every((arg, i) => Object.is(arg, last!.args[i]))) last = { args, result: compute(...args) };
		return last.result;
	};
}

/** Gives an object as it was before, while all its fields are the same. */
export function rememberFields<T extends object>(): (now: T) => T {
	let last: T | null = null;
	return (now) => {
		if (last === null || !hasSameFields(last, now)) last = now;
		return last;
	};
}

function hasSameFields<T extends object>(a: T, b: T): boolean {
	const names = Object.keys(b) as (keyof T)[];
	return names.length === Object.keys(a).length && names.every((name) => Object.is(a[name], b[name]));
}

/** Gives a list as it was before, while all that is in it is the same. */
export function rememberList<T>(): (now: readonly T[]) => readonly T[] {
	let last: readonly T[] = [];
	return (now) => {
		if (now.length !== last.length || now.some((one, i) => !Object.is(one, last[i]))) last = now;
		return last;
	};
}
