export { openMemory, openWorkshop, WorkshopBroken, type Database, type Workshop } from './openWorkshop';
export { listCopies, restoreCopy, writeCopy, type Copy } from './copies';
export { DiskFull, foundNoRoom, requireRoom, requireRoomForCheckpoint } from './disk';
export { readPictureBytes, writePictureBytes } from './pictureBytes';
export { WorkshopOpenElsewhere } from './lock';
export { cards, colours, motifs, pictureParts, pictures, pieces, revisions, type Card } from './schema';
