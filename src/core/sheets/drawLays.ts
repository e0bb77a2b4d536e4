import { markOf } from '../layout';
import { faceOf, partOnFace, type Part } from '../piece';
import type { Plan } from '../plan';
import type { Project } from '../project';
import type { Mm } from '../units';
import { headPages } from './flowLines';
import { ringsOf, toPageRing, type ToPage } from './front/toPage';
import { PAGE_MARGIN, sizeOfPage, type Page, type PageItem } from './page';

type Lays = Plan['lays'][number];
type Lay = Lays['lays'][number];

const TOP: Mm = 38;
/** Kept free below for what the colours of the rounds mean. */
const KEY: Mm = 14;
/** A number in its ring, mm on paper; more lays than these are told by their rounds alone. */
const RING: Mm = 2.8;
const TYPE: Mm = 3.2;
const MOST_NUMBERS = 150;
/** A round after the other, and again from the first. */
const ROUNDS = ['#f3c9b5', '#bcd3e2', '#e9dc9c', '#c3dbb4', '#dcc0d8'];
const tintOf = (round: number) => ROUNDS[(round - 1) % ROUNDS.length]!;

/** Where each lay goes, a page for each face: the sheets in place, each in the tint of its round, numbered as in the list, with the mark that finds it. Source: methods 4. */
export function drawLays({ coat, lays }: Lays, plan: Plan, project: Project, paper: Project['paper']): Page[] {
	const { label } = plan.order.find((step) => step.coat === coat)!;
	return [...new Set(lays.map(({ face }) => face))].flatMap((id) => {
		const face = faceOf(plan.faces, id);
		const here = lays
			.filter((lay) => lay.face === id)
			.flatMap((lay) => {
				const part = partOnFace(face, lay.part);
				return part ? [{ lay, part }] : [];
			});
		if (here.length === 0) return [];
		const parts = [...new Map(here.map(({ part }) => [part.id, part])).values()];
		const box = boxOf(parts, here);
		const sizes = (['upright', 'across'] as const).map((lie) => sizeOfPage(paper, lie));
		const scaleOn = ({ width, height }: (typeof sizes)[number]) =>
			Math.min((width - 2 * PAGE_MARGIN) / box.width, (height - TOP - KEY - PAGE_MARGIN) / box.height);
		const size = scaleOn(sizes[1]!) > scaleOn(sizes[0]!) ? sizes[1]! : sizes[0]!;
		const scale = scaleOn(size);
		const left = PAGE_MARGIN + (size.width - 2 * PAGE_MARGIN - box.width * scale) / 2;
		const page: ToPage = { scale, at: (x, y) => [left + (x - box.x) * scale, TOP + (y - box.y) * scale] };
		const items = [
			...parts.map((part): PageItem => ({
				kind: 'rings',
				rings: ringsOf(part, part, page),
				fill: null,
				weight: 0.35,
				ink: 'ink',
				name: 'part'
			})),
			...drawItems(parts, here, plan, page),
			...here.flatMap((one) => drawSheet(one, page)),
			...(here.length <= MOST_NUMBERS ? drawNumbers(here, page) : []),
			...keyOf(here, size)
		];
		return headPages({
			title: `Lays on ${face.name.toLowerCase()}`,
			under: `${project.piece.name} · ${label} · the cross is the mark that is measured to`,
			pages: [items],
			size
		});
	});
}

interface Placed {
	readonly lay: Lay;
	/** In place on its face. */
	readonly part: Part;
}

/** All that is shown, parts and sheets, mm on the face. */
function boxOf(parts: readonly Part[], here: readonly Placed[]): { x: Mm; y: Mm; width: Mm; height: Mm } {
	const xs = [
		...parts.flatMap(({ x, width }) => [x, x + width]),
		...here.flatMap(({ lay, part }) => coordinates(lay, 0).map((x) => x + part.x))
	];
	const ys = [
		...parts.flatMap(({ y, height }) => [y, y + height]),
		...here.flatMap(({ lay, part }) => coordinates(lay, 1).map((y) => y + part.y))
	];
	const [x, y] = [Math.min(...xs), Math.min(...ys)];
	return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}
const coordinates = ({ sheet }: Lay, axis: 0 | 1) => sheet.filter((_, i) => i % 2 === axis);

