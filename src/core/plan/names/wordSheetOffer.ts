import type { SheetOffer } from '../../layout';
import type { Project } from '../../project';
import { formatLength } from '../../units';

/** `A sheet with 7 by 7 of Reed, 430 mm by 520 mm, would take 1 lay: no round to wait for.` */
export function wordSheetOffer(
	{ layout, units }: Pick<Project, 'layout' | 'units'>,
	{ motif, across, down, width, height, lays, rounds }: SheetOffer
): string {
	const name = layout.motifs.find(({ id }) => id === motif)?.name ?? motif;
	const many = down > 1 ? `${across} by ${down} of ${name}` : `${across} of ${name} in a line`;
	const [wide, high] = [width, height].map((mm) => formatLength(mm, units).text);
	return `A sheet with ${many}, ${wide} by ${high} with its border, would take ${lays === 1 ? '1 lay' : `${lays} lays`} ${rounds === 1 ? 'with no wait' : `in ${rounds} rounds`}.`;
}
