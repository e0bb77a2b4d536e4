export { colourRounds, QUICK, THOROUGH, type Conflicts, type Effort, type Rounds } from './colourRounds';
export { CLEARANCE, findConflicts } from './findConflicts';
export { markOf } from './markOf';
export { USUAL_SHEET } from './placeLays';
export { offerSheet, withRepeats } from './offerSheet';
export { orderByHand } from './orderByHand';
export { findLays, planLays, type LaysContext } from './planLays';
export {
	LAY_MODES,
	type Lay,
	type LayMode,
	type LaysChoice,
	type LaysPlan,
	type LaysSetting,
	type LaysWish,
	type SheetOffer
} from './types';
