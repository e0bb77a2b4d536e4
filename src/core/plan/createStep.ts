export type Step<Args extends readonly unknown[], Result> = (...args: Args) => Result;

/** A function that remembers its last result, and gives it again while every argument is the same object. */
export function createStep<Args extends readonly unknown[], Result>(compute: (...args: Args) => Result): Step<Args, Result> {
	let last: { readonly args: Args; readonly result: Result } | null = null;
	return (...args) => {
		if (last === null || !args.every((arg, i) => Object.is(arg, last!.args[i]))) last = { args, result: compute(...args) };
		return last.result;
	};
}
