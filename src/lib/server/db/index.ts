export { openMemory, openWorkshop, type Database, type Workshop } from './openWorkshop';
export { readPictureBytes, writePictureBytes } from './pictureBytes';
export { WorkshopOpenElsewhere } from './lock';
export { cards, colours, motifs, pictureParts, pictures, pieces, revisions, type Card } from './schema';
