export { openMemory, openWorkshop, type Database, type Workshop } from './openWorkshop';
export { WorkshopOpenElsewhere } from './lock';
export { colours, motifs, pictures, pieces, revisions } from './schema';
