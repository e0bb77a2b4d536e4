export {
	ENDS,
	LayoutSchema,
	MotifSchema,
	PartsSchema,
	RunSchema,
	ZoneSchema,
	type EndsId,
	type Layout,
	type Motif,
	type Parts,
	type Pick,
	type Run,
	type Zone
} from './schema';
export { ENDS_BY_ID } from './ends';
export { measureMotif, type MotifShape } from './measureMotif';
export { partsOf } from './partsOf';
export { costOfFit } from './run/costOfFit';
export { leaveOutMotif, moveMotif, moveMotifEdge, nudgeMotif, pickFit, releaseMotif } from './editRun';
export { fitRunToLength } from './run/fitRunToLength';
export { fitKeyOf, fitRunOnFronts, planRun, type Placement, type RunChoice, type RunGroup, type RunPlan } from './run/planRun';
export type { Decider, Obstacle, RunFit, RunWish, Spot } from './run/types';
export { PATTERNS, patternOf } from './zones';
export { FieldSchema, type Field, type PatternId } from './zones/fieldSchema';
export { countStretches, depthOnPart, joinsOf, layZone, leastRegion, type LaidPart, type PlacedOnPart } from './zones/layZone';
export { moveStop, passJoin, sharesAtDepth, stopsFor } from './zones/joins';
export { areasOfColours, lengthsOfJoins } from './zones/shareColours';
export type { Join, Laid, Pattern, Region } from './zones/types';
export { regionOf } from './zones/regionOf';
export { handlesOf, type Handle } from './zones/handles';
