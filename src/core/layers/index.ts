export { LABEL_FIGURES, MATERIAL_KINDS, MaterialSchema, type LabelFigure, type Material, type MaterialKind } from './material';
export { FinishSchema, withCoats, type Decision, type Finish } from './schema';
export { CoatSchema, isFilm, type Coat, type FilmCoat } from './kinds/schema';
export { APPLICATORS, type Applicator, type ColourSource } from './kinds/fields';
export { amountOfCoat, colourOf, kindOfCoat, KINDS, materialOf, nameCoat, needsMaterial, recolour, whereOf, wordCoat } from './kinds';
export {
	PHASES,
	type CoatKind,
	type Look,
	type Need,
	type Phase,
	type SheetsTaken,
	type Site,
	type Start,
	type PaintedCoat,
	type StartContext,
	type Take,
	type Tool,
	type Where
} from './kinds/types';
export { CAUGHT } from './kinds/gildingWax';
export { hiddenBy } from './kinds/hiddenBy';
export { newBase } from './kinds/base';
export { type Blend } from './kinds/blend';
export { SCHOOL_IDS, SCHOOLS, SchoolsSchema, type SchoolId, type Schools } from './schools';
export { dryingOf, OwnDryingSchema, USUAL_DRYING, type DryingFactors, type OwnDrying } from './dryingFactors';
export { OwnRatesSchema, ratesOf, USUAL_RATES, type OwnRates, type RateId, type Rates, type RateUnit } from './rates';
export { newClear } from './kinds/clear';
export { newDust } from './kinds/dust';
export { newGlaze } from './kinds/glaze';
export { newFiller } from './kinds/filler';
export { newHardwareOff } from './kinds/hardwareOff';
export { newHardwareOn } from './kinds/hardwareOn';
export { newPrime } from './kinds/prime';
export { newSand } from './kinds/sand';
export { newMask } from './kinds/mask';
export { newStencil } from './kinds/stencil';
export { pasteHeight, thicknessOfPaste } from './kinds/pasteHeight';
export { newCast } from './kinds/cast';
export { DAMAGE_ML } from './kinds/fillDamage';
export { newPaste } from './kinds/paste';
export { newStripe } from './kinds/stripe';
export { newUnmask } from './kinds/unmask';
export { newWax } from './kinds/wax';
export { METHODS } from './methods';
export { BLEND_METHODS, BRUSH_SCHOOLS, BRUSH_WORDS, MOST_HANDS, USUAL_BLENDING } from './methods/schema';
export type { BlendMethod, Handwriting } from './methods/types';
export { canWorkWet, layDry, lostPartners, wetPartner, wetRuns, type WetCoat } from './wetRuns';
export { isWashed, mustBeDry } from './washedTools';
export { isRenewedByMist } from './material';
export { type Traits } from './traits';
export { type Area } from './area';
export { layersOn, layersOver, takenOff, layersUnder, stackLayers, type Layer, type Stack, type StackContext } from './stackLayers';
export { measureSites, type SiteMeasures } from './measureSites';
export type { Arc, Readiness, RuleKind } from './arcs';
export {
	applyRemedy,
	freeId,
	moveCoat,
	RISKS,
	type Risk,
	type Example,
	type Finding,
	type Found,
	type Overrun,
	type Rule
} from './findings';
export type { FinishEdit, Remedy } from './remedy';
export { roomInGap, verdictOf, type GapRoom, type RoomVerdict } from './roomInGap';
export { remediesForGap, type RoomRemedy } from './makeRoom';
export { RULES } from './rules';
