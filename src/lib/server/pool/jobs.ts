import {
	readColour,
	readMotif,
	readMotifSvg,
	readProject,
	readProjectText,
	readWorkshop,
	wordIssue,
	type ReadMotif,
	type ReadProject
} from '../../../core/formats';
import { NEW_WORKSHOP, type Project, type WorkshopSettings } from '../../../core/project';
import type { Colour } from '../../../core/colour';
import type { Motif } from '../../../core/layout';
import { firstFace } from '../../../core/piece';
import { heightOnShelf, planProject, sourceOfScene, stageOf, type Plan, type Stage } from '../../../core/plan';
import { describeScene, renderOnce } from '../../../core/preview';
import {
	describeCut,
	describeMeasured,
	describeMeasuredPages,
	describeSheets,
	planFile,
	writeCutDxf,
	writeCutSvg,
	writeDrawingDxf,
	writeDrawingSvg,
	writePdf,
	writePlan
} from '../../../core/sheets';
import type { Issue, LengthUnit } from '../../../core/units';
import { z } from 'zod';
import { MOST_DOCUMENT, MOST_STEP_BYTES, MOST_STEPS } from '../../saving';
import type { ReadPhotograph, writeCard } from './pictures';

/** What the pool works out; a job may say that it is past what might come to no end. Each takes and gives plain data, since it comes from another process and goes back to it. */
export const JOBS = {
	plan,
	open,
	file,
	readPiece,
	readSave,
	readSvg,
	readMotifText,
	readColourText,
	readSettings,
	openSettings,
	card,
	drawing,
	cutFile,
	pdf,
	photograph
};

export type Jobs = typeof JOBS;

const textOf = (bytes: Uint8Array) => new TextDecoder().decode(bytes);
const NOT_JSON: readonly Issue[] = [{ code: 'file.not-json', path: '', values: { where: 'line 1' } }];

function parse(bytes: Uint8Array): { readonly value: unknown } | null {
	try {
		return { value: JSON.parse(textOf(bytes)) };
	} catch {
		return null;
	}
}

type Read<T> = { readonly ok: true } & T;
type Refused = { readonly ok: false; readonly issues: readonly Issue[] };
type Faults = readonly { readonly path: string; readonly message: string }[];
type Faulty = { readonly ok: false; readonly faults: Faults };

/** The plan of a project file, as JSON text. */
function plan(file: Uint8Array): { readonly read: boolean; readonly text: string } {
	const { read, answer } = planFile(textOf(file));
	return { read, text: writePlan(answer) };
}

/** The one reader of what is stored: as it is now, or what is wrong with it. */
function readStored(document: string): ReadProject {
	return readProject(JSON.parse(document));
}

/** A stored document as it is now, or what is wrong with it in words. */
function open(document: string): Read<{ readonly document: string }> | Faulty {
	const read = readStored(document);
	return read.ok ? { ok: true, document: JSON.stringify(read.project) } : faultyOf(read);
}

/** The project file of a stored document, in the order of the schema, as it was read: the database does not keep the order of fields. One with a fault goes out as it is. */
function file(document: string): { readonly name: string; readonly text: string } {
	const read = readStored(document);
	const written: unknown = read.ok ? read.project : JSON.parse(document);
	return { name: read.ok ? read.project.piece.name : '', text: `${JSON.stringify(written, null, '\t')}\n` };
}

/** A project file as it is stored: what is taken can be saved again. */
function readPiece(file: Uint8Array): Read<{ readonly document: string }> | Refused {
	const read = readProjectText(textOf(file));
	if (!read.ok) return read;
	const document = JSON.stringify(read.project);
	return Buffer.byteLength(document) > MOST_DOCUMENT ? tooLarge('file.too-large') : { ok: true, document };
}

const tooLarge = (code: string): Refused => ({ ok: false, issues: [{ code, path: '', values: { most: MOST_DOCUMENT / 1e6 } }] });

/** The database counts so far. */
const LAST = 2 ** 31 - 1;
const StepsSchema = z
	.object({ keep: z.int().min(0).max(LAST), add: z.array(z.unknown()).max(MOST_STEPS), place: z.int().min(1).max(LAST) })
	.refine(({ keep, add, place }) => place <= keep + add.length);
const SaveSchema = z.object({ version: z.int().min(1).max(LAST), document: z.unknown(), steps: StepsSchema.optional() });

