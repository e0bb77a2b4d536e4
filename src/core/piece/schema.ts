import { z } from 'zod';

/** A length as it was read: a number is millimetres, a text is read like a tape (`5 3/8`, `137 mm`). Empty text: not read yet. */
export const LengthInputSchema = z
	.union([z.number(), z.string().max(40)])
	.meta({ description: 'A number is millimetres; a text is read as on a tape ("5 3/8", "137 mm"); "" is not measured yet.' });
export type LengthInput = z.infer<typeof LengthInputSchema>;

export const IdSchema = z
	.string()
	.regex(/^[a-z0-9][a-z0-9-]{0,39}$/)
	.meta({ description: 'Lower-case letters, digits and dashes; at most 40.' });
export const NameSchema = z.string().min(1).max(80);

export const READING_ROLES = ['rail', 'gap', 'drawer', 'plinth'] as const;
export const ReadingSchema = z.strictObject({ id: IdSchema, role: z.enum(READING_ROLES), reading: LengthInputSchema });
export type Reading = z.infer<typeof ReadingSchema>;
export type ReadingRole = Reading['role'];

export const AcrossRuleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('middle') }),
	z.strictObject({ rule: z.literal('quarter') }),
	z.strictObject({ rule: z.literal('edge'), distance: LengthInputSchema, count: z.union([z.literal(1), z.literal(2)]) })
]);
export type AcrossRule = z.infer<typeof AcrossRuleSchema>;

export const DownRuleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('middle') }),
	z.strictObject({ rule: z.literal('top'), distance: LengthInputSchema })
]);

const placed = { across: AcrossRuleSchema, down: DownRuleSchema, hole: LengthInputSchema };
export const HardwareSchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('none') }),
	z.strictObject({ kind: z.literal('knob'), ...placed, diameter: LengthInputSchema }),
	z.strictObject({ kind: z.literal('pull'), ...placed, spacing: LengthInputSchema, width: LengthInputSchema, height: LengthInputSchema })
]);
export type Hardware = z.infer<typeof HardwareSchema>;

export const GROUNDS = ['solid-wood', 'veneer', 'pressed-board', 'laminate', 'old-paint'] as const;

export const FaceSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	ground: z.enum(GROUNDS),
	width: LengthInputSchema,
	height: LengthInputSchema,
	stile: LengthInputSchema.meta({ description: 'Width of the frame at the left and at the right of the drawers; 0 for none.' }),
	sideGap: LengthInputSchema.meta({ description: 'Gap between frame and drawer, at each side.' }),
	chain: z.array(ReadingSchema).min(1).max(64).meta({ description: 'Readings from the top edge down, which must add up to the height.' }),
	hardware: HardwareSchema.meta({ description: 'The setting of every drawer front that has none of its own.' }),
	exceptions: z.record(IdSchema, HardwareSchema).meta({ description: 'Hardware of single drawer fronts, by the id of their reading.' })
});
export type Face = z.infer<typeof FaceSchema>;

export const PieceSchema = z.strictObject({
	name: NameSchema,
	condition: z.enum(['new', 'bare', 'finished']).meta({ description: 'Bought new, bare wood, or with an old finish on it.' }),
	faces: z.array(FaceSchema).length(1).meta({ description: 'For now one face: the front.' })
});
export type Piece = z.infer<typeof PieceSchema>;
