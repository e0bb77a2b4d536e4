export { openMemory, openWorkshop, WorkshopBroken, type Database, type Workshop } from './openWorkshop';
export { restoreCopy, writeCopy } from './copies';
export { bringBackCopy, emptyTakenOut, listCopies, takeOutCopy, type Copy } from './copyList';
export { DiskFull, foundNoRoom, keepReserve, requireRoom, requireRoomForCheckpoint } from './disk';
export { readPictureBytes, writePictureBytes } from './pictureBytes';
export { WorkshopOpenElsewhere } from './lock';
export {
	cards,
	colours,
	daysOpen,
	facts,
	motifs,
	pictureParts,
	pictures,
	pieces,
	revisions,
	workshopPlace,
	workshopSteps,
	type Card
} from './schema';
