export { KnownAnswers, SLOW_QUESTIONS, type Ask, type SlowQuestion } from './slow';
export { createPlanner, planProject, type Planner } from './planProject';
export { plainPlan, planMeasured } from './plainPlan';
export { drawPlain, type PlainPart } from './drawPlain';
export { stageOf, type Stage } from './stageOf';
export { heightOnShelf } from './heightOnShelf';
export { layStepBoard, type BoardStep } from './layStepBoard';
export { listDecoration, nameParts, type Decoration } from './listDecoration';
export { listColourRows, type ColourRow } from './listColourRows';
export { nameIssue, type NamedPlace } from './nameIssue';
export { listSurfaces, nameSurface } from './nameSurface';
export { sumOrder } from './sumOrder';
export { sourceOfScene } from './sceneOfPlan';
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
