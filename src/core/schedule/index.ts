export { FAIR_TEMPERATURES, HIGHEST_HUMIDITY, scaleDryingTime, scaleOpenTime, type DryingCase, type Climate } from './scaleDryingTime';
export { type DryingTimes } from './dryMaterial';
export { dryLayers } from './dryLayers';
export { type Section, type Sections, type WetPart } from './cutSections';
export { cutWetCoats, type WetCoat } from './cutWetCoats';
export { listSittings, type Sitting, type SittingsContext, type StepSittings } from './listSittings';
export { timeOrder, type SittingArc, type TimedArc, type TimedOrder, type TimedSitting, type TimedStep } from './timeOrder';
export { checkOrder } from './checkOrder';
export { sectionBlends, type BlendWork } from './sectionBlends';
