import type { Issue, Mm } from '../units';
import { checkChain, type ChainCheck, type ChainReading } from './checkChain';
import { OVERALL } from './findSuspects';
import { gradeSizes } from './gradeSizes';
import type { Box, Gap, MeasuredChain, MeasuredReading, Part } from './parts';
import { doesMove } from './parts';
import type { LengthReader } from './readLengths';
import type { Face, Reading, ReadingRole, SetOff, SizeRule } from './schema';
import { boxOutline } from './shapeOutline';

/** What a reading is taken for while it has not been made, so that the drawing can follow; the rest share what is left. */
export const GUESS: Readonly<Partial<Record<ReadingRole, Mm>>> = { rail: 25, stile: 25, gap: 3, plinth: 60, leg: 45 };
export const LEAST_GUESS: Mm = 20;

export type BarePart = Omit<Part, 'hardware' | 'filled'>;

export interface DividedFace {
	readonly parts: readonly BarePart[];
	readonly gaps: readonly Gap[];
	readonly chains: readonly MeasuredChain[];
	readonly estimated: boolean;
}

interface Context {
	readonly face: Face;
	readonly read: LengthReader;
	readonly issues: Issue[];
	readonly width: ChainReading | null;
	/** Of the frame beside the drawers of the first chain. */
	readonly stile: Mm;
	readonly sideGap: Mm;
	readonly nameOf: (role: ReadingRole) => string;
	readonly parts: BarePart[];
	readonly gaps: Gap[];
	readonly chains: MeasuredChain[];
}

interface Chain {
	readonly of: string | null;
	readonly path: string;
	readonly sizesPath: string;
	readonly along: 'across' | 'down';
	readonly sizes: SizeRule;
	readonly readings: readonly Reading[];
	readonly box: Box;
	/** What it must add up to, as it was read, and where that stands; null where nobody measured it. */
	readonly overall: ChainReading | null;
	readonly overallPath: string;
}

/**
 * Divides a face by its chains, rows within rows, into parts and gaps in place (mm), and checks that each chain adds
 * up. Source: methods 1.
 */
export function divideFace(
	face: Face,
	size: { readonly width: ChainReading | null; readonly height: ChainReading | null; readonly box: Box },
	path: string,
	read: LengthReader,
	issues: Issue[]
): DividedFace {
	if (face.chain.length === 0) return { parts: [], gaps: [], chains: [], estimated: false };
	const stile = read(face.stile, `${path}.stile`, 'zero')?.mm ?? 0;
	const sideGap = read(face.sideGap, `${path}.sideGap`, 'zero')?.mm ?? 0;
	if (size.box.width - 2 * (stile + sideGap) <= 0)
		issues.push({ code: 'face.no-room', path: `${path}.stile`, values: { width: size.box.width } });
	const context: Context = {
		face,
		read,
		issues,
		width: size.width,
		stile,
		sideGap,
		nameOf: countNames(face),
		parts: [],
		gaps: [],
		chains: []
	};
	divide(
		{
			of: null,
			path: `${path}.chain`,
			sizesPath: `${path}.sizes`,
			along: 'down',
			sizes: face.sizes,
			readings: face.chain,
			box: size.box,
			overall: size.height,
			overallPath: `${path}.height`
		},
		context
	);
	const { parts, gaps, chains } = context;
	return { parts, gaps, chains, estimated: chains.some(({ readings }) => readings.some(({ estimated }) => estimated)) };
}

function divide(chain: Chain, context: Context): void {
	const { read } = context;
	const graded = gradedIn(chain);
	const lengths = chain.readings.map((entry, i) => (graded.has(i) ? null : read(entry.reading, `${chain.path}[${i}].reading`, 'positive')));
	const start = chain.along === 'down' ? chain.box.y : chain.box.x;
	const room = chain.along === 'down' ? chain.box.height : chain.box.width;
	const sizes = gradedSizes(chain, graded, lengths, room, context);
	const check = checkOne(chain, graded, lengths, context);
	const placed = fillChain(chain, lengths, sizes, room, check, start);
	context.chains.push({
		of: chain.of,
		path: chain.path,
		along: chain.along,
		overall: chain.overall?.mm ?? (chain.of === null ? null : room),
		check,
		readings: placed,
		box: chain.box
	});
	const before = context.parts.length;
	placed.forEach((reading, i) => placeOne(chain, chain.readings[i]!, reading, i, context));
	const here = context.parts.slice(before);
	placed.forEach((reading, i) => {
		if (reading.role === 'gap') context.gaps.push(...gapsBetween(chain, i, placed, here, context));
	});
}

