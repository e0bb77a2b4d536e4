import { isNoPaint } from '../colour';
import { type Project } from '../project';
import { checkReferences, wordIssue } from '../formats';
import {
	colourOf,
	isFilm,
	kindOfCoat,
	measureSites,
	nameCoat,
	remediesForGap,
	roomInGap,
	stackLayers,
	whereOf,
	wordCoat,
	type GapRoom,
	type Site,
	type Stack
} from '../layers';
import { kindOfArrangement, measureMotif, type ArrangementPlan, type MotifShape } from '../layout';
import { countQuantities, gatherMaterials } from '../materials';
import { createMeasurer, doesMove, unfoldPiece, type MeasuredPiece } from '../piece';
import { checkOrder, FAIR_TEMPERATURES, sectionBlends, timeOrder, type BlendWork, type TimedOrder, type TimedStep } from '../schedule';
import { formatLength, type Issue } from '../units';
import { countUnmeasured, measuredOf } from './countUnmeasured';
import { createStep, type Step } from './createStep';
import { createZonesPlanner, judgeZones } from './planZones';
import type { ZoneFinding } from './zoneJudgements/types';
import {
	PLAN_FORMAT,
	PLAN_VERSION,
	type ArrangementSummary,
	type OrderArc,
	type OrderStep,
	type ItemRow,
	type Plan,
	type PlanError,
	type ZonePlan
} from './types';

const M2 = 1e6;

export interface Planner {
	(project: Project): Plan;
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
		shapes: createStep((motifs: Project['layout']['motifs']) => new Map(motifs.map((motif) => [motif.id, measureMotif(motif)]))),
		arrangements: createStep(createArrangementsPlanner()),
		zones: createStep(createZonesPlanner()),
		stack: createStep(stackProject),
		sites: createStep(measureSites),
		measures: createStep(gatherMeasures),
		order: createStep(timeOrder),
		findings: createStep(checkOrder),
		measured: createStep(measuredOf),
		quantities: createStep(countQuantities),
		unmeasured: createStep(countUnmeasuredOf),
		judgements: createStep(judgeZones),
		blends: createStep(sectionBlends)
	};
	return (project) => assemble(project, steps);
}

type Steps = {
	references: Step<[Project], Issue[]>;
	measure: Step<Parameters<ReturnType<typeof createMeasurer>>, MeasuredPiece>;
	shapes: Step<[Project['layout']['motifs']], Map<string, MotifShape>>;
	arrangements: Step<Parameters<ReturnType<typeof createArrangementsPlanner>>, ArrangementPlan[]>;
	zones: Step<Parameters<ReturnType<typeof createZonesPlanner>>, ZonePlan[]>;
	stack: Step<Parameters<typeof stackProject>, Stack>;
	sites: Step<Parameters<typeof measureSites>, ReadonlyMap<string, Site>>;
	measures: Step<Parameters<typeof gatherMeasures>, ReturnType<typeof gatherMeasures>>;
	order: Step<Parameters<typeof timeOrder>, TimedOrder>;
	findings: Step<Parameters<typeof checkOrder>, ReturnType<typeof checkOrder>>;
	measured: Step<[MeasuredPiece], MeasuredPiece>;
	unmeasured: Step<Parameters<typeof countUnmeasuredOf>, Plan['unmeasured']>;
	quantities: Step<Parameters<typeof countQuantities>, ReturnType<typeof countQuantities>>;
	judgements: Step<Parameters<typeof judgeZones>, ZoneFinding[]>;
	blends: Step<Parameters<typeof sectionBlends>, BlendWork[]>;
};

