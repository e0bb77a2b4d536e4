export { choosableParts, partsInFrame } from './faces/choosableParts';
export { type LengthInput } from './readings/lengths';
export { type OutlineInput } from './faces/outlineSchema';
export {
	EDGE_SIDES,
	FACE_KINDS,
	GROUND_IDS,
	PART_ROLES,
	PIECE_USES,
	PieceSchema,
	READING_ROLES,
	type EdgeSide,
	type Face,
	type FaceKind,
	type GroundId,
	type Photograph,
	type Piece,
	type PieceUse,
	type PlacedPart,
	type Reading,
	type ReadingRole,
	type Seam,
	type SetOff,
	type SizeRule,
	type Split
} from './schema';
export { type AcrossRule, type DownRule, type Fitting, type Hardware, type HardwareKind, type SomeHardware } from './hardware/schema';
export { HARDWARE_SURFACE, hardwareSurface } from './hardware/hardwareSurface';
export { HARDWARE, type HardwareForm, type SizeName } from './hardware/kinds';
export type { Hole, PlacedHardware } from './hardware/placeHardware';
export { checkChain, type ChainCheck } from './readings/checkChain';
export type { ChainReading } from './readings/chainReading';
export { OVERALL, type Suspect, type SuspectKind } from './readings/findSuspects';
export { checkSquare, type SquareCheck } from './readings/checkSquare';
export { gradeSizes, type Grading } from './readings/gradeSizes';
export { createMeasurer, measurePiece, MOST_DRAWERS, type MeasuredPiece } from './measurePiece';
export {
	doesMove,
	faceOf,
	firstFace,
	groundOn,
	isOfFrame,
	isOwnSurface,
	partAt,
	surfaceOf,
	type Gap,
	type MeasuredChain,
	type MeasuredFace,
	type MeasuredReading,
	type Part,
	type PartRole
} from './faces/parts';
export { partOfPiece, partOnFace, partsOnFace } from './faces/frames';
export { doBoxesMeet, type Box } from './faces/box';
export { datumOf, figuresOnPart, fromDatum, straightSides, type Datum, type DatumFigure } from './faces/datum';
export {
	areaOfHoles,
	cutoutOf,
	hasOldHoles,
	holesIn,
	ringOfBox,
	ringOfCutout,
	surfacesOfPiece,
	surfacesUnder,
	surfacesWithin,
	type Cutout,
	type Surface
} from './faces/surfaces';
export { boxOutline, isBoxOutline } from './faces/shapeOutline';
export { heightAboveFloor, toUnfolded, unfoldPiece, type LaidEdge, type LaidFace, type LaidSeam, type UnfoldedPiece } from './unfoldPiece';
export { GROUND_NOTE, GROUNDS, type Ground } from './faces/grounds';
export { nameSides } from './faces/nameSides';
export { placeName } from './faces/placeName';
export { partIdsOf, walkReadings } from './readings/walkReadings';
export { suggestChain } from './readings/suggestChain';
export { isRest } from './readings/restOfChain';
export { simulateReading } from './readings/simulateTape';
export { checkKnownLength, type ScaleCheck } from './readings/knownLength';
export { STARTERS, type Starter } from './starters';
export { newFace, newKnob, insetPart } from './starters/build';
export { standOf } from './faces/standOf';
