/** From its arrival to its answer a plain question takes so many turns of the loop at most. */
const TURNS = 5;

/** Lets others be answered: the database works at once where it is asked, so that a row of questions to it would keep everybody waiting. */
export async function breathe(): Promise<void> {
	for (let i = 0; i < TURNS; i++) await new Promise((resolve) => setImmediate(resolve));
}
