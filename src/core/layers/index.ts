export { MaterialSchema, type Material } from './material';
export {
	APPLICATORS,
	BLEND_METHODS,
	BRUSH_SCHOOLS,
	CoatSchema,
	FinishSchema,
	isFilm,
	type Applicator,
	type Coat,
	type CoatKind,
	type CoatParts,
	type Decision,
	type FilmCoat,
	type Finish
} from './schema';
export { sharesSurface, stackLayers, type DryingTimes, type Layer, type Stack } from './stackLayers';
export { applyRemedy, freeId, moveCoat, type Finding, type FinishEdit, type Remedy, type Rule, type RuleKind } from './findings';
export { checkOrder } from './checkOrder';
export { COAT_WORDS, nameCoat } from './nameCoat';
export { METHODS } from './methods';
export { amountOfCoat, stepsOfBlend } from './blendSteps';
export type { BlendMethod } from './methods/types';
export { roomInGap, sumFilm, TIGHT, verdictOf, type GapRoom, type RoomVerdict } from './sumFilm';
export { remediesForGap, type RoomRemedy } from './makeRoom';
export { RULES } from './rules';
export { newBase, newClean, newClear, newDust, newHardwareOn, newPrime, newWax } from './starters';
