import type { Issue, Mm } from '../../units';
import type { ChainReading } from './chainReading';
import type { Box } from '../faces/box';
import type { Gap, MeasuredChain, Part } from '../faces/parts';
import type { LengthReader } from './readLengths';
import type { Face, Reading, ReadingRole, SizeRule } from '../schema';

export type BarePart = Omit<Part, 'hardware' | 'filled'>;

export interface Context {
	readonly face: Face;
	/** Where the face stands in the project: `piece.faces[0]`. */
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
	readonly width: ChainReading | null;
	/** Of the frame beside the drawers of the first chain. */
	readonly stile: Mm;
	readonly sideGap: Mm;
	readonly nameOf: (role: ReadingRole) => string;
	readonly parts: BarePart[];
	readonly gaps: Gap[];
	readonly chains: MeasuredChain[];
}

export interface Chain {
	readonly of: string | null;
	/** The part that it divides, on which what it is divided into lies; null: the face. */
	readonly on: string | null;
	readonly path: string;
	readonly sizesPath: string;
	readonly along: 'across' | 'down';
	readonly sizes: SizeRule;
	readonly readings: readonly Reading[];
	readonly box: Box;
	/** What it must add up to, as it was read, and where that stands; null where nobody measured it. */
	readonly overall: ChainReading | null;
	readonly overallPath: string;
}
