import { z } from 'zod';
import { GridSchema } from './grid';
import { RunSchema } from './run/schema';
import { SingleSchema } from './single';

/** Every way to lay a motif. */
export const ArrangementSchema = z.discriminatedUnion('kind', [RunSchema, SingleSchema, GridSchema]);
export type Arrangement = z.infer<typeof ArrangementSchema>;
