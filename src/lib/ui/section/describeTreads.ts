import type { Project } from '$core/project';
import { colourOf, isFilm, kindOfCoat, materialOf, whereOf, type Coat, type Phase } from '$core/layers';
import { gatherMaterials } from '$core/materials';
import { formatFilm } from '$core/units';
import { layStepBoard, type BoardStep, type OrderStep, type Plan } from '$core/plan';

export type Edge = 'porous' | 'waxy' | 'glossy' | 'plain';

/** One step of the order as the section shows it. */
export interface Tread extends BoardStep {
	/** Place in the order, from 0. */
	readonly at: number;
	readonly label: string;
	readonly detail: string;
	/** The character of its top. */
	readonly edge: Edge;
	/** Colours from ground to top. */
	readonly fills: readonly string[];
	/** The zone or the arrangement that it brings or goes through; null: none. */
	readonly brings: { readonly kind: 'zone' | 'arrangement'; readonly id: string } | null;
	readonly wait: number;
	/** What it belongs to: the preparation, what lies elsewhere, or the work of its phase. */
	readonly belongs: string;
	readonly findings: number;
}

/** What the section shows of a plan, on one surface. */
export function describeTreads(project: Project, plan: Plan, surface: string): Tread[] {
	const materials = gatherMaterials(project.materials);
	const board = layStepBoard(plan.order, surface);
	const first = board.findIndex(({ kind }) => kind !== 'mark');
	return project.finish.coats.map((coat, at) => {
		const step = plan.order[at]!;
		const material = materialOf(coat, materials);
		const { through, zone } = whereOf(coat);
		return {
			...board[at]!,
			at,
			label: step.label,
			detail: [
				isFilm(coat) && coat.times > 1 ? `${coat.times} coats` : '',
				step.detail,
				isFilm(coat) ? formatFilm(step.film, project.units) : ''
			]
				.filter(Boolean)
				.join(', '),
			edge: edgeOf(step, material?.sheen ?? 0),
			fills: fillsOf(coat, step, project, material?.tint?.hex),
			brings: through !== undefined ? { kind: 'arrangement', id: through } : zone !== undefined ? { kind: 'zone', id: zone } : null,
			wait: step.waitBefore,
			belongs: first < 0 || at < first ? 'Preparation' : board[at]!.kind === 'elsewhere' ? 'Elsewhere' : WORK[kindOfCoat(coat).phase],
			findings: plan.findings.filter((finding) => finding.coat === coat.id && finding.overruled === null).length
		};
	});
}

const WORK: Readonly<Record<Phase, string>> = {
	prepare: 'Between coats',
	prime: 'Priming',
	base: 'Base',
	blend: 'Blends',
	print: 'Decoration',
	tone: 'Toning',
	protect: 'Seal',
	finish: 'Finish'
};

function edgeOf({ traits }: OrderStep, sheen: number): Edge {
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
