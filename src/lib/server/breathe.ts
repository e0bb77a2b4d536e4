/** Lets others be answered: the database works at once where it is asked, so that a row of questions to it would keep everybody waiting. */
export function breathe(): Promise<void> {
	return new Promise((resolve) => setImmediate(resolve));
}
