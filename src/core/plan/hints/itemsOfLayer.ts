import type { LaidItem } from '../../layout';
import type { Layer } from '../../layers';
import { partsOnFace, type MeasuredPiece, type Part } from '../../piece';
import type { Project } from '../../project';

/** What a layer lays through its openings. */
export const itemsOf = ({ openings }: Layer): LaidItem[] => [...openings!.values()].flat().map(({ item }) => item);

export function pathOf({ layout }: Project, id: string): string {
	return `layout.arrangements[${layout.arrangements.findIndex((one) => one.id === id)}]`;
}

export function partsById({ faces }: Pick<MeasuredPiece, 'faces'>): ReadonlyMap<string, Part> {
	return new Map(faces.flatMap(partsOnFace).map((part) => [part.id, part]));
}
