export { KnownAnswers, SLOW_QUESTIONS, type Ask, type SlowQuestion } from './slow';
export { createPlanner, planProject, type Planner } from './planProject';
export { plainPlan, planMeasured } from './shown/plainPlan';
export { coverOn, drawPlain, type Cover, type PlainPart } from './shown/drawPlain';
export { stageOf, type Stage } from './order/stageOf';
export { finestScale } from './laid/finestScale';
export { heightOnShelf } from './laid/heightOnShelf';
export { layStepBoard, type BoardStep } from './order/layStepBoard';
export { listSettingOut, type SettingOutRow } from './laid/listSettingOut';
export { wordLay, type LayWords } from './names/wordLay';
export { wordSheetOffer } from './names/wordSheetOffer';
export { datumWords, type DatumWords } from './names/datumWords';
export { labelsOn, listDecoration, numberOfArrangement, type Decoration } from './laid/listDecoration';
export { listColourRows, type ColourRow } from './laid/listColourRows';
export { nameIssue, type NamedPlace } from './names/nameIssue';
export { listSurfaces, nameSurface } from './names/nameSurface';
export { nameParts, namePlace, nameSurfaces } from './names/namePlaces';
export { wordSection } from './names/wordSection';
export { sumOrder } from './order/sumOrder';
export { sourceOfScene } from './shown/sceneOfPlan';
export {
	PLAN_FORMAT,
	PLAN_VERSION,
	type OrderArc,
	type OrderStep,
	type ItemRow,
	type MotifFigures,
	type Plan,
	type PlanError,
	type Unmeasured,
	type ZonePlan
} from './types';
export type { ZoneFinding, ZoneRemedy } from './zoneJudgements/types';
