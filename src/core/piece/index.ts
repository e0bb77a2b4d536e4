export {
	FaceSchema,
	GROUNDS,
	HardwareSchema,
	IdSchema,
	LengthInputSchema,
	NameSchema,
	PieceSchema,
	READING_ROLES,
	type AcrossRule,
	type Face,
	type Hardware,
	type LengthInput,
	type Piece,
	type Reading,
	type ReadingRole
} from './schema';
export { checkChain, type ChainCheck, type ChainReading } from './checkChain';
export { OVERALL, type Suspect, type SuspectKind } from './findSuspects';
export { FRAME, MOST_DRAWERS, measurePiece, type Box, type Gap, type MeasuredFace, type MeasuredPiece, type Part } from './measurePiece';
export type { PlacedHardware } from './placeHardware';
export { suggestChain } from './suggestChain';
