import {
	readColour,
	readMotif,
	readMotifSvg,
	readProject,
	readProjectText,
	wordIssue,
	type ReadMotif,
	type ReadProject
} from '../../../core/formats';
import type { Colour } from '../../../core/colour';
import type { Motif } from '../../../core/layout';
import { heightOnShelf, planProject, sourceOfScene, stageOf, type Stage } from '../../../core/plan';
import { describeScene, renderOnce, type Picture } from '../../../core/preview';
import type { Project } from '../../../core/project';
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

/** What the pool works out: each takes and gives plain data, since it comes from another thread and goes back to it. */
export const JOBS = { plan, open, readPiece, readSave, readSvg, readMotifText, readColourText, card, drawing, cutFile, pdf };

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

/** The plan of a project file, as JSON text. */
function plan(file: Uint8Array): { readonly read: boolean; readonly text: string } {
	const { read, answer } = planFile(textOf(file));
	return { read, text: writePlan(answer) };
}

/** A stored document as it is now, or what is wrong with it. */
function open(document: string): ReadProject {
	return readProject(JSON.parse(document));
}

/** A project file as it is stored. */
function readPiece(file: Uint8Array): Read<{ readonly document: string }> | Refused {
	const read = readProjectText(textOf(file));
	return read.ok ? { ok: true, document: JSON.stringify(read.project) } : read;
}

/** The database counts so far. */
const LAST = 2 ** 31 - 1;
const MOST_STEPS = 400;
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
	const { version, document, steps } = parsed.data;
	const read = readProject(document);
	if (!read.ok) return read;
	/** A step that cannot be read is none: the document stands in its place. */
	const stepOf = (step: unknown) => {
		const one = step === null ? null : readProject(step);
		return one?.ok ? JSON.stringify(one.project) : null;
	};
	const save = {
		version,
		document: JSON.stringify(read.project),
		steps: steps ? { keep: steps.keep, add: steps.add.map(stepOf), place: steps.place } : null
	};
	return { ok: true, save };
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
}

/** The larger side of a card's picture, px: twice what it is shown at. */
const CARD = 460;

/** The card of a stored document, with the picture of its first face; or what is wrong with it. */
function card(
	document: string
): Read<{ readonly info: CardInfo; readonly picture: Picture }> | { readonly ok: false; readonly faults: Faults } {
	const read = readProject(JSON.parse(document));
	if (!read.ok) return { ok: false, faults: wordFaults(read.issues) };
	const { project } = read;
	const own = planProject(project);
	const face = own.faces[0]!;
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
		isBox: face.whole.outline.length === 4
	};
	return { ok: true, info, picture: toEnd(renderOnce(scene, scale, project.finish.coats.length)) };
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
function drawing({
	project,
	face: id,
	format
}: {
	readonly project: Project;
	readonly face: string;
	readonly format: Format;
}): string | null {
	const face = planProject(project).faces.find((other) => other.id === id);
	if (!face) return null;
	return DRAWINGS[format](describeMeasured(face, project.units, Math.max(3, Math.max(face.width, face.height) * FIGURES_SHARE)));
}

function cutFile({ motif, scale, format }: { readonly motif: Motif; readonly scale: number; readonly format: Format }): string {
	return CUTS[format](describeCut(motif, scale));
}

interface PdfWish {
	readonly project: Project;
	readonly of: 'placement-sheet' | 'measured-drawing';
	readonly paper: Project['paper'];
	readonly fonts: { readonly regular: Uint8Array; readonly bold: Uint8Array };
}

/** The sheets as PDF, or why there are none. */
async function pdf({ project, of, paper, fonts }: PdfWish): Promise<{ readonly pdf: Uint8Array } | { readonly none: string }> {
	const own = planProject(project);
	const pages = of === 'measured-drawing' ? describeMeasuredPages(project, own, paper) : describeSheets(project, own, paper);
	if (pages.length === 0) return { none: own.errors[0]?.message ?? 'There is nothing to print yet.' };
	return { pdf: await writePdf(pages, fonts, `${project.piece.name}: ${of.replace('-', ' ')}`) };
}

type Faults = readonly { readonly path: string; readonly message: string }[];
/** Nobody reads more of them on a card. */
const MOST_FAULTS = 12;

function wordFaults(issues: readonly Issue[]): Faults {
	return issues.slice(0, MOST_FAULTS).map((issue) => ({ path: issue.path, message: wordIssue(issue, 'mm') }));
}
