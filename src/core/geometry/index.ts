export { FLATNESS, flattenPath, type Ring } from './flattenPath';
export { areaOfRings, uniteShapes, type FillRule, type Shape } from './uniteShapes';
export { boundsOfRings, type RingBounds } from './boundsOfRings';
export { coverRings, type CoverageMask } from './coverRings';
export { depthInBox, levelInBox, roundedDepthInBox, roundedLevelInBox } from './depthInBox';
export {
	areaInBox,
	areaInCommon,
	clipToBox,
	intersectRings,
	areaOfRing,
	growRings,
	nearestOnSegment,
	signedArea,
	isInRings,
	lengthOfLine,
	lengthOfRings,
	lengthWithin,
	offsetRing,
	reverseRing,
	stretchesWithin,
	subtractRings,
	uniteRings,
	type Polyline,
	type Stretch
} from './clipRings';
export type { ArcEdge, Edge, Point } from './edges/types';
export {
	areaOfOutline,
	boundsOfOutline,
	deepestPoint,
	depthInOutline,
	distanceToOutline,
	flattenOutline,
	isInsideOutline,
	keyOfOutline,
	moveOutline,
	offsetInwards,
	perimeterOfOutline,
	writeOutlinePath,
	type Outline
} from './outline';
export { shapeRectangle, shapeRounded } from './shapes/rectangle';
export { shapeEllipse } from './shapes/ellipse';
export { shapeBow, shapeWave } from './shapes/swollen';
export { shapeFree, type FreePoint } from './shapes/free';
export { alongTrack, type OnTrack, type Track } from './track';
export { trackOutline } from './trackOutline';
export { trackThrough } from './trackThrough';
export type { Shaped, Side } from './shapes/types';
export { findCornerFault, projectPoint, solveHomography, type CornerFault, type Corners, type Homography } from './homography';
export { warpRows, type PixelSource } from './warpRows';
export { straightSize } from './straightSize';
export { flattenLines, strokeLines, type StrokeStyle } from './strokePath';
export { simplifyLine, simplifyRing } from './simplifyRing';
