import {
	isFilm,
	isRenewedByMist,
	isWashed,
	kindOfCoat,
	layersUnder,
	nameCoat,
	ratesOf,
	takenOff,
	wetPartner,
	whereOf,
	wordCoat,
	type Coat,
	type Layer,
	type Stack
} from '../../layers';
import { HARDWARE_SURFACE } from '../../piece';
import type { TimedArc, TimedOrder, TimedStep } from '../../schedule';
import type { Project } from '../../project';
import { describePatches } from './describePatches';
import { labelSteps } from './labelSteps';
import { formatFine, type Mm } from '../../units';
import type { OrderArc, OrderStep, Plan } from '../types';

/** The steps of an order and what holds them together, as the plan carries them. `moves`: something on the piece is taken out to be painted. */
export function describeOrder(timed: TimedOrder, moves: boolean, project: Project): Pick<Plan, 'order' | 'patches' | 'sittings' | 'arcs'> {
	const { stack, steps, arcs, sittings } = timed;
	const labels = labelSteps(stack.layers, project);
	const order = steps.map((step) => ({ ...describeStep(step, stack, moves, project), label: labels[step.layer.at]! }));
	return {
		order,
		patches: describePatches(timed, order, project),
		sittings: sittings.map(({ layer, ...sitting }) => ({ coat: layer.coat.id, ...sitting })),
		arcs: arcs.map(describeArc)
	};
}

function describeArc({ arc, least, asks, most }: TimedArc): OrderArc {
	return { before: arc.before.coat.id, after: arc.after.coat.id, rule: arc.rule, least, asks, most };
}

function describeStep(
	{ layer, drying, work, bench, between, waitBefore, waitFor, beginsAt, doneAt }: TimedStep,
	stack: Stack,
	moves: boolean,
	{ layout, units, workshop }: Project
): Omit<OrderStep, 'label'> {
	const write = (mm: Mm) => formatFine(mm, units).text;
	const { coat, material } = layer;
	const kind = kindOfCoat(coat);
	const coats = stack.layers.map((other) => other.coat);
	const partner = wetPartner(coats, layer.at);
	const next = wetPartner(coats, layer.at + 1) === null ? null : coats[layer.at + 1]!;
	const washed = kind.tools(coat, layer.colours.length, material).filter(({ tool }) => isWashed(tool));
	const colours = layout.zones.find(({ id }) => id === whereOf(coat).zone)?.colours.length;
	return {
		coat: coat.id,
		at: layer.at,
		kind: coat.kind,
		title: wordCoat(coat),
		name: nameCoat(coat, material),
		detail: kind.detail(coat, material),
		material: material?.id ?? null,
		through: whereOf(coat).through ?? null,
		surfaces: [...layer.surfaces],
		masked: layer.masked.map(({ arrangement }) => arrangement),
		takenOff: layer.traits.film ? takenOff(stack, layer) : [],
		liesOver: layersUnder(stack, layer).map((under) => under.layer.coat.id),
		times: isFilm(coat) ? coat.times : 1,
		traits: layer.traits,
		waitBefore,
		waitFor: waitFor?.arc.before.coat.id ?? null,
		waitRule: waitFor?.arc.rule ?? null,
		work,
		bench,
		washing: washed.reduce((sum, { count }) => sum + count, 0) * ratesOf(workshop.rates)['wash-tool'],
		between,
		beginsAt,
		doneAt,
		touchDry: drying.touchDry,
		recoat: drying.recoat,
		film: layer.film,
		ready: material?.ready ?? null,
		misleads: material?.misleads ?? null,
		shown: shownAs(layer),
		cautions: [...(material?.cautions ?? []), ...kind.cautions],
		intoWet: partner?.id ?? null,
		how: [
			...howInSitting(partner, layer, next),
			...howAtEdges(layer),
			...howOnHardware(layer),
			...kind.steps(coat, { moves, colours, write, staysWet: next !== null, material, touchDry: drying.touchDry })
		]
	};
}

/** What a motif is cut by where it reaches the end of what it lies on. */
const isEdge = (side: string) => side !== 'mitre';

/** Paste that reaches the end of a drawer or a door hangs over it when the sheet is lifted; a cast is cut there. */
function howAtEdges({ traits, openings }: Layer): string[] {
	const hangs = openings !== null && [...openings.values()].some((list) => list.some(({ item }) => item.cutBy.some(isEdge)));
	return traits.raised && !traits.glued && hangs ? ['Wipe what hangs over an edge off at once, while it is wet: hard, it would bind.'] : [];
}

/** What leaves a film or rubs one through and has no effect yet is not seen. */
function shownAs({ coat, traits }: Layer): OrderStep['shown'] {
	const { effect } = kindOfCoat(coat).look(coat);
	if (effect === 'plain') return 'plain';
	return effect === 'none' && (traits.film || traits.distresses) ? 'not' : 'own';
}

/** Off the piece it is held by its screws, and what has to work stays bare. */
function howOnHardware({ surfaces, traits }: Layer): string[] {
	if (!surfaces.has(HARDWARE_SURFACE) || !traits.film) return [];
	return [
		'Hardware: screw each piece into a scrap of card by its own screws, so that it stands free, and no film gets under it.',
		'Keep its holes and threads clear: two films make a hole so much smaller. Nothing goes on what has to turn, slide or lock.'
	];
}

/** What is done at once, and with what, where coats are worked one into the other. */
function howInSitting(partner: Coat | null, { material }: Layer, next: Coat | null): string[] {
	return [
		...(partner
			? [`Work it into ${nameCoat(partner, null)} while that is wet, section by section: both are done there before the next is begun.`]
			: []),
		...(partner && material && isRenewedByMist(material) ? ['When it begins to pull, mist it lightly and go on: twice, no more.'] : []),
		...(next ? [`Leave it wet, and go on at once in the same section with ${nameCoat(next, null)}.`] : [])
	];
}
