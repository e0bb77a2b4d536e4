import { z } from 'zod';

interface Factor {
	readonly says: string;
	/** A starting figure of ours. */
	readonly usual: number;
	readonly least: number;
	readonly most: number;
}

/** What makes a coat take longer, or less long, than its label says for 20 C and 50 %. A new factor is a line here. Source: methods 14. */
export const DRYING_TABLE = {
	colder: { says: 'Times as long for each 10 C less', usual: 2, least: 1, most: 5 },
	damp: { says: 'Share of dry air at which a label holds', usual: 0.5, least: 0.1, most: 1 },
	thick: { says: 'Power of the thickness by which a thick coat takes longer', usual: 1.5, least: 0.5, most: 3 },
	water: { says: 'Times the label of what dries by losing water', usual: 1, least: 0.1, most: 10 },
	other: { says: 'Times the label of all else', usual: 1, least: 0.1, most: 10 }
} as const satisfies Readonly<Record<string, Factor>>;

export type DryingFactorId = keyof typeof DRYING_TABLE;

/** Of every factor its figure. */
export type DryingFactors = Readonly<Record<DryingFactorId, number>>;

const IDS = Object.keys(DRYING_TABLE) as DryingFactorId[];
const figureOf = (id: DryingFactorId) => z.number().min(DRYING_TABLE[id].least).max(DRYING_TABLE[id].most).optional();

export const OwnDryingSchema = z
	.strictObject(Object.fromEntries(IDS.map((id) => [id, figureOf(id)])) as Record<DryingFactorId, ReturnType<typeof figureOf>>)
	.meta({ description: 'How coats dry in this workshop, where it is not as we begin from.' });
export type OwnDrying = z.infer<typeof OwnDryingSchema>;

/** What we begin from. */
export const USUAL_DRYING = Object.fromEntries(
	Object.entries(DRYING_TABLE).map(([id, { usual }]) => [id, usual])
) as unknown as DryingFactors;

/** What a workshop knows of itself, and our starting figures for the rest. */
export function dryingOf(own: OwnDrying = {}): DryingFactors {
	return { ...USUAL_DRYING, ...(own as Partial<DryingFactors>) };
}
