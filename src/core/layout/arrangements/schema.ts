import { z } from 'zod';
import { AccentSchema } from './accent';
import { BorderSchema } from './border/schema';
import { FrameSchema } from './frame';
import { GridSchema } from './grid';
import { HarlequinSchema } from './harlequin';
import { LineSchema } from './line';
import { RunSchema } from './run/schema';
import { ScatterSchema } from './scatter';
import { SchemeSchema } from './scheme/schema';
import { SingleSchema } from './single';
import { TrimSchema } from './trim/schema';
import { StripesSchema } from './stripes/schema';

/** Every way to lay a motif, or what is taped. */
export const ArrangementSchema = z.discriminatedUnion('kind', [
	RunSchema,
	SingleSchema,
	BorderSchema,
	SchemeSchema,
	AccentSchema,
	GridSchema,
	ScatterSchema,
	TrimSchema,
	StripesSchema,
	FrameSchema,
	LineSchema,
	HarlequinSchema
]);
export type Arrangement = z.infer<typeof ArrangementSchema>;
