import type { Project } from '$core/project';
import { colourOf, isFilm, type Coat } from '$core/layers';
import { gatherMaterials } from '$core/materials';
import type { OrderStep, Plan } from '$core/plan';

export type Edge = 'porous' | 'waxy' | 'glossy' | 'raised' | 'plain';

/** One step of the order as the film shows it. */
export interface Strip {
	readonly id: string;
	readonly name: string;
	readonly detail: string;
	/** px; steps without film are cuts. */
	readonly width: number;
	readonly isCut: boolean;
	/** Whether it lies on the surface in section. */
	readonly here: boolean;
	/** Taken off there again by a later step, down to the bare ground. */
	readonly isGone: boolean;
	readonly edge: Edge;
	/** Colours from ground to top. */
	readonly fills: readonly string[];
	readonly wait: number;
	readonly findings: number;
}

const CUT = 58;
const THINNEST = 56;
const WIDEST = 150;
const PER_ROOT = 11;

/** What the film shows of a plan, through one surface. */
export function describeStrips(project: Project, plan: Plan, surface: string): Strip[] {
	const materials = gatherMaterials(project.materials);
	return project.finish.coats.map((coat, i) => {
		const step = plan.order[i]!;
		const material = 'material' in coat ? materials.get(coat.material) : undefined;
		const film = isFilm(coat) ? step.film : 0;
		return {
			id: coat.id,
			name: step.traits.paints ? (project.layout.arrangements.find(({ id }) => id === step.through)?.name ?? step.title) : step.title,
			detail: [isFilm(coat) && coat.times > 1 ? `${coat.times} coats` : '', step.detail, isFilm(coat) ? `${Math.round(step.film)} µm` : '']
				.filter(Boolean)
				.join(', '),
			width: !isFilm(coat) ? CUT : Math.min(WIDEST, Math.max(THINNEST, PER_ROOT * Math.sqrt(film))),
			isCut: !isFilm(coat),
			here: step.surfaces.includes(surface),
			isGone: step.takenOff.includes(surface),
			edge: edgeOf(step, material?.sheen ?? 0),
			fills: fillsOf(coat, step, project, material?.tint?.hex),
			wait: step.waitBefore,
			findings: plan.findings.filter((finding) => finding.coat === coat.id && finding.overruled === null).length
		};
	});
}

function edgeOf({ through, traits }: OrderStep, sheen: number): Edge {
	if (through !== null) return 'raised';
	return traits.wax || traits.oil ? 'waxy' : traits.porous ? 'porous' : sheen >= 0.3 ? 'glossy' : 'plain';
}

const UNKNOWN = '#b0aca4';
const CLEAR = ['#dfe6e8', '#f3f7f8'];
const PALE = '#e8dcc0';

/** In the colours that it brings; clear ones as glass. */
function fillsOf(coat: Coat, { traits }: OrderStep, { palette, layout }: Project, tint: string | undefined): string[] {
	const hexOf = (id: string) => palette.find((colour) => colour.id === id)?.hex ?? UNKNOWN;
	const source = colourOf(coat);
	if (typeof source === 'string') return [hexOf(source)];
	if (source !== null) return layout.zones.find((zone) => zone.id === source.zone)?.colours.map(hexOf) ?? [UNKNOWN];
	if (!traits.film) return [];
	return tint !== undefined ? [tint] : traits.primes || traits.wax ? [PALE] : CLEAR;
}

/** The outline of a strip: straight on three sides, its right edge by its character. */
export function outlineOf(edge: Edge, width: number, height: number): string {
	const right = width - (edge === 'raised' ? 12 : 4);
	return `M0 0H${right}${EDGES[edge](height)}H0Z`;
}

const EDGES: Readonly<Record<Edge, (height: number) => string>> = {
	plain: (h) => `V${h}`,
	glossy: (h) => `q4 ${h / 2} 0 ${h}`,
	porous: (h) => waves(h, 5, (i) => (i % 2 === 0 ? 3.4 : -2.6)),
	waxy: (h) => waves(h, 16, () => 5),
	raised: (h) => waves(h, h / 3, (i) => (i % 2 === 0 ? 20 : 3))
};

function waves(height: number, step: number, reach: (i: number) => number): string {
	const count = Math.max(1, Math.round(height / step));
	return Array.from({ length: count }, (_, i) => `q${reach(i)} ${height / count / 2} 0 ${height / count}`).join('');
}
