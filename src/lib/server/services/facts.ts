import { asc, eq } from 'drizzle-orm';
import { z } from 'zod';
import { facts, type Database } from '../db';

/** What can have happened to a step. */
const WHAT = ['begun', 'done', 'done-again', 'left-out', 'ready', 'not-yet', 'went-otherwise', 'poured'] as const;

/** One thing that was done, or seen, at the piece. It is no part of the project, and undoing a plan does not undo it. */
const FactSchema = z.strictObject({
	coat: z.string().min(1).max(40),
	/** Of that the sitting, where it was one. */
	sitting: z.string().min(1).max(120).nullable(),
	what: z.enum(WHAT),
	at: z.date(),
	/** How much, with its unit. */
	amount: z.strictObject({ value: z.number().min(0).max(1e6), unit: z.enum(['ml', 'minutes', 'pieces']) }).nullable(),
	words: z.string().max(400).nullable(),
	/** The fact that this one puts right. */
	corrects: z.uuid().nullable()
});
export type Fact = z.infer<typeof FactSchema>;

/** Notes a fact of a piece, and gives its id. Throws where it is none, or the piece is not there. */
export async function noteFact(db: Database, piece: string, fact: Fact): Promise<string> {
	const { amount, ...rest } = FactSchema.parse(fact);
	const [row] = await db
		.insert(facts)
		.values({ piece, ...rest, amount: amount?.value ?? null, unit: amount?.unit ?? null })
		.returning({ id: facts.id });
	return row!.id;
}

/** All facts of a piece in the order in which they happened, those that were put right too. */
export async function listFacts(db: Database, piece: string): Promise<(Fact & { readonly id: string })[]> {
	const rows = await db.select().from(facts).where(eq(facts.piece, piece)).orderBy(asc(facts.at), asc(facts.notedAt));
	return rows.map(({ id, coat, sitting, what, at, amount, unit, words, corrects }) => ({
		id,
		...FactSchema.parse({ coat, sitting, what, at, amount: amount === null ? null : { value: amount, unit }, words, corrects })
	}));
}