/** A save as it is stored: its document, and each of its steps that is not the document itself. */
export interface SaveRead {
	readonly version: number;
	readonly document: string;
	readonly steps: { readonly keep: number; readonly add: readonly (string | null)[]; readonly place: number } | null;
}

/** Null where it is no save at all. */
function readSave(body: Uint8Array): Read<{ readonly save: SaveRead }> | Refused | null {
	const parsed = SaveSchema.safeParse(parse(body)?.value);
	if (!parsed.success) return null;
	const { version, document: given, steps } = parsed.data;
	const read = readProject(given);
	if (!read.ok) return read;
	const document = JSON.stringify(read.project);
	if (Buffer.byteLength(document) > MOST_DOCUMENT) return tooLarge('save.too-large');
	/** A step that cannot be read is none: the document stands in its place. */
	const stepOf = (step: unknown) => {
		const one = step === null ? null : readProject(step);
		return one?.ok ? JSON.stringify(one.project) : null;
	};
	const add = steps?.add.map(stepOf) ?? [];
	/** What stands for the document is stored as often as it stands there; once is what every save does. */
	const again = Math.max(0, add.filter((step) => step === null).length - 1) * Buffer.byteLength(document);
	const bytes = add.reduce((sum, step) => sum + (step === null ? 0 : Buffer.byteLength(step)), again);
	if (bytes > MOST_STEP_BYTES)
		return { ok: false, issues: [{ code: 'save.steps-too-large', path: 'steps', values: { most: MOST_STEP_BYTES / 1e6 } }] };
	return { ok: true, save: { version, document, steps: steps ? { keep: steps.keep, add, place: steps.place } : null } };
}

function readSvg({ id, svg }: { readonly id: string; readonly svg: Uint8Array }): ReadMotif {
	const read = readMotifSvg(textOf(svg), id);
	if (!read.ok) return read;
	/** What a piece would refuse is not kept in the store either. */
	const kept = readMotif(read.motif);
	return kept.ok ? { ...read, motif: kept.motif } : kept;
}

function readMotifText(body: Uint8Array): Read<{ readonly motif: Motif }> | Refused {
	const parsed = parse(body);
	return parsed ? readMotif(parsed.value) : { ok: false, issues: NOT_JSON };
}

function readColourText(body: Uint8Array): Read<{ readonly colour: Colour }> | Refused {
	const parsed = parse(body);
	return parsed ? readColour(parsed.value) : { ok: false, issues: NOT_JSON };
}

/** What is said of the workshop, on the place at which it was read. */
function readSettings(body: Uint8Array): Read<{ readonly place: number; readonly document: string }> | Refused {
	const parsed = parse(body);
	if (!parsed) return { ok: false, issues: NOT_JSON };
	const sent = z.object({ place: z.int().min(0).max(LAST), document: z.unknown() }).safeParse(parsed.value);
	if (!sent.success) return { ok: false, issues: [{ code: 'field.missing', path: 'place' }] };
	const read = readWorkshop(sent.data.document);
	return read.ok ? { ok: true, place: sent.data.place, document: JSON.stringify(read.settings) } : read;
}

/** What was kept of the workshop; where that cannot be read, it begins anew. */
function openSettings(document: string | null): WorkshopSettings {
	const read = document === null ? null : readWorkshop(JSON.parse(document));
	return read?.ok ? read.settings : NEW_WORKSHOP;
}

/** What Pieces shows of one, as it was saved. Lengths mm. */
export interface CardInfo {
	readonly name: string;
	readonly units: LengthUnit;
	readonly stage: Stage;
	readonly width: number;
	readonly height: number;
	readonly estimated: boolean;
	readonly stands: boolean;
	readonly isBox: boolean;
	/** To plan it from nothing, ms of a processor. */
	readonly took: number;
}

/** The larger side of a card's picture, px: twice what it is shown at. */
const CARD = 460;

/** The card of a stored document, with the picture of its first face as PNG; or what is wrong with it. */
async function card(document: string): Promise<Read<{ readonly info: CardInfo; readonly picture: Uint8Array }> | Faulty> {
	const read = readStored(document);
	if (!read.ok) return faultyOf(read);
	const { project } = read;
	const [own, first] = timePlan(project);
	/** A process that has just begun is slow: what might fit is asked once more. */
	const took = first > AGAIN.from && first < AGAIN.to ? Math.min(first, timePlan(project)[1]) : first;
	const face = firstFace(own.faces);
	const scene = describeScene(sourceOfScene(project, own));
	const scale = CARD / heightOnShelf(face);
	const info = {
		name: project.piece.name,
		units: project.units,
		stage: stageOf(own),
		width: face.width,
		height: face.height,
		estimated: face.estimated,
		stands: face.lies === 'upright',
		isBox: face.whole.outline.length === 4,
		took: Math.round(took)
	};
	return { ok: true, info, picture: await writeCardPicture(toEnd(renderOnce(scene, scale, project.finish.coats.length))) };
}

