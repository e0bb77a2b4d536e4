import { z } from 'zod';
import { HexSchema } from '../colour';
import { IdSchema, NameSchema } from '../units';

const MinutesSchema = z.number().min(0).max(100_000);

export const MATERIAL_KINDS = ['cleaner', 'primer', 'paint', 'clear', 'wax'] as const;

/** One material: what a coat of it needs to be known for. Every figure is the user's to change; the label on the tin wins. */
export const MaterialSchema = z.strictObject({
	id: IdSchema,
	name: NameSchema,
	kind: z.enum(MATERIAL_KINDS),
	carrier: z.enum(['water', 'oil', 'shellac', 'wax']),
	porous: z.boolean().meta({ description: 'Soaks up what is laid on it until it is sealed.' }),
	coverage: z.number().min(0.1).max(100).meta({ description: 'm2 per litre per coat.' }),
	film: z.number().min(0).max(5000).meta({ description: 'Dry film of one normal coat, micrometres.' }),
	touchDry: MinutesSchema,
	recoat: MinutesSchema,
	open: MinutesSchema.meta({ description: 'How long it stays workable, minutes; 0 where it does not matter.' }),
	cureDays: z.number().min(0).max(365),
	sheen: z.number().min(0).max(1).meta({ description: '0 dead matte, 1 full gloss.' }),
	tint: z
		.strictObject({ hex: HexSchema, opacity: z.number().min(0).max(1) })
		.nullable()
		.meta({ description: 'Its own colour where it brings one.' }),
	protect: z.enum(['no', 'should', 'must']).meta({ description: 'Whether it has to be protected at the end.' }),
	dark: z.boolean().meta({ description: 'A dark or tinted wax.' }),
	ready: z.string().max(200).meta({ description: 'What ready looks like.' }),
	cautions: z.array(z.string().max(300)).max(10)
});
export type Material = z.infer<typeof MaterialSchema>;
