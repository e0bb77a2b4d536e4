import { type Project } from '../project';
import { checkReferences, wordIssue } from '../formats';
import { measureSites, ratesOf, remediesForGap, roomInGap, stackLayers, type GapRoom, type Rates, type Site, type Stack } from '../layers';
import { measureMotif, TAPES, type ArrangementPlan, type LaysPlan, type MotifInUse } from '../layout';
import { countQuantities, gatherMaterials } from '../materials';
import { createMeasurer, doesMove, unfoldPiece, type MeasuredPiece } from '../piece';
import {
	checkOrder,
	cutWetCoats,
	dryLayers,
	listSittings,
	sectionBlends,
	timeOrder,
	type BlendWork,
	type DryingTimes,
	type StepSittings,
	type TimedOrder,
	type WetCoat
} from '../schedule';
import { type Issue } from '../units';
import { countUnmeasured, measuredOf } from './countUnmeasured';
import { createStep, type Step } from './createStep';
import { describeOrder } from './describeOrder';
import { hintsOfMotifs, readMotifs } from './readMotifs';
import { gatherHints } from './gatherHints';
import { createArrangementsPlanner, listItems, summarizeArrangement, type Surroundings } from './layArrangements';
import { createLaysPlanner } from './planLaysOf';
import { createZonesPlanner, judgeZones } from './planZones';
import type { ZoneFinding } from './zoneJudgements/types';
import { PLAN_FORMAT, PLAN_VERSION, type KnownFigures, type MotifFigures, type Plan, type PlanError, type ZonePlan } from './types';

export interface Planner {
	/** @param figures - what is known so far of the motifs' sheets; where it is not given they are worked out. */
	(project: Project, figures?: KnownFigures): Plan;
}

/**
 * Works out the whole plan of a project, the rooms in the order of the work: measure, lay out, order, quantities.
 * Pure: the same project gives the same plan.
 */
export function planProject(project: Project): Plan {
	return createPlanner()(project);
}

/**
 * A planner that keeps its last results: on the next call only what depends on a changed part of the project is worked
 * out again. Parts are compared by identity, so edits must leave untouched parts as they are.
 */
export function createPlanner(): Planner {
	const steps = {
		references: createStep(checkReferences),
		measure: createStep(createMeasurer()),
		shapes: createStep(
			(motifs: Project['layout']['motifs']) => new Map(motifs.map((motif) => [motif.id, { motif, shape: measureMotif(motif) }]))
		),
		figures: createStep(readMotifs),
		surroundings: createStep(gatherSurroundings),
		arrangements: createStep(createArrangementsPlanner()),
		lays: createStep(createLaysPlanner()),
		zones: createStep(createZonesPlanner()),
		stack: createStep(stackProject),
		sites: createStep(measureSites),
		measures: createStep(gatherMeasures),
		rates: createStep(ratesOf),
		drying: createStep(dryLayers),
		wet: createStep(gatherWet),
		sittings: createStep(gatherSittings),
		order: createStep(timeOrder),
		findings: createStep(checkOrder),
		measured: createStep(measuredOf),
		quantities: createStep(countQuantities),
		unmeasured: createStep(countUnmeasuredOf),
		judgements: createStep(judgeZones),
		blends: createStep(sectionBlends)
	};
	return (project, figures) => assemble(project, steps, figures);
}

type Steps = {
	references: Step<[Project], Issue[]>;
	measure: Step<Parameters<ReturnType<typeof createMeasurer>>, MeasuredPiece>;
	shapes: Step<[Project['layout']['motifs']], ReadonlyMap<string, MotifInUse>>;
	figures: Step<Parameters<typeof readMotifs>, MotifFigures[]>;
	surroundings: Step<Parameters<typeof gatherSurroundings>, Surroundings>;
	arrangements: Step<Parameters<ReturnType<typeof createArrangementsPlanner>>, ArrangementPlan[]>;
	lays: Step<Parameters<ReturnType<typeof createLaysPlanner>>, ReadonlyMap<string, LaysPlan>>;
	zones: Step<Parameters<ReturnType<typeof createZonesPlanner>>, ZonePlan[]>;
	stack: Step<Parameters<typeof stackProject>, Stack>;
	sites: Step<Parameters<typeof measureSites>, ReadonlyMap<string, Site>>;
	measures: Step<Parameters<typeof gatherMeasures>, ReturnType<typeof gatherMeasures>>;
	rates: Step<Parameters<typeof ratesOf>, Rates>;
	drying: Step<Parameters<typeof dryLayers>, DryingTimes[]>;
	wet: Step<Parameters<typeof gatherWet>, ReadonlyMap<string, WetCoat>>;
	sittings: Step<Parameters<typeof gatherSittings>, StepSittings[]>;
	order: Step<Parameters<typeof timeOrder>, TimedOrder>;
	findings: Step<Parameters<typeof checkOrder>, ReturnType<typeof checkOrder>>;
	measured: Step<[MeasuredPiece], MeasuredPiece>;
	unmeasured: Step<Parameters<typeof countUnmeasuredOf>, Plan['unmeasured']>;
	quantities: Step<Parameters<typeof countQuantities>, ReturnType<typeof countQuantities>>;
	judgements: Step<Parameters<typeof judgeZones>, ZoneFinding[]>;
	blends: Step<Parameters<typeof sectionBlends>, BlendWork[]>;
};

