import type { Rule } from '../findings';
import { baseDry } from './baseDry';
import { castCut } from './castCut';
import { cleanFirst } from './cleanFirst';
import { fillHoles } from './fillHoles';
import { glossKey } from './glossKey';
import { hardwareLast } from './hardwareLast';
import { hiddenWork } from './hiddenWork';
import { hidesGround } from './hidesGround';
import { lostInGround } from './lostInGround';
import { noWaterOnOil } from './noWaterOnOil';
import { noWaterOnWax } from './noWaterOnWax';
import { porousGlaze } from './porousGlaze';
import { heat } from './heat';
import { openTime } from './openTime';
import { pasteDry } from './pasteDry';
import { pasteKey } from './pasteKey';
import { pasteNeighbour } from './pasteNeighbour';
import { pasteSand } from './pasteSand';
import { primeSlick } from './primeSlick';
import { protect } from './protect';
import { recoat } from './recoat';
import { rinseBare } from './rinseBare';
import { sandedOff } from './sandedOff';
import { tackHolds } from './tackHolds';
import { tapeDry } from './tapeDry';
import { tapeWet } from './tapeWet';
import { thickCoat } from './thickCoat';
import { wetInWet } from './wetInWet';

/** Every order rule. A new rule is a new file and a line here. */
export const RULES: readonly Rule[] = [
	cleanFirst,
	fillHoles,
	glossKey,
	primeSlick,
	recoat,
	wetInWet,
	openTime,
	tackHolds,
	baseDry,
	noWaterOnWax,
	noWaterOnOil,
	porousGlaze,
	rinseBare,
	protect,
	hardwareLast,
	hidesGround,
	hiddenWork,
	lostInGround,
	sandedOff,
	tapeDry,
	tapeWet,
	pasteDry,
	pasteSand,
	pasteKey,
	pasteNeighbour,
	heat,
	castCut,
	thickCoat
];