function assemble(project: Project, steps: Steps): Plan {
	const { units, layout, finish, workshop } = project;
	const piece = steps.measure(project.piece, units);
	const shapes = steps.shapes(layout.motifs);
	const laid = steps.arrangements(layout.arrangements, layout.motifs, shapes, piece);
	const zones = steps.zones(layout.zones, project.palette, piece, laid);
	const stack = steps.stack(project.piece.condition, piece, layout, laid, finish.coats, project.materials, project.palette);
	const measured = steps.measured(piece);
	const sites = steps.sites(stack, steps.measures(measured, layout, zones, laid));
	const order = steps.order(stack, sites, workshop);
	const findings = steps.findings(order, finish.decisions);
	const items = itemRows(laid, project);
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
		...withoutCoat(project),
		...unprinted(stack, sites, laid),
		...workshopHints(project),
		...noPaint(project)
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
			JSON.stringify(finish.coats.filter((coat) => 'method' in coat))
		),
		blends: steps.blends(order.steps, piece, zones, layout),
		arrangements: laid.map((one): ArrangementSummary => summaryOf(one, layout, shapes)),
		items,
		order: order.steps.map((step) => orderStep(step, moves)),
		arcs: order.arcs.map(({ arc, least, asks, most }): OrderArc => ({
			before: arc.before.coat.id,
			after: arc.after.coat.id,
			rule: arc.rule,
			least,
			asks,
			most
		})),
		findings,
		gaps: piece.faces.flatMap((face) => (face.idle ? [] : face.gaps)).map((gap) => withRemedies(stack, roomInGap(stack, gap), piece)),
		quantities,
		unmeasured: steps.unmeasured(piece, project.piece.condition, layout, finish.coats, project.materials, project.palette)
	};
}

/** Lays every arrangement; each kind remembers what is dear, as while a motif is dragged. */
function createArrangementsPlanner() {
	const kept = new Map<string, ReturnType<ReturnType<typeof kindOfArrangement>['createPlanner']>>();
	return (
		arrangements: Project['layout']['arrangements'],
		motifs: Project['layout']['motifs'],
		shapes: ReadonlyMap<string, MotifShape>,
		piece: MeasuredPiece
	): ArrangementPlan[] =>
		arrangements.flatMap((arrangement, i) => {
			const motif = motifs.find((other) => other.id === arrangement.motif);
			const key = `${arrangement.kind} ${arrangement.id}`;
			if (!kept.has(key)) kept.set(key, kindOfArrangement(arrangement).createPlanner());
			if (!motif) return [];
			return [kept.get(key)!(arrangement, { motif, shape: shapes.get(motif.id)!, piece, path: `layout.arrangements[${i}]` })];
		});
}

function summaryOf(
	{ arrangement: id, groups, items }: ArrangementPlan,
	layout: Project['layout'],
	shapes: ReadonlyMap<string, MotifShape>
): ArrangementSummary {
	const { kind, motif } = layout.arrangements.find((other) => other.id === id)!;
	const sum = (areas: readonly number[]) => areas.reduce((a, b) => a + b, 0) / M2;
	return {
		arrangement: id,
		kind,
		motif,
		motifArea: (shapes.get(motif)?.openArea ?? 0) / M2,
		openArea: sum(items.map(({ openArea }) => openArea)),
		lost: sum(items.map(({ lost }) => lost)),
		groups
	};
}

/** An arrangement that no coat goes through is drawn as an outline, and takes no paint: said, since it is easily forgotten. */
function withoutCoat({ layout, finish }: Project): Issue[] {
	return layout.arrangements.flatMap(({ id, name }, i) =>
		finish.coats.some((coat) => whereOf(coat).through === id)
			? []
			: [{ code: 'arrangement.no-coat', path: `layout.arrangements[${i}]`, values: { name } }]
	);
}

/** Motifs of a print in the colours of a zone that lie where the zone is not take no paint: said, since nothing would be seen of them. */
function unprinted({ layers }: Stack, sites: ReadonlyMap<string, Site>, laid: readonly ArrangementPlan[]): Issue[] {
	return layers.flatMap(({ coat, at }) => {
		const source = colourOf(coat);
		if (source === null || typeof source === 'string') return [];
		const through = laid.find(({ arrangement }) => arrangement === whereOf(coat).through);
		const all = through?.items.filter(({ rings }) => rings.length > 0).length ?? 0;
		const printed = sites.get(coat.id)?.open?.motifs ?? 0;
		return through && printed < all ? [{ code: 'coat.no-zone', path: `finish.coats[${at}].colour`, values: { printed, all } }] : [];
	});
}

