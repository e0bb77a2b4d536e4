export { openMemory, openWorkshop, WorkshopBroken, type Database, type Workshop } from './openWorkshop';
export { listCopies, restoreCopy, syncFolder, writeCopy, type Copy } from './copies';
export { DiskFull, requireRoom } from './disk';
export { readPictureBytes, writePictureBytes } from './pictureBytes';
export { WorkshopOpenElsewhere } from './lock';
export { cards, colours, motifs, pictureParts, pictures, pieces, revisions, type Card } from './schema';
