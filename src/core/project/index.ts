export { hasSameParts, isSameWritten, reuseParts } from './compareProjects';
export { describeProjectSchema, PROJECT_FORMAT, PROJECT_VERSION, ProjectSchema, type Project } from './project';
export { changesOfWorkshop, giveOwn, giveUpOwn, markOwn, setOwn, settingsOf, takeWorkshop } from './takeWorkshop';
export {
	INCH_FELLOWS,
	NEW_WORKSHOP,
	ROOM_TEMPERATURES,
	sharedField,
	WorkshopSettingsSchema,
	type SharedField,
	type WorkshopSettings
} from './workshop';
export { newProject } from './newProject';
export { changeDrawers } from './changeDrawers';
export { changePiece } from './changePiece';
export { changeUnits } from './changeUnits';
export { addArrangement, addZone, dropArrangement, dropZone, paintOf, setArrangement, setMotifs, takeSheet } from './editLayout';
export { addCoat, dropCoat, followHoles, setCoat, setPatch } from './editFinish';
export { dropColour, nameMix, setColour, usesOfColour } from './editPalette';
export { coloursUnder } from './coloursUnder';
export { wordChange } from './wordChange';
export { ZONE_STARTERS } from './zoneStarters';
export { placeKnob } from './placeKnob';
export { keepTin, takeTin, withLabel, writeLabel, type LabelChange } from './tins';