function placeOne(chain: Chain, entry: Reading, reading: MeasuredReading, i: number, context: Context): void {
	const { face } = context;
	const path = `${chain.path}[${i}]`;
	if (entry.role === 'gap') return;
	const box = boxOf(chain, reading, entry, context);
	if (entry.role !== 'row') {
		const fronts = entry.role === 'drawer' || entry.role === 'door';
		const setOff = fronts ? readSetOff(entry.setOff ?? face.fronts, entry.setOff ? `${path}.setOff` : path, context) : 0;
		const name = context.nameOf(entry.role);
		context.parts.push({
			...box,
			id: entry.id,
			name,
			role: entry.role,
			face: face.id,
			on: null,
			setOff,
			outline: boxOutline(box.width, box.height),
			estimated: reading.estimated
		});
		if (fronts && chain.of === null && context.sideGap > 0) context.gaps.push(sideGaps(entry.id, box, context));
	}
	if (!entry.split) return;
	const whole = chain.of === null && entry.role === 'row' && entry.split.along === 'across';
	divide(
		{
			of: entry.id,
			path: `${path}.split.chain`,
			sizesPath: `${path}.split.sizes`,
			along: entry.split.along,
			sizes: entry.split.sizes,
			readings: entry.split.chain,
			box,
			overall: whole ? context.width : exactly(entry.split.along === 'across' ? box.width : box.height, context),
			overallPath: whole ? chain.overallPath.replace(/height$/, 'width') : path
		},
		context
	);
}

/** A length that follows from others, not from the tape: it has no digits that could be swapped. */
function exactly(mm: Mm, { width }: Context): ChainReading {
	return { mm, text: '', unit: 'mm', resolution: width?.resolution ?? 1, role: 'rail' };
}

function boxOf(chain: Chain, { from, mm }: MeasuredReading, entry: Reading, { stile, sideGap, face }: Context): Box {
	if (chain.along === 'across') return { x: from, y: chain.box.y, width: mm, height: chain.box.height };
	const isFront = chain.of === null && (entry.role === 'drawer' || entry.role === 'door');
	const inset = isFront && face.chain === chain.readings ? stile + sideGap : 0;
	return { x: chain.box.x + inset, y: from, width: Math.max(1, chain.box.width - 2 * inset), height: mm };
}

/** Which readings a rule gives. */
function gradedIn({ sizes, readings }: Chain): ReadonlySet<number> {
	if (sizes.rule === 'readings') return new Set();
	return new Set(readings.flatMap(({ role }, i) => (role === 'drawer' || role === 'door' ? [i] : [])));
}

function gradedSizes(
	chain: Chain,
	graded: ReadonlySet<number>,
	lengths: readonly (ChainReading | null)[],
	room: Mm,
	{ read, issues }: Context
): Mm[] {
	const { sizes, sizesPath } = chain;
	if (sizes.rule === 'readings' || graded.size === 0) return [];
	const others = chain.readings.reduce((sum, { role }, i) => sum + (graded.has(i) ? 0 : (lengths[i]?.mm ?? GUESS[role] ?? LEAST_GUESS)), 0);
	const equal = Array.from(graded, () => Math.max(1, (room - others) / graded.size));
	const figure =
		sizes.rule === 'arithmetic'
			? read(sizes.first, `${sizesPath}.first`, 'positive')
			: sizes.rule === 'difference'
				? read(sizes.step, `${sizesPath}.step`, 'zero')
				: null;
	if ((sizes.rule === 'arithmetic' || sizes.rule === 'difference') && figure === null) return equal;
	const grading =
		sizes.rule === 'arithmetic'
			? { rule: sizes.rule, first: figure!.mm }
			: sizes.rule === 'difference'
				? { rule: sizes.rule, step: figure!.mm }
				: sizes;
	const found = gradeSizes(room - others, graded.size, grading);
	if (found !== null) return found;
	issues.push({
		code: 'sizes.no-room',
		path: sizes.rule === 'arithmetic' ? `${sizesPath}.first` : sizes.rule === 'difference' ? `${sizesPath}.step` : sizesPath,
		values: { left: room - others, count: graded.size }
	});
	return equal;
}

