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
import { TightenSchema } from './tighten';
import { GlueSchema } from './glue';
import { FillDamageSchema } from './fillDamage';
import { ScrapeSchema } from './scrape';
import { RinseSchema } from './rinse';
import { HoldDoorSchema } from './holdDoor';
import { WashSchema } from './wash';
import { StainSchema } from './stain';
import { WipeBackSchema } from './wipeBack';
import { SoftenSchema } from './soften';
import { CombSchema } from './comb';
import { DryBrushSchema } from './dryBrush';
import { PenSchema } from './pen';
import { TouchUpSchema } from './touchUp';
import { SizeSchema } from './size';
import { LeafSchema } from './leaf';
import { LiquidGildingSchema } from './liquidGilding';
import { CrackleSchema } from './crackle';
import { PowderSchema } from './powder';
import { DistressSchema } from './distress';
import { TransferSchema } from './transfer';
import { BurnishSchema } from './burnish';
import { PaperSchema } from './paper';
import { BuffSchema } from './buff';
import { HeatSchema } from './heat';
import { UnmaskSchema } from './unmask';
import { WipeEdgesSchema } from './wipeEdges';
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
	WaxSchema,
	TightenSchema,
	GlueSchema,
	FillDamageSchema,
	ScrapeSchema,
	RinseSchema,
	HoldDoorSchema,
	WashSchema,
	StainSchema,
	WipeBackSchema,
	SoftenSchema,
	CombSchema,
	DryBrushSchema,
	PenSchema,
	TouchUpSchema,
	SizeSchema,
	LeafSchema,
	LiquidGildingSchema,
	CrackleSchema,
	PowderSchema,
	DistressSchema,
	TransferSchema,
	BurnishSchema,
	PaperSchema,
	BuffSchema,
	HeatSchema,
	WipeEdgesSchema
]);
export type Coat = z.infer<typeof CoatSchema>;
/** A coat that leaves a film. */
export type FilmCoat = Extract<Coat, { times: number }>;

export function isFilm(coat: Coat): coat is FilmCoat {
	return 'times' in coat;
}
