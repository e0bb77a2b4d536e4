import { z } from 'zod';
import { ColourSchema } from '../colour';
import { FinishSchema } from '../layers';
import { LayoutSchema } from '../layout';
import { PieceSchema } from '../piece';
import { COPY_OF_WORKSHOP } from './workshop';

export const PROJECT_FORMAT = 'ember-ribbon/project';
export const PROJECT_VERSION = 8;

/** One piece with everything that is planned for it: the one truth from which every figure is worked out. */
export const ProjectSchema = z.strictObject({
	format: z.literal(PROJECT_FORMAT),
	version: z.literal(PROJECT_VERSION),
	units: COPY_OF_WORKSHOP.units,
	paper: COPY_OF_WORKSHOP.paper,
	workshop: COPY_OF_WORKSHOP.workshop,
	piece: PieceSchema,
	palette: z.array(ColourSchema).max(100),
	layout: LayoutSchema,
	finish: FinishSchema,
	materials: COPY_OF_WORKSHOP.materials
});
export type Project = z.infer<typeof ProjectSchema>;

/** The published schema of the project file. */
export function describeProjectSchema(): object {
	return z.toJSONSchema(ProjectSchema, { target: 'draft-2020-12', io: 'input' });
}
