import { walkReadings, type Face } from '../../piece';
import type { Project } from '../../project';
import type { Plan } from '../types';

/** A place of a project as a person calls it, and where on the pages it is put right. */
export interface NamedPlace {
	readonly words: string;
	readonly screen: 'measure' | 'layout' | 'coats' | 'mix';
	/** In Measure: the face, and the field on it. */
	readonly face?: string;
	readonly field?: string;
}

const FIGURES: Readonly<Record<string, string>> = {
	width: 'width',
	height: 'height',
	stile: 'stile',
	sideGap: 'side gap',
	floor: 'height above the floor',
	diagonals: 'diagonals',
	outline: 'outline',
	sizes: 'sizes of the fronts',
	fronts: 'how drawers and doors stand',
	hardware: 'knobs and pulls',
	exceptions: 'knobs and pulls',
	fittings: 'fittings',
	photograph: 'photograph'
};

/** What an issue's path stands for: never a path of the file. */
export function nameIssue(project: Project, plan: Pick<Plan, 'faces' | 'order'>, path: string): NamedPlace {
	const at = Number(/\[(\d+)\]/.exec(path)?.[1] ?? 0);
	const [room = '', of = ''] = path.split(/[.[]/);
	if (room === 'piece') {
		const face = project.piece.faces[at];
		return face && path.startsWith('piece.faces')
			? nameOnFace(face, plan, path.replace(/^piece\.faces\[\d+\]\.?/, ''))
			: { words: 'the piece', screen: 'measure' };
	}
	if (room === 'layout') {
		const list = of === 'zones' ? project.layout.zones : of === 'arrangements' ? project.layout.arrangements : project.layout.motifs;
		return { words: list[at]?.name ?? 'what lies on the piece', screen: 'layout' };
	}
	if (room === 'finish') return { words: plan.order[at]?.label ?? 'the order of coats', screen: 'coats' };
	if (room === 'palette') return { words: project.palette[at]?.name ?? 'the palette', screen: 'mix' };
	return { words: room === 'workshop' ? 'the workshop' : 'the piece', screen: room === 'workshop' ? 'coats' : 'measure' };
}

function nameOnFace(face: Face, plan: Pick<Plan, 'faces'>, path: string): NamedPlace {
	const measured = plan.faces.find(({ id }) => id === face.id);
	const place = (words: string, field?: string): NamedPlace => ({
		words: `${face.name}, ${words}`,
		screen: 'measure',
		face: face.id,
		...(field ? { field } : {})
	});
	if (path.startsWith('chain')) {
		const links = walkReadings(face.chain);
		/** The deepest link whose path the issue's begins with. */
		const link = links.findLast((one) => path.startsWith(`chain${one.path}`));
		if (!link) return place('its chain');
		const { id, role } = link.entry;
		const alike = links.filter(({ entry }) => entry.role === role);
		const counted = `${role === 'open' ? 'opening' : role}${alike.length > 1 ? ` ${alike.findIndex(({ entry }) => entry.id === id) + 1}` : ''}`;
		return place(measured?.parts.find((part) => part.id === id)?.name.toLowerCase() ?? counted, id);
	}
	const part = /^parts\[(\d+)\]/.exec(path);
	if (part) return place(face.parts[Number(part[1])]?.name ?? 'a part');
	const key = path.split(/[.[]/)[0]!;
	return place(FIGURES[key] ?? 'its readings', ['width', 'height', 'stile', 'sideGap'].includes(key) ? key : undefined);
}
