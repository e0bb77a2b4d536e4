import { partsOnFace } from '../../piece';
import { describeFront } from '../describeFront';
import type { PageMaker } from './types';

/** A page for every surface that has something on it: drawers, doors, panels, whole faces; and for every drawer, so that none is looked for. */
export const makeFronts: PageMaker = {
	id: 'front',
	pages: (project, plan, paper) =>
		plan.faces
			.flatMap(partsOnFace)
			.filter(
				({ id, role }) => role === 'drawer' || plan.items.some(({ part }) => part === id) || plan.zones.some(({ part }) => part === id)
			)
			.flatMap((part) => describeFront(project, plan, part, paper))
};
