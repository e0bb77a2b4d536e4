export { FAIR_TEMPERATURES, HIGHEST_HUMIDITY, scaleDryingTime, scaleOpenTime, type DryingCase, type Climate } from './scaleDryingTime';
export { type DryingTimes } from './dryMaterial';
export { dryLayers } from './dryLayers';
export { type Section, type Sections, type WetPart } from './cutSections';
export { cutWetWork, type WetContext, type WetWork } from './cutWetWork';
export { listSittings, type Sitting, type SittingsContext, type StepSittings } from './listSittings';
export { timeOrder, type SittingArc, type TimedArc, type TimedOrder, type TimedSitting, type TimedStep } from './timeOrder';
export { checkOrder } from './checkOrder';
export { describeWetWork, findOverruns, type WetWorkRow } from './describeWetWork';