function checkOne(
	chain: Chain,
	graded: ReadonlySet<number>,
	lengths: readonly (ChainReading | null)[],
	{ issues }: Context
): ChainCheck | null {
	if (chain.overall === null || lengths.some((length, i) => length === null && !graded.has(i))) return null;
	if (graded.size > 0) return { residual: 0, allowed: 0, verdict: 'closed', shares: lengths.map(() => 0), suspects: [] };
	const check = checkChain(
		chain.overall,
		lengths.map((length, i) => ({ ...length!, role: chain.readings[i]!.role }))
	);
	if (check.verdict !== 'beyond') return check;
	const first = check.suspects[0];
	const at = first === undefined ? chain.path : first.index === OVERALL ? chain.overallPath : `${chain.path}[${first.index}].reading`;
	issues.push({
		code: first === undefined ? 'chain.beyond' : `chain.${first.kind}`,
		path: at,
		values: {
			residual: check.residual,
			allowed: check.allowed,
			instead: first?.instead ?? '',
			left: first?.residual ?? '',
			whole: chain.along === 'down' ? 'height' : 'width'
		}
	});
	return check;
}

/** Lengths in order, with guesses where a reading is missing, each with its place. */
function fillChain(
	chain: Chain,
	lengths: readonly (ChainReading | null)[],
	graded: readonly Mm[],
	room: Mm,
	check: ChainCheck | null,
	start: Mm
): MeasuredReading[] {
	const isGraded = gradedIn(chain);
	const open = chain.readings.filter(({ role }, i) => lengths[i] === null && !isGraded.has(i) && GUESS[role] === undefined).length;
	const known =
		chain.readings.reduce((sum, { role }, i) => sum + (lengths[i]?.mm ?? GUESS[role] ?? 0), 0) + graded.reduce((a, b) => a + b, 0);
	const share = open === 0 ? 0 : Math.max(LEAST_GUESS, (room - known) / open);
	let from = start;
	let next = 0;
	return chain.readings.map(({ id, role }, i) => {
		const mm = isGraded.has(i) && graded.length > 0 ? graded[next++]! : (lengths[i]?.mm ?? GUESS[role] ?? share) + (check?.shares[i] ?? 0);
		const row = { id, role, mm, from, estimated: lengths[i] === null && !isGraded.has(i) };
		from += mm;
		return row;
	});
}

const EPS = 1e-6;

/** What meets in a gap: the drawers and doors that touch it on either side, or the carcass; looked for in place. */
function gapsBetween(chain: Chain, i: number, placed: readonly MeasuredReading[], here: readonly BarePart[], context: Context): Gap[] {
	const { face, read } = context;
	const { id, from, mm, estimated } = placed[i]!;
	const entry = chain.readings[i]!;
	const down = chain.along === 'down';
	const far = entry.far === undefined || entry.far === '' ? mm : (read(entry.far, `${chain.path}[${i}].far`, 'zero')?.mm ?? mm);
	const moving = here.filter(doesMove);
	const before = moving.filter((part) => Math.abs((down ? part.y + part.height : part.x + part.width) - from) < EPS);
	const after = moving.filter((part) => Math.abs((down ? part.y : part.x) - from - mm) < EPS);
	const [start, end] = openingAt(chain, [...before, ...after], context);
	const box: Box = down ? { x: start, y: from, width: end - start, height: mm } : { x: from, y: start, width: mm, height: end - start };
	const gap = { at: 'chain' as const, mm: Math.min(mm, far), ends: [mm, far] as const, estimated };
	const overlap = (a: BarePart, b: BarePart) =>
		down ? a.x < b.x + b.width - EPS && b.x < a.x + a.width - EPS : a.y < b.y + b.height - EPS && b.y < a.y + a.height - EPS;
	const pairs: [string, string][] =
		before.length > 0 && after.length > 0
			? before.flatMap((a) => after.filter((b) => overlap(a, b)).map((b): [string, string] => [a.id, b.id]))
			: before.length > 0
				? before.map((a) => [a.id, face.id])
				: after.length > 0
					? after.map((b) => [face.id, b.id])
					: [[face.id, face.id]];
	return pairs.map((between, p) => ({ ...gap, id: p === 0 ? id : `${id}-${p + 1}`, between, boxes: p === 0 ? [box] : [] }));
}

