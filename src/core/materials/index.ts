export { CATALOGUE, gatherMaterials } from './catalogue';
export { LOSS, volumeForArea } from './quantities';
