import { isFilm, kindOfCoat, layersUnder, nameCoat, takenOff, whereOf, wordCoat, type Stack } from '../../layers';
import type { TimedArc, TimedOrder, TimedStep } from '../../schedule';
import type { Project } from '../../project';
import { labelSteps } from './labelSteps';
import type { OrderArc, OrderStep, Plan } from '../types';

/** The steps of an order and what holds them together, as the plan carries them. `moves`: something on the piece is taken out to be painted. */
export function describeOrder(
	{ stack, steps, arcs, sittings }: TimedOrder,
	moves: boolean,
	project: Project
): Pick<Plan, 'order' | 'sittings' | 'arcs'> {
	const labels = labelSteps(stack.layers, project);
	return {
		order: steps.map((step) => ({ ...describeStep(step, stack, moves, project.layout), label: labels[step.layer.at]! })),
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
	layout: Project['layout']
): Omit<OrderStep, 'label'> {
	const { coat, material } = layer;
	const kind = kindOfCoat(coat);
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
		between,
		beginsAt,
		doneAt,
		touchDry: drying.touchDry,
		recoat: drying.recoat,
		film: layer.film,
		ready: material?.ready ?? null,
		cautions: [...(material?.cautions ?? []), ...kind.cautions],
		how: kind.steps(coat, moves, colours)
	};
}
