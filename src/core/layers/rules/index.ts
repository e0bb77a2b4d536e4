import type { Rule } from '../findings';
import { baseDry } from './baseDry';
import { bleedBlock } from './bleedBlock';
import { wake } from './wake';
import { guardCoat } from './guardCoat';
import { transferDry } from './transferDry';
import { transferSmooth } from './transferSmooth';
import { transferBurnish } from './transferBurnish';
import { transferSeal } from './transferSeal';
import { transferSchool } from './transferSchool';
import { cracklePair } from './cracklePair';
import { crackleTack } from './crackleTack';
import { crackleShow } from './crackleShow';
import { leafTack } from './leafTack';
import { dustWindow } from './dustWindow';
import { washWindow } from './washWindow';
import { workedTop } from './workedTop';
import { darkHaze } from './darkHaze';
import { wearThenSeal } from './wearThenSeal';
import { ink } from './ink';
import { metalWax } from './metalWax';
import { boardWet } from './boardWet';
import { edgesWiped } from './edgesWiped';
import { food } from './food';
import { rawWood } from './rawWood';
import { waxHeavy } from './waxHeavy';
import { buffTime } from './buffTime';
import { works } from './works';
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
import { pasteHot } from './pasteHot';
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
	pasteHot,
	pasteNeighbour,
	heat,
	castCut,
	thickCoat,
	bleedBlock,
	wake,
	guardCoat,
	transferDry,
	transferSmooth,
	transferBurnish,
	transferSeal,
	transferSchool,
	cracklePair,
	crackleTack,
	crackleShow,
	leafTack,
	dustWindow,
	washWindow,
	workedTop,
	darkHaze,
	wearThenSeal,
	ink,
	metalWax,
	boardWet,
	edgesWiped,
	food,
	rawWood,
	waxHeavy,
	buffTime,
	works
];
