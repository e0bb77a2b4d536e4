import { type Project } from '../project';
import { checkReferences, wordIssue } from '../formats';
import {
	measureSites,
	ratesOf,
	remediesForGap,
	roomInGap,
	stackLayers,
	type Blend,
	type GapRoom,
	type Rates,
	type Site,
	type Stack
} from '../layers';
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
	type DryingTimes,
	type StepSittings,
	type WetCoat
} from '../schedule';
import { type Issue } from '../units';
import { countUnmeasured, measuredOf } from './countUnmeasured';
import { remember, rememberList } from './remember';
import { describeOrder } from './describeOrder';
import { hintsOfMotifs, readMotifs } from './readMotifs';
import { gatherHints } from './gatherHints';
import { createArrangementsPlanner, listItems, summarizeArrangement, type Surroundings } from './layArrangements';
import { createLaysPlanner } from './planLaysOf';
import { createZonesPlanner, judgeZones } from './planZones';
import { PLAN_FORMAT, PLAN_VERSION, type KnownFigures, type Plan, type PlanError, type ZonePlan } from './types';

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
	const stages = createStages();
	return (project, figures) => assemble(project, stages, figures);
}

/** Every stage of a plan, each with the memory of its last result. */
function createStages() {
	return {
		references: remember(checkReferences),
		measure: remember(createMeasurer()),
		shapes: remember(
			(motifs: Project['layout']['motifs']) => new Map(motifs.map((motif) => [motif.id, { motif, shape: measureMotif(motif) }]))
		),
		figures: remember(readMotifs),
		surroundings: remember(gatherSurroundings),
		arrangements: remember(createArrangementsPlanner()),
		lays: remember(createLaysPlanner()),
		zones: remember(createZonesPlanner()),
		stack: remember(stackProject),
		sites: remember(measureSites),
		measures: remember(gatherMeasures),
		rates: remember(ratesOf),
		drying: remember(dryLayers),
		wet: remember(gatherWet),
		sittings: remember(gatherSittings),
		order: remember(timeOrder),
		findings: remember(checkOrder),
		measured: remember(measuredOf),
		quantities: remember(countQuantities),
		unmeasured: remember(countUnmeasuredOf),
		blended: rememberList<Blend>(),
		judgements: remember(judgeZones),
		blends: remember(sectionBlends)
	};
}

function assemble(project: Project, stages: ReturnType<typeof createStages>, known?: KnownFigures): Plan {
	const { units, layout, finish, workshop } = project;
	const piece = stages.measure(project.piece, units);
	const shapes = stages.shapes(layout.motifs);
	const surroundings = stages.surroundings(shapes, piece, project.piece.seams, units, workshop.tapes);
	const figures = stages.figures(shapes, known);
	const laid = stages.arrangements(layout.arrangements, surroundings);
	const zones = stages.zones(layout.zones, project.palette, piece, laid);
	const lays = stages.lays(finish.coats, laid, piece.faces, shapes, workshop.hand ?? 'right');
	const stack = stages.stack(project.piece.condition, piece, layout, laid, finish.coats, project.materials, project.palette);
	const measured = stages.measured(piece);
	const sites = stages.sites(stack, stages.measures(measured, layout, zones, laid, lays));
	const rates = stages.rates(workshop.rates);
	const drying = stages.drying(stack, workshop);
	const wet = stages.wet(stack, drying, piece, zones, layout, rates);
	const order = stages.order(stack, drying, stages.sittings(stack, sites, drying, wet, lays, measured, rates));
	const findings = stages.findings(order, finish.decisions);
	const items = listItems(laid, project);
	const moves = piece.faces.some((face) => !face.idle && face.parts.some(doesMove));
	const quantities = stages.quantities(stack, sites, measured, project.palette);

	const issues: Issue[] = [
		...stages.references(project),
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
		zoneFindings: stages.judgements(
			layout.zones,
			zones,
			project.palette,
			piece,
			laid,
			stages.blended(finish.coats.filter((coat) => coat.kind === 'blend')),
			units
		),
		blends: stages.blends(wet, drying, rates),
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
		unmeasured: stages.unmeasured(piece, project.piece.condition, layout, finish.coats, project.materials, project.palette)
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