function assemble(project: Project, steps: Steps, known?: KnownFigures): Plan {
	const { units, layout, finish, workshop } = project;
	const piece = steps.measure(project.piece, units);
	const shapes = steps.shapes(layout.motifs);
	const surroundings = steps.surroundings(shapes, piece, project.piece.seams, units, workshop.tapes);
	const figures = steps.figures(shapes, known);
	const laid = steps.arrangements(layout.arrangements, surroundings);
	const zones = steps.zones(layout.zones, project.palette, piece, laid);
	const lays = steps.lays(finish.coats, laid, piece.faces, shapes, workshop.hand ?? 'right');
	const stack = steps.stack(project.piece.condition, piece, layout, laid, finish.coats, project.materials, project.palette);
	const measured = steps.measured(piece);
	const sites = steps.sites(stack, steps.measures(measured, layout, zones, laid, lays));
	const rates = steps.rates(workshop.rates);
	const drying = steps.drying(stack, workshop);
	const wet = steps.wet(stack, drying, piece, zones, layout, rates);
	const order = steps.order(stack, drying, steps.sittings(stack, sites, drying, wet, lays, measured, rates));
	const findings = steps.findings(order, finish.decisions);
	const items = listItems(laid, project);
	const moves = piece.faces.some((face) => !face.idle && face.parts.some(doesMove));
	const quantities = steps.quantities(stack, sites, measured, project.palette);

	const issues: Issue[] = [
		...steps.references(project),
		...piece.issues,
		...laid.flatMap((one) => one.issues),
		...motifIssues(layout.motifs, shapes)
	];
	const hints = [
		...piece.hints,
		...laid.flatMap((one) => one.hints),
		...gatherHints(project, stack, sites, laid, piece),
		...hintsOfMotifs(layout, laid, figures, stack)
	];
	const word = (issue: Issue): PlanError => ({ code: issue.code, path: issue.path, message: wordIssue(issue, units) });
	return {
		format: PLAN_FORMAT,
		version: PLAN_VERSION,
		units,
		errors: issues.map(word),
		hints: hints.map(word),
		faces: piece.faces,
		unfolded: unfoldPiece(piece, project.piece.seams),
		zones,
		zoneFindings: steps.judgements(
			layout.zones,
			zones,
			project.palette,
			piece,
			laid,
			JSON.stringify(finish.coats.filter((coat) => 'method' in coat)),
			units
		),
		blends: steps.blends(wet, drying, rates),
		motifs: figures,
		arrangements: laid.map((one) => summarizeArrangement(one, layout, shapes, stack)),
		items,
		lays: [...lays].map(([coat, plan]) => ({ coat, ...plan })),
		...describeOrder(order, moves, project),
		findings,
		gaps: piece.faces
			.flatMap((face) => (face.idle ? [] : face.gaps))
			.map((gap) => withRemedies(stack, roomInGap(stack, gap), piece, units)),
		quantities,
		unmeasured: steps.unmeasured(piece, project.piece.condition, layout, finish.coats, project.materials, project.palette)
	};
}

function gatherSurroundings(
	motifs: ReadonlyMap<string, MotifInUse>,
	piece: MeasuredPiece,
	seams: Project['piece']['seams'],
	unit: Project['units'],
	tapes: Project['workshop']['tapes']
): Surroundings {
	return { motifs, piece, seams, unit, tapes: tapes ?? TAPES };
}

function gatherMeasures(
	piece: MeasuredPiece,
	layout: Project['layout'],
	zones: readonly ZonePlan[],
	laid: readonly ArrangementPlan[],
	lays: ReadonlyMap<string, LaysPlan>
): Parameters<typeof measureSites>[1] {
	return { piece, layout, zones, laid, lays };
}

function gatherWet(
	stack: Stack,
	drying: readonly DryingTimes[],
	piece: MeasuredPiece,
	zones: readonly ZonePlan[],
	layout: Project['layout'],
	rates: Rates
): ReadonlyMap<string, WetCoat> {
	return cutWetCoats(stack, drying, { piece, zones, layout }, rates);
}

function gatherSittings(
	stack: Stack,
	sites: ReadonlyMap<string, Site>,
	drying: readonly DryingTimes[],
	wet: ReadonlyMap<string, WetCoat>,
	lays: ReadonlyMap<string, LaysPlan>,
	piece: MeasuredPiece,
	rates: Rates
): StepSittings[] {
	return listSittings(stack, { sites, drying, wet, lays, piece, rates });
}

function stackProject(
	condition: Project['piece']['condition'],
	piece: MeasuredPiece,
	layout: Project['layout'],
	laid: readonly ArrangementPlan[],
	coats: Project['finish']['coats'],
	materials: Project['materials'],
	palette: Project['palette']
): Stack {
	return stackLayers({ coats }, { piece, condition, layout, laid, palette, materials: gatherMaterials(materials) });
}

function countUnmeasuredOf(
	measured: MeasuredPiece,
	condition: Project['piece']['condition'],
	layout: Project['layout'],
	coats: Project['finish']['coats'],
	materials: Project['materials'],
	palette: Project['palette']
): Plan['unmeasured'] {
	return countUnmeasured(measured, layout, palette, (guessed) => stackProject(condition, guessed, layout, [], coats, materials, palette));
}

function withRemedies(stack: Stack, room: GapRoom, piece: MeasuredPiece, unit: Project['units']): Plan['gaps'][0] {
	const moving = new Set(piece.faces.flatMap((face) => face.parts.filter(doesMove).map(({ id }) => id)));
	return { ...room, remedies: remediesForGap(stack, room, moving, unit) };
}

function motifIssues(motifs: Project['layout']['motifs'], shapes: ReadonlyMap<string, MotifInUse>): Issue[] {
	return motifs.flatMap((motif, i) =>
		shapes.get(motif.id)!.shape.unread.map((path) => ({ code: 'motif.unread', path: `layout.motifs[${i}].paths[${path}].d` }))
	);
}
