export { createPlanner, planProject, type Planner } from './planProject';
export { stageOf, type Stage } from './stageOf';
export { listSurfaces, nameSurface } from './nameSurface';
export { sourceOfScene } from './sceneOfPlan';
export {
	PLAN_FORMAT,
	PLAN_VERSION,
	type BlendWork,
	type OrderStep,
	type ItemRow,
	type Plan,
	type PlanError,
	type Quantities,
	type Unmeasured,
	type ZonePlan
} from './types';
export type { ZoneFinding, ZoneRemedy } from './zoneJudgements/types';
