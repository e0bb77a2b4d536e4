export { CATALOGUE, gatherMaterials } from './catalogue';
export { countQuantities, type Quantities } from './countQuantities';
export { LOSS, volumeForArea } from './volumeForArea';
export { wordPaint } from './wordPaint';
export { listTools, type ToolRow } from './listTools';
export { paintsThatMix } from './paintsThatMix';