const onFace = (ring: readonly Mm[], part: Part) => ring.map((value, i) => value + (i % 2 === 0 ? part.x : part.y));

/** What the sheets are laid for. */
function drawItems(parts: readonly Part[], here: readonly Placed[], plan: Plan, page: ToPage): PageItem[] {
	const filled = new Set(here.flatMap(({ lay }) => lay.items));
	return parts.flatMap((part) =>
		plan.items
			.filter((item) => item.part === part.id && filled.has(item.key) && item.rings.length > 0)
			.map((item): PageItem => ({
				kind: 'rings',
				rings: item.rings.map((ring) => toPageRing(onFace(ring, part), page)),
				fill: '#d8d2c6',
				weight: 0,
				ink: 'faint',
				name: 'motif'
			}))
	);
}

function drawSheet({ lay, part }: Placed, page: ToPage): PageItem[] {
	const mark = markOf(lay, part);
	const [x, y] = page.at(mark.x + part.x, mark.y + part.y);
	return [
		{ kind: 'rings', rings: [toPageRing(onFace(lay.sheet, part), page)], fill: null, weight: 0.25, ink: 'soft', name: 'sheet' },
		{ kind: 'line', x1: x - 2, y1: y, x2: x + 2, y2: y, weight: 0.25, ink: 'ember' },
		{ kind: 'line', x1: x, y1: y - 2, x2: x, y2: y + 2, weight: 0.25, ink: 'ember' }
	];
}

/** Each in the middle of its sheet, or towards a corner of it where another stands there. */
function drawNumbers(here: readonly Placed[], page: ToPage): PageItem[] {
	const taken: [Mm, Mm][] = [];
	return here.flatMap(({ lay, part }): PageItem[] => {
		const { sheet } = lay;
		const middle = page.at((sheet[0]! + sheet[4]!) / 2 + part.x, (sheet[1]! + sheet[5]!) / 2 + part.y);
		const corners = [0, 2, 4, 6].map((i) => page.at(sheet[i]! + part.x, sheet[i + 1]! + part.y));
		const spots = [
			middle,
			...TOWARDS.flatMap((by) => corners.map(([x, y]) => [between(middle[0], x, by), between(middle[1], y, by)] as const))
		];
		const isFree = ([x, y]: readonly [Mm, Mm]) => taken.every(([tx, ty]) => Math.hypot(tx - x, ty - y) > 2 * RING);
		const spot = spots.find(isFree);
		if (!spot) return [];
		const [x, y] = spot;
		taken.push([x, y]);
		return [
			{ kind: 'circle', x, y, radius: RING, weight: 0.25, ink: 'ink', fill: tintOf(lay.round) },
			{ kind: 'text', x, y: y + 1.1, text: String(lay.number), size: TYPE, ink: 'ink', anchor: 'middle', bold: true, name: 'number' }
		];
	});
}
const TOWARDS = [0.35, 0.7, 0.95];
const between = (a: Mm, b: Mm, share: number): Mm => a + (b - a) * share;

function keyOf(here: readonly Placed[], { height }: { readonly height: Mm }): PageItem[] {
	const rounds = [...new Set(here.map(({ lay }) => lay.round))].sort((a, b) => a - b);
	const y = height - PAGE_MARGIN - 2;
	const shown = rounds.slice(0, MOST_IN_KEY);
	return shown.flatMap((round, i): PageItem[] => {
		const x = PAGE_MARGIN + 3 + i * KEY_STEP;
		const some = here.filter(({ lay }) => lay.round === round).map(({ lay }) => lay.number);
		return [
			{ kind: 'circle', x, y: y - 1.2, radius: RING, weight: 0.25, ink: 'ink', fill: tintOf(round) },
			{ kind: 'text', x: x + 5, y, text: `round ${round}: ${wordNumbers(some)}`, size: 3.2, ink: 'ink' }
		];
	});
}
const MOST_IN_KEY = 5;
const KEY_STEP: Mm = 37;

/** In stretches, as far as they are short. */
function wordNumbers(numbers: readonly number[]): string {
	const [first, last] = [Math.min(...numbers), Math.max(...numbers)];
	return first === last ? `${first}` : `${first} to ${last}`;
}