/** How far a gap reaches to both sides: as far as the opening of what moves beside it. */
function openingAt(chain: Chain, beside: readonly BarePart[], { stile, gaps }: Context): readonly [Mm, Mm] {
	const { box, along } = chain;
	const down = along === 'down';
	if (chain.of === null && beside.some(({ x }) => x > box.x + stile - EPS) && stile > 0 && beside.length <= 2) {
		const own = beside.every((part) => chain.readings.some(({ id }) => id === part.id));
		if (own) return [box.x + stile, box.x + box.width - stile];
	}
	if (beside.length === 0) return down ? [box.x, box.x + box.width] : [box.y, box.y + box.height];
	const low = Math.min(...beside.map(({ x, y }) => (down ? x : y)));
	const high = Math.max(...beside.map(({ x, y, width, height }) => (down ? x + width : y + height)));
	/** Upright gaps that stand beside them reach into this one. */
	const beyond = gaps
		.filter(({ at, between }) => at === 'chain' && beside.some(({ id }) => between.includes(id)))
		.flatMap(({ boxes }) => boxes)
		.filter(({ width, height }) => (down ? width < height : height < width));
	const lows = beyond.map(({ x, y }) => (down ? x : y));
	const highs = beyond.map(({ x, y, width, height }) => (down ? x + width : y + height));
	return [Math.min(low, ...lows), Math.max(high, ...highs)];
}

function sideGaps(id: string, box: Box, { face, sideGap }: Context): Gap {
	return {
		id: `side-of-${id}`,
		at: 'side',
		mm: sideGap,
		ends: [sideGap, sideGap],
		between: [face.id, id],
		boxes: [
			{ ...box, x: box.x - sideGap, width: sideGap },
			{ ...box, x: box.x + box.width, width: sideGap }
		],
		estimated: false
	};
}

function readSetOff(setOff: SetOff, path: string, { read, face }: Context): Mm {
	if (setOff.way === 'level') return 0;
	const at = setOff === face.fronts ? path.replace(/\.chain\[.*$/, '.fronts.by') : `${path}.by`;
	const by = read(setOff.by, at, 'zero')?.mm ?? 0;
	return setOff.way === 'proud' ? by : -by;
}

const WORDS: Readonly<Record<ReadingRole, string>> = {
	rail: 'Rail',
	stile: 'Stile',
	gap: 'Gap',
	drawer: 'Drawer',
	door: 'Door',
	panel: 'Panel',
	apron: 'Apron',
	leg: 'Leg',
	open: 'Opening',
	row: 'Row',
	plinth: 'Plinth'
};

/** Names in the order of measuring: Drawer 1, Drawer 2; one of a kind goes without a number, but for drawers. */
function countNames(face: Face): (role: ReadingRole) => string {
	const totals = new Map<ReadingRole, number>();
	const count = (readings: readonly Reading[]) => {
		for (const { role, split } of readings) {
			totals.set(role, (totals.get(role) ?? 0) + 1);
			if (split) count(split.chain);
		}
	};
	count(face.chain);
	const given = new Map<ReadingRole, number>();
	return (role) => {
		const n = (given.get(role) ?? 0) + 1;
		given.set(role, n);
		return totals.get(role) === 1 && role !== 'drawer' ? WORDS[role] : `${WORDS[role]} ${n}`;
	};
}