function gatherMeasures(
	piece: MeasuredPiece,
	layout: Project['layout'],
	zones: readonly ZonePlan[],
	laid: readonly ArrangementPlan[]
): Parameters<typeof measureSites>[1] {
	return { piece, layout, zones, laid };
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

function withRemedies(stack: Stack, room: GapRoom, piece: MeasuredPiece): Plan['gaps'][0] {
	const moving = new Set(piece.faces.flatMap((face) => face.parts.filter(doesMove).map(({ id }) => id)));
	return { ...room, remedies: remediesForGap(stack, room, moving) };
}

function orderStep({ layer, drying, work, between, waitBefore, waitFor, beginsAt, doneAt }: TimedStep, moves: boolean): OrderStep {
	const { coat, material } = layer;
	const kind = kindOfCoat(coat);
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
		times: isFilm(coat) ? coat.times : 1,
		traits: layer.traits,
		waitBefore,
		waitFor: waitFor?.arc.before.coat.id ?? null,
		waitRule: waitFor?.arc.rule ?? null,
		work,
		between,
		beginsAt,
		doneAt,
		touchDry: drying.touchDry,
		recoat: drying.recoat,
		film: layer.film,
		ready: material?.ready ?? null,
		cautions: [...(material?.cautions ?? []), ...kind.cautions],
		how: kind.steps(coat, moves)
	};
}

/** Each arrangement on each part by itself, from the middle outwards: what is left over then falls where it shows least. Rows of a field from the top down. */
function itemRows(laid: readonly ArrangementPlan[], { units }: Project): ItemRow[] {
	const orders = new Map<object, number>();
	for (const { items } of laid)
		for (const part of new Set(items.map((item) => item.part))) {
			const here = items.filter((item) => item.part === part);
			const xs = here.map(({ centre }) => centre.x);
			const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
			const rowOf = ({ place, centre }: ItemRow | (typeof here)[0]) => (place.includes(',') ? centre.y : 0);
			[...here]
				.sort((a, b) => rowOf(a) - rowOf(b) || Math.abs(a.centre.x - middle) - Math.abs(b.centre.x - middle) || a.centre.x - b.centre.x)
				.forEach((item, i) => orders.set(item, i + 1));
		}
	return laid
		.flatMap(({ items }) => items)
		.map((item) => {
			const texts = [item.left, item.top, item.centre.x, item.centre.y].map((mm) => formatLength(mm, units));
			const [left, top, centreFromLeft, centreFromTop] = texts.map(({ text }) => text) as [string, string, string, string];
			return {
				...item,
				tape: { left, top, centreFromLeft, centreFromTop, rounded: texts.some(({ rounded }) => rounded) },
				order: orders.get(item)!
			};
		});
}

function motifIssues(motifs: Project['layout']['motifs'], shapes: ReadonlyMap<string, MotifShape>): Issue[] {
	return motifs.flatMap((motif, i) =>
		shapes.get(motif.id)!.unread.map((path) => ({ code: 'motif.unread', path: `layout.motifs[${i}].paths[${path}].d` }))
	);
}

/** Swatches that no paint has; of a mix, those of its parts. */
function noPaint({ palette }: Project): Issue[] {
	return palette.flatMap(({ hex, mix, name }, i) =>
		mix === undefined && isNoPaint(hex) ? [{ code: 'colour.no-paint', path: `palette[${i}].hex`, values: { name, typed: hex } }] : []
	);
}

function workshopHints({ workshop }: Project): Issue[] {
	const { least, most } = FAIR_TEMPERATURES;
	const fair = workshop.temperature >= least && workshop.temperature <= most;
	return fair ? [] : [{ code: 'workshop.unfair', path: 'workshop.temperature', values: { least, most } }];
}
