export { openMemory, openWorkshop, type Database, type Workshop } from './openWorkshop';
export { WorkshopOpenElsewhere } from './lock';
export { motifs, pieces, revisions } from './schema';
