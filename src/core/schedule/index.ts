export { FAIR_TEMPERATURES, scaleDryingTime, scaleOpenTime, type DryingCase, type Workshop } from './scaleDryingTime';
export { dryMaterial } from './dryMaterial';
export { cutSections, type Section, type Sections, type WetPart } from './cutSections';
