export { ColourSchema, HexSchema, type Colour } from './schema';
export {
	convertHexToPaint,
	convertPaintToHex,
	convertPaintToLinear,
	filmOfBand,
	layOver,
	mixPaints,
	thicknessOf,
	type BandFilm,
	type Paint,
	type PaintPart
} from './mixPaints';
export { decodeSrgb, encodeLinear } from './convertSrgb';
export { differColours, judgeLikeness, judgeNeighbours, type Likeness, type NeighbourVerdict } from './differColours';
export { judgeJoin, type Bridge, type JoinJudgement, type Mud } from './judgeJoin';
export { findMixes, type Mix } from './findMixes';
export { pourMix, totalFromPart, type PouredMix } from './pourMix';
export { leadsTo } from './foldMixes';
export { basesOf, followMixes, isNoPaint, pigmentOfHex, pigmentsOf, type Pigment } from './pigments';
export { convertHexToLab, convertLabToHex, differLabs, middleOfReadings, type Lab } from './lab';
export { hexOfShade, nameHue, shadeOfHex, type Shade } from './shade';
export { guessWet } from './guessWet';
export { averageColour } from './averageColour';
export { simulateColourReading } from './simulateColourReading';
export { readCss } from './readCss';
export { judgeContrast, leastContrast, type Contrast } from './leastContrast';
export { findMetal } from './findMetal';
