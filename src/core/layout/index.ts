export { LayoutSchema, type Layout, type Zone } from './schema';
export { MOTIF_USES, MotifSchema, type Motif } from './motif';
export { addBridges } from './artwork/addBridges';
export { openingsOf, findTips, leastScale, PAINT_LIMITS, readArtwork, type Artwork, type Island, type Tip } from './artwork/readArtwork';
export { proposeBridges, type Bridge } from './artwork/proposeBridges';
export { writeLetters, type Written } from './lettering/writeLetters';
export { idOfPlace, PLACE_WORDS, PlacesSchema, type Places } from './placesSchema';
export { measureMotif, ringsForScale, tipsAt, type MotifShape } from './measureMotif';
export { partsOf, placesFor, partsToBegin } from './partsOf';
export { surfacesAt, togglePlace } from './togglePlace';
export { ARRANGEMENTS, kindOfArrangement } from './arrangements';
export { ArrangementSchema, type Arrangement } from './arrangements/schema';
export { type ItemSpot } from './arrangements/spot';
export { heightThrough } from './heightThrough';
export { setOut, type SetOutField, type SetOutRim, type SetOutRing, type SetOutRow, type SetOutWay, type SettingOut } from './settingOut';
export { snapFrame, type SnapLine } from './snap';
export { listCasts, type Casts } from './listCasts';
export { clayFor, dryOf, volumeOfMould } from './mould';
export { type TrimFit, type TrimWish } from './arrangements/trim/fitTrim';
export { type Scheme } from './arrangements/scheme/schema';
export { depthOfBorder } from './arrangements/border/depthOfBorder';
export { SCHEMES, type SchemeStart } from './arrangements/scheme/schemes';
export { type Trim } from './arrangements/trim/schema';
export { LazyItem } from './arrangements/LazyItem';
export { itemsOfRole, openingsNear, openingsOn, openingsOverlap, type Opening, type OpeningsOn } from './arrangements/openings';
export type {
	ArrangementContext,
	ArrangementKind,
	ArrangementPlan,
	Choice,
	ChoiceGroup,
	LaidItem,
	MotifInUse,
	Taping,
	TapeStrip
} from './arrangements/types';
export { LEAST_SCALE, middleOf, scaleToBegin, setWished } from './arrangements/scales';
export { scaleSingle, turnSingle, type Single } from './arrangements/single';
export { measuredByTen, TAPES } from './arrangements/tape/tapes';
export { crossesGap, gatherWholes } from './arrangements/gatherWholes';
export type { Accent } from './arrangements/accent';
export type { Border } from './arrangements/border/schema';
export { fitBorder, type BorderFit, type BorderWish } from './arrangements/border/fitBorder';
export type { Frame } from './arrangements/frame';
export type { Grid } from './arrangements/grid';
export { fitDiamonds, type Harlequin } from './arrangements/harlequin';
export type { Line } from './arrangements/line';
export { changeScatter, type Scatter } from './arrangements/scatter';
export { fitStripes, layBands, type Band, type StripesFit, type StripesWish } from './arrangements/stripes/fitStripes';
export type { Stripes } from './arrangements/stripes/schema';
export { metresOfTape } from './arrangements/tape/tapes';
export { type EndsId, type Pick, type Run } from './arrangements/run/schema';
export { ENDS_BY_ID } from './arrangements/run/ends';
export { costOfFit } from './arrangements/run/costOfFit';
export { moveItemTo, nudgeItem } from './arrangements/moveItem';
export { leaveOutMotif, moveMotif, pickFit, releaseMotif } from './arrangements/run/editRun';
export { addPoint, dropPoint, FIRST_LINE, lineOfStroke, movePoint, trackOfDrawn, type DrawnLine } from './arrangements/run/drawnLine';
export { fitRunToLength } from './arrangements/run/fitRunToLength';
export { planRun } from './arrangements/run/planRun';
export type { Decider, Obstacle, RunFit, RunWish, RunPlace } from './arrangements/run/types';
export { PATTERNS, patternOf } from './zones';
export { type Field, type PatternId } from './zones/fieldSchema';
export { countStretches, depthOnPart, joinsOf, layZone, leastRegion, type LaidPart, type PlacedOnPart } from './zones/layZone';
export { moveStop, passJoin, sharesAtDepth, stopsFor } from './zones/joins';
export { areasOfColours, lengthsOfJoins } from './zones/shareColours';
export { sharesInOpenings, type ZoneAreas } from './zones/sharesInOpenings';
export { linesOfJoins } from './zones/linesOfJoins';
export type { Join, LaidField, Pattern, Region } from './zones/types';
export { regionOf } from './zones/regionOf';
export { handlesOf, type Handle } from './zones/handles';
export {
	colourRounds,
	LAY_MODES,
	markOf,
	offerSheet,
	orderByHand,
	withRepeats,
	findLays,
	planLays,
	QUICK,
	THOROUGH,
	USUAL_SHEET,
	type Conflicts,
	type Effort,
	type Rounds,
	type Lay,
	type LayMode,
	type LaysChoice,
	type LaysPlan,
	type LaysContext,
	type LaysSetting,
	type LaysWish,
	type SheetOffer
} from './lays';
