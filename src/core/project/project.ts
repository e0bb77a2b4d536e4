import { z } from 'zod';
import { ColourSchema } from '../colour';
import { FinishSchema, MaterialSchema, OwnRatesSchema } from '../layers';
import { LayoutSchema } from '../layout';
import { PieceSchema } from '../piece';

export const PROJECT_FORMAT = 'ember-ribbon/project';
export const PROJECT_VERSION = 6;

/** One piece with everything that is planned for it: the one truth from which every figure is worked out. */
export const ProjectSchema = z.strictObject({
	format: z.literal(PROJECT_FORMAT),
	version: z.literal(PROJECT_VERSION),
	units: z
		.enum(['mm', 'in'])
		.meta({ description: 'The unit of the painter: how a text without a unit is read, and how figures are written.' }),
	paper: z.enum(['a4', 'letter']),
	workshop: z.strictObject({
		temperature: z.number().min(-20).max(60).meta({ description: 'Degrees Celsius.' }),
		humidity: z.number().min(0).max(100).meta({ description: 'Relative, percent.' }),
		degrees: z.enum(['C', 'F']).optional().meta({ description: 'What its thermometer shows; Celsius where nothing is said.' }),
		simulated: z
			.boolean()
			.optional()
			.meta({ description: 'Whether the simulated measuring device and colour reader are offered, for practice.' }),
		hand: z.enum(['left', 'right']).optional().meta({ description: 'The hand that works; right where nothing is said.' }),
		tapes: z
			.array(z.number().min(1).max(100))
			.min(1)
			.max(30)
			.optional()
			.meta({ description: 'Widths of the tapes on its shelf, mm; the usual ones where nothing is said.' }),
		rates: OwnRatesSchema.optional(),
		volumes: z.enum(['ml', 'fl-oz']).optional().meta({ description: 'What its jars are measured in; ml where nothing is said.' })
	}),
	piece: PieceSchema,
	palette: z.array(ColourSchema).max(100),
	layout: LayoutSchema,
	finish: FinishSchema,
	materials: z.array(MaterialSchema).max(100).meta({ description: 'Own records; one with the id of a catalogue record takes its place.' })
});
export type Project = z.infer<typeof ProjectSchema>;

/** The published schema of the project file. */
export function describeProjectSchema(): object {
	return z.toJSONSchema(ProjectSchema, { target: 'draft-2020-12', io: 'input' });
}
