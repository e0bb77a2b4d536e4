export type Remembered<Args extends readonly unknown[], Result> = (...args: Args) => Result;

/** A function that remembers its last result, and gives it again while every argument is the same object. */
export function remember<Args extends readonly unknown[], Result>(compute: (...args: Args) => Result): Remembered<Args, Result> {
	let last: { readonly args: Args; readonly result: Result } | null = null;
	return (...args) => {
		if (last === null || !args.every((arg, i) => Object.is(arg, last!.args[i]))) last = { args, result: compute(...args) };
		return last.result;
	};
}

/** Gives a list as it was before, while all that is in it is the same. */
export function rememberList<T>(): (now: readonly T[]) => readonly T[] {
	let last: readonly T[] = [];
	return (now) => {
		if (now.length !== last.length || now.some((one, i) => !Object.is(one, last[i]))) last = now;
		return last;
	};
}
