export { choosableParts, partsInFrame } from './choosableParts';
export { type LengthInput } from './lengths';
export { type OutlineInput } from './outlineSchema';
export {
	EDGE_SIDES,
	FACE_KINDS,
	GROUND_IDS,
	PART_ROLES,
	PieceSchema,
	READING_ROLES,
	type EdgeSide,
	type Face,
	type FaceKind,
	type GroundId,
	type Photograph,
	type Piece,
	type PlacedPart,
	type Reading,
	type ReadingRole,
	type Seam,
	type SetOff,
	type SizeRule,
	type Split
} from './schema';
export { type AcrossRule, type DownRule, type Fitting, type Hardware, type HardwareKind, type SomeHardware } from './hardware/schema';
export { HARDWARE, type HardwareForm, type SizeName } from './hardware/kinds';
export type { Hole, PlacedHardware } from './hardware/placeHardware';
export { checkChain, type ChainCheck } from './checkChain';
export type { ChainReading } from './chainReading';
export { OVERALL, type Suspect, type SuspectKind } from './findSuspects';
export { checkSquare, type SquareCheck } from './checkSquare';
export { gradeSizes, type Grading } from './gradeSizes';
export { createMeasurer, measurePiece, MOST_DRAWERS, type MeasuredPiece } from './measurePiece';
export {
	doesMove,
	faceOf,
	isOwnSurface,
	partAt,
	surfaceOf,
	type Gap,
	type MeasuredChain,
	type MeasuredFace,
	type MeasuredReading,
	type Part,
	type PartRole
} from './parts';
export { doBoxesMeet, type Box } from './box';
export { areaOfHoles, hasOldHoles, holesIn, ringOfBox, surfacesNamed, surfacesOfPiece, surfacesWithin, type Surface } from './surfaces';
export { boxOutline, isBoxOutline } from './shapeOutline';
export { heightAboveFloor, toUnfolded, unfoldPiece, type LaidEdge, type LaidFace, type LaidSeam, type UnfoldedPiece } from './unfoldPiece';
export { GROUND_NOTE, GROUNDS, type Ground } from './grounds';
export { placeName } from './placeName';
export { partIdsOf, walkReadings } from './walkReadings';
export { suggestChain } from './suggestChain';
export { isRest } from './restOfChain';
export { simulateReading } from './simulateTape';
export { checkKnownLength, type ScaleCheck } from './knownLength';
export { STARTERS, type Starter } from './starters';
export { newFace, insetPart } from './starters/build';
export { standOf } from './standOf';
