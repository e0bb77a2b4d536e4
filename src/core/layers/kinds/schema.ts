import { z } from 'zod';
import { BaseSchema } from './base';
import { BlendSchema } from './blend';
import { CastSchema } from './cast';
import { CleanSchema } from './clean';
import { ClearSchema } from './clear';
import { CutSchema } from './cut';
import { DustSchema } from './dust';
import { FillerSchema } from './filler';
import { GildingWaxSchema } from './gildingWax';
import { GlazeSchema } from './glaze';
import { HardwareMaskedSchema } from './hardwareMasked';
import { HardwareOffSchema } from './hardwareOff';
import { HardwareOnSchema } from './hardwareOn';
import { MaskSchema } from './mask';
import { PasteSchema } from './paste';
import { PrimeSchema } from './prime';
import { SandSchema } from './sand';
import { ScuffSchema } from './scuff';
import { StencilSchema } from './stencil';
import { StripeSchema } from './stripe';
import { UnmaskSchema } from './unmask';
import { WaxSchema } from './wax';

/** Every kind of coat. */
export const CoatSchema = z.discriminatedUnion('kind', [
	CleanSchema,
	DustSchema,
	FillerSchema,
	SandSchema,
	ScuffSchema,
	HardwareOffSchema,
	HardwareMaskedSchema,
	HardwareOnSchema,
	PrimeSchema,
	BaseSchema,
	BlendSchema,
	StencilSchema,
	PasteSchema,
	CastSchema,
	CutSchema,
	StripeSchema,
	MaskSchema,
	UnmaskSchema,
	GlazeSchema,
	GildingWaxSchema,
	ClearSchema,
	WaxSchema
]);
export type Coat = z.infer<typeof CoatSchema>;
/** A coat that leaves a film. */
export type FilmCoat = Extract<Coat, { times: number }>;

export function isFilm(coat: Coat): coat is FilmCoat {
	return 'times' in coat;
}
