import { z } from 'zod';
import { IdSchema } from '../../units';
import { LengthInputSchema } from '../readings/lengths';

const AcrossRuleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('middle') }),
	z.strictObject({ rule: z.literal('quarter') }),
	z.strictObject({ rule: z.literal('edge'), distance: LengthInputSchema, count: z.union([z.literal(1), z.literal(2)]) }),
	z.strictObject({ rule: z.literal('right'), distance: LengthInputSchema })
]);
export type AcrossRule = z.infer<typeof AcrossRuleSchema>;

const DownRuleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('middle') }),
	z.strictObject({ rule: z.literal('top'), distance: LengthInputSchema }),
	z.strictObject({ rule: z.literal('bottom'), distance: LengthInputSchema }),
	z
		.strictObject({ rule: z.literal('both'), distance: LengthInputSchema })
		.meta({ description: 'One so far from the top, one so far from the bottom: hinges.' })
]);
export type DownRule = z.infer<typeof DownRuleSchema>;

const placed = {
	across: AcrossRuleSchema,
	down: DownRuleSchema,
	holes: z
		.discriminatedUnion('old', [
			z.strictObject({ old: z.literal('keep') }),
			z.strictObject({ old: z.literal('fill') }).meta({ description: 'It is taken off for good, and its holes are filled.' }),
			z
				.strictObject({ old: z.literal('move'), across: AcrossRuleSchema, down: DownRuleSchema })
				.meta({ description: 'New holes where the setting says; the old ones, here, are filled.' })
		])
		.default({ old: 'keep' }),
	room: z.enum(['clear', 'over']).default('clear').meta({ description: 'Motifs keep clear of it, or may run over it.' })
};
const L = LengthInputSchema;

/** Sizes of each kind. See `kinds.ts` for what they mean. */
export const HardwareSchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('none') }),
	z.strictObject({ kind: z.literal('knob'), ...placed, hole: L, diameter: L }),
	z.strictObject({ kind: z.literal('pull'), ...placed, hole: L, spacing: L, width: L, height: L }),
	z.strictObject({ kind: z.literal('plate'), ...placed, hole: L, spacing: L, width: L, height: L }),
	z.strictObject({ kind: z.literal('keyhole'), ...placed, width: L, height: L }),
	z.strictObject({ kind: z.literal('hinge'), ...placed, hole: L, spacing: L, width: L, height: L })
]);
export type Hardware = z.infer<typeof HardwareSchema>;
export type HardwareKind = Exclude<Hardware['kind'], 'none'>;
export type SomeHardware = Exclude<Hardware, { kind: 'none' }>;

export const FittingSchema = z.strictObject({
	id: IdSchema,
	on: z
		.union([z.enum(['drawers', 'doors', 'fronts']), z.array(IdSchema).min(1).max(64)])
		.meta({ description: 'Every drawer, every door, both, or a list of parts.' }),
	hardware: HardwareSchema
});
export type Fitting = z.infer<typeof FittingSchema>;
