import { z } from 'zod';
import { IdSchema } from '../units';
import { CoatSchema, type Coat } from './kinds/schema';
import { followTouchedUp } from './touchedUp';
import { letGoOfPartners } from './wetRuns';

const DecisionSchema = z.strictObject({
	rule: z.string().max(40),
	coat: IdSchema.nullable(),
	choice: z.string().min(1).max(200).meta({ description: 'What was decided, in words.' })
});
export type Decision = z.infer<typeof DecisionSchema>;

export const FinishSchema = z.strictObject({
	coats: z.array(CoatSchema).max(100).meta({ description: 'In the order in which they are done.' }),
	decisions: z
		.array(DecisionSchema)
		.max(200)
		.meta({ description: 'Findings of kind should or school that the painter overruled; each ends with the coat that it is about.' }),
	patches: z
		.array(IdSchema)
		.max(50)
		.optional()
		.meta({ description: 'Coats that are tried first on a board, with all that lies under them; each ends with its coat.' })
});
export type Finish = z.infer<typeof FinishSchema>;

/** The finish with other coats. What was worked into a wet coat that is no longer right before it is laid on what is dry. What is touched up follows its coat. What was decided about a coat ends when it is taken out, or is no longer of that kind. */
export function withCoats(finish: Finish, coats: readonly Coat[]): Finish {
	/** What takes a mask off goes with it. */
	const kept = followTouchedUp(letGoOfPartners(coats.filter((coat) => !('mask' in coat) || coats.some(({ id }) => id === coat.mask))));
	const kinds = new Map(kept.map(({ id, kind }) => [id, kind]));
	const before = new Map(finish.coats.map(({ id, kind }) => [id, kind]));
	const decisions = finish.decisions.filter(({ coat }) => coat === null || (kinds.has(coat) && kinds.get(coat) === before.get(coat)));
	const { patches } = finish;
	const left = patches?.filter((id) => kinds.has(id));
	return {
		...finish,
		coats: kept,
		decisions: decisions.length === finish.decisions.length ? finish.decisions : decisions,
		...(left === undefined || left.length === patches!.length ? {} : { patches: left })
	};
}