/** ms. */
const AGAIN = { from: 200, to: 1500 };

/** A plan, and how long this process had a processor for it, ms. */
function timePlan(project: Project): [plan: Plan, took: number] {
	const [began, at] = [process.cpuUsage(), performance.now()];
	const own = planProject(project);
	const { user, system } = process.cpuUsage(began);
	/** Beside what is planned others of its threads work; on a busy machine the clock goes on without it. */
	return [own, Math.min((user + system) / 1000, performance.now() - at)];
}

function toEnd<T>(work: Generator<unknown, T>): T {
	for (;;) {
		const { done, value } = work.next();
		if (done) return value;
	}
}

/** Figures stand out on a drawing at true size, mm. */
const FIGURES_SHARE = 1 / 60;
const DRAWINGS = { svg: writeDrawingSvg, dxf: writeDrawingDxf } as const;
const CUTS = { svg: writeCutSvg, dxf: writeCutDxf } as const;
type Format = 'svg' | 'dxf';

/** The measured drawing of a face at true size; null where there is no such face. */
function drawing({ document, face: id, format }: { readonly document: string; readonly face: string; readonly format: Format }) {
	return ofStored(document, (project) => {
		const face = planProject(project).faces.find((other) => other.id === id);
		if (!face) return null;
		return DRAWINGS[format](describeMeasured(face, project.units, Math.max(3, Math.max(face.width, face.height) * FIGURES_SHARE)));
	});
}

interface CutWish {
	readonly document: string;
	readonly motif: string;
	readonly scale: number;
	readonly format: Format;
}

/** The sheet of a motif for a cutter; null where there is no such motif. */
function cutFile({ document, motif: id, scale, format }: CutWish) {
	return ofStored(document, (project) => {
		const motif = project.layout.motifs.find((other) => other.id === id);
		return motif ? CUTS[format](describeCut(motif as Motif, scale)) : null;
	});
}

interface PdfWish {
	readonly document: string;
	readonly of: 'placement-sheet' | 'measured-drawing';
	/** Null: as the piece has it. */
	readonly paper: Project['paper'] | null;
	readonly fonts: { readonly regular: Uint8Array; readonly bold: Uint8Array };
}

/** The sheets as PDF, or why there are none. */
function pdf({ document, of, paper: asked, fonts }: PdfWish, isPast: () => void) {
	return ofStored(document, async (project): Promise<{ readonly pdf: Uint8Array } | { readonly none: string }> => {
		const own = planProject(project);
		isPast();
		const paper = asked ?? project.paper;
		const pages = of === 'measured-drawing' ? describeMeasuredPages(project, own, paper) : describeSheets(project, own, paper);
		if (pages.length === 0) return { none: own.errors[0]?.message ?? 'There is nothing to print yet.' };
		return { pdf: await writePdf(pages, fonts, `${project.piece.name}: ${of.replace('-', ' ')}`) };
	});
}

/** What is made of a stored document, or what is wrong with it. */
async function ofStored<T>(document: string, make: (project: Project) => T | Promise<T>): Promise<Read<{ readonly made: T }> | Faulty> {
	const read = readStored(document);
	return read.ok ? { ok: true, made: await make(read.project) } : faultyOf(read);
}

/** A photograph as it is kept; or the issue with it. */
async function photograph(bytes: Uint8Array): Promise<ReadPhotograph> {
	const { readPhotograph } = await import('./pictures');
	return readPhotograph(bytes);
}

async function writeCardPicture({ width, height, pixels }: Parameters<typeof writeCard>[0]): Promise<Uint8Array> {
	const { writeCard } = await import('./pictures');
	return writeCard({ width, height, pixels });
}

/** Nobody reads more of them on a card. */
const MOST_FAULTS = 12;

function faultyOf({ issues }: Refused): Faulty {
	return {
		ok: false,
		faults: issues.slice(0, MOST_FAULTS).map((issue) => ({ path: issue.path, message: wordIssue(issue, 'mm') }))
	};
}
