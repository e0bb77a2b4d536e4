export { MM_PER_INCH, UM_PER_MM, type LengthUnit, type Minutes, type Ml, type Mm, type Mm2, type Um } from './quantities';
export { IdSchema, NameSchema } from './ids';
export { LONGEST_NAME, shortenName } from './shortenName';
export type { Issue } from './issue';
export { parseLength, readLength, type LengthFault, type ParsedLength } from './parseLength';
export {
	formatFigure,
	formatBeside,
	formatFine,
	formatLength,
	figureBetween,
	roundToBegin,
	tapeStep,
	toTape,
	type LengthText
} from './formatLength';
export {
	formatDuration,
	formatLatest,
	formatWait,
	formatRun,
	formatWork,
	nameTape,
	formatDurationShort,
	formatFilm,
	fromVolume,
	toVolume,
	formatPour,
	formatVolume,
	fromDegrees,
	parseDuration,
	toDegrees,
	type DegreeUnit,
	type VolumeUnit
} from './formatAmount';
export { formatArea } from './formatArea';
export { MEETING, ROUNDED, SAME, SAME_EDGE } from './tolerance';
export { isSame } from './isSame';
