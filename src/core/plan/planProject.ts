import { type Project } from '../project';
import { checkReferences, wordIssue } from '../formats';
import {
	measureSites,
	ratesOf,
	remediesForGap,
	roomInGap,
	stackLayers,
	type Blend,
	type Coat,
	type GapRoom,
	type Stack,
	type StackContext
} from '../layers';
import { measureMotif, TAPES, type MotifInUse } from '../layout';
import { countQuantities, countSupplies, gatherMaterials } from '../materials';
import { createMeasurer, doesMove, unfoldPiece, type MeasuredPiece } from '../piece';
import { checkOrder, cutWetWork, describeWetWork, dryLayers, findOverruns, listSittings, timeOrder, type WetContext } from '../schedule';
import { type Issue } from '../units';
import { countUnmeasured, measuredOf } from './countUnmeasured';
import { remember, rememberFields, rememberList } from './memory/remember';
import { describeOrder } from './order/describeOrder';
import { hintsOfMotifs, readMotifs } from './hints/readMotifs';
import { gatherHints } from './hints/gatherHints';
import { createArrangementsPlanner, listItems, summarizeArrangement, type Surroundings } from './laid/layArrangements';
import { createLaysPlanner } from './laid/planLaysOf';
import { createAsk, type Ask } from './slow';
import { createZonesPlanner, judgeZones, listPrinted } from './laid/planZones';
import { PLAN_FORMAT, PLAN_VERSION, type Plan, type PlanError } from './types';

export interface Planner {
	/** @param ask - who knows what takes long; where it is not given all is answered at once. */
	(project: Project, ask?: Ask): Plan;
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
	return (project, ask = NOW) => assemble(project, stages, ask);
}

const NOW = createAsk();

/** Every stage of a plan, each with the memory of its last result. */
function createStages() {
	return {
		references: remember(checkReferences),
		measure: remember(createMeasurer()),
		shapes: remember(
			(motifs: Project['layout']['motifs']) => new Map(motifs.map((motif) => [motif.id, { motif, shape: measureMotif(motif) }]))
		),
		figures: remember(readMotifs),
		surroundings: rememberFields<Surroundings>(),
		arrangements: remember(createArrangementsPlanner()),
		laysSetting: rememberFields<Parameters<ReturnType<typeof createLaysPlanner>>[2]>(),
		lays: remember(createLaysPlanner()),
		zones: remember(createZonesPlanner()),
		materials: remember(gatherMaterials),
		stackContext: rememberFields<StackContext>(),
		stack: remember(stackCoats),
		measures: rememberFields<Parameters<typeof measureSites>[1]>(),
		sites: remember(measureSites),
		rates: remember(ratesOf),
		drying: remember(dryLayers),
		where: rememberFields<WetContext>(),
		wet: remember(cutWetWork),
		overruns: remember(findOverruns),
		work: rememberFields<Parameters<typeof listSittings>[1]>(),
		sittings: remember(listSittings),
		order: remember(timeOrder),
		findings: remember(checkOrder),
		measured: remember(measuredOf),
		quantities: remember(countQuantities),
		supplies: remember(countSupplies),
		shelf: rememberFields<Parameters<typeof countSupplies>[3]>(),
		unmeasuredContext: rememberFields<Omit<StackContext, 'piece' | 'laid'>>(),
		unmeasured: remember(countUnmeasuredOf),
		blended: rememberList<Blend>(),
		printed: rememberList<string>(),
		judged: rememberFields<Parameters<typeof judgeZones>[0]>(),
		judgements: remember(judgeZones),
		wetWork: remember(describeWetWork)
	};
}

function assemble(project: Project, stages: ReturnType<typeof createStages>, ask: Ask): Plan {
	const { units, layout, finish, palette, workshop } = project;
	const piece = stages.measure(project.piece, units);
	const shapes = stages.shapes(layout.motifs);
	const surroundings = stages.surroundings({
		motifs: shapes,
		piece,
		seams: project.piece.seams,
		unit: units,
		tapes: workshop.tapes ?? TAPES
	});
	const figures = stages.figures(shapes, ask);
	const laid = stages.arrangements(layout.arrangements, surroundings);
	const zones = stages.zones(layout.zones, palette, piece, laid);
	const lays = stages.lays(
		finish.coats,
		laid,
		stages.laysSetting({ faces: piece.faces, motifs: shapes, hand: workshop.hand ?? 'right' }),
		ask
	);
	const { condition, uses } = project.piece;
	const materials = stages.materials(project.materials);
	const stack = stages.stack(
		finish.coats,
		stages.stackContext({
			piece,
			condition,
			uses,
			schools: workshop.schools,
			temperature: workshop.temperature,
			layout,
			laid,
			palette,
			materials
		})
	);
	const measured = stages.measured(piece);
	const sites = stages.sites(stack, stages.measures({ piece: measured, layout, zones, laid, lays }));
	const rates = stages.rates(workshop.rates);
	const drying = stages.drying(stack, workshop);
	const where = stages.where({ piece, zones, layout, sites });
	const wet = stages.wet(stack, drying, where, rates);
	const work = stages.work({ sites, drying, wet, lays, piece: measured, rates });
	const order = stages.order(stack, drying, stages.sittings(stack, work));
	const findings = stages.findings(order, stages.overruns(wet, drying, where, rates), finish.decisions);
	const items = listItems(laid, project);
	const moves = piece.faces.some((face) => !face.idle && face.parts.some(doesMove));
	const quantities = stages.quantities(stack, sites, measured, palette);

	const blended = stages.blended(finish.coats.filter((coat) => coat.kind === 'blend'));
	const issues: Issue[] = [
		...stages.references(project),
		...piece.issues,
		...laid.flatMap((one) => one.issues),
		...motifIssues(layout.motifs, shapes)
	];
	const hints = [
		...piece.hints,
		...laid.flatMap((one) => one.hints),
		...gatherHints({ project, stack, sites, laid, piece }),
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
			stages.judged({
				zones: layout.zones,
				plans: zones,
				palette,
				piece,
				laid,
				coats: blended,
				printed: stages.printed(listPrinted(stack)),
				unit: units
			})
		),
		wetWork: stages.wetWork(wet),
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
		supplies: stages.supplies(stack, sites, laid, stages.shelf({ layout, shelf: surroundings.tapes })),
		unmeasured: stages.unmeasured(
			piece,
			finish.coats,
			stages.unmeasuredContext({
				condition,
				uses,
				schools: workshop.schools,
				temperature: workshop.temperature,
				layout,
				palette,
				materials
			})
		)
	};
}

function stackCoats(coats: readonly Coat[], context: StackContext): Stack {
	return stackLayers({ coats }, context);
}

function countUnmeasuredOf(
	piece: MeasuredPiece,
	coats: readonly Coat[],
	context: Omit<StackContext, 'piece' | 'laid'>
): Plan['unmeasured'] {
	const { layout, palette } = context;
	return countUnmeasured(piece, layout, palette, (guessed) => stackCoats(coats, { ...context, piece: guessed, laid: [] }));
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
