export { FAIR_TEMPERATURES, HIGHEST_HUMIDITY, scaleDryingTime, scaleOpenTime, type DryingCase, type Workshop } from './scaleDryingTime';
export { dryMaterial, type DryingTimes } from './dryMaterial';
export { timeOrder, type TimedArc, type TimedOrder, type TimedStep } from './timeOrder';
export { checkOrder } from './checkOrder';
export { cutSections, type Section, type Sections, type WetPart } from './cutSections';
export { sectionBlends, type BlendWork } from './sectionBlends';
