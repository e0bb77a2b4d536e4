import { bedside, box, cabinet, chest, desk, sideboard } from './cases';
import { archedPanel, frame, freeBoard, headboard, ovalTable, roundTable, tray } from './flats';
import type { Starter } from './types';

/** Every shape to begin from. A new one is a few lines in a file beside this and one here. */
export const STARTERS: readonly Starter[] = [
	chest,
	sideboard,
	cabinet,
	bedside,
	desk,
	box,
	roundTable,
	ovalTable,
	tray,
	frame,
	archedPanel,
	headboard,
	freeBoard
];
export type { Starter };
