export { CATALOGUE, gatherMaterials } from './catalogue';
export { takenOn, countQuantities, type Quantities } from './countQuantities';
export { countSupplies, type Supplies } from './countSupplies';
export { LOSS, volumeForArea } from './volumeForArea';
export { wordPaint } from './wordPaint';
export { listTools, type ToolRow } from './listTools';
export { paintsThatMix } from './paintsThatMix';
