export { FLATNESS, flattenPath, type Ring } from './flattenPath';
export { areaOfRings, uniteShapes, type FillRule, type Shape } from './uniteShapes';
export { coverRings, type CoverageMask } from './coverRings';
export { depthInBox, roundedDepthInBox } from './depthInBox';
