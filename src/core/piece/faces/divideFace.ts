import type { BarePart, Chain, Context } from '../readings/chain';
import { tapeStep, type Issue, type Mm } from '../../units';
import { gapsBetween, sideGaps } from './findGaps';
import { countNames } from '../readings/nameReadings';
import { readSetOff } from '../readings/readSetOff';
import { checkChain, type ChainCheck } from '../readings/checkChain';
import type { ChainReading } from '../readings/chainReading';
import { OVERALL } from '../readings/findSuspects';
import { gradeSizes } from '../readings/gradeSizes';
import type { Gap, MeasuredChain, MeasuredReading } from './parts';
import type { Box } from './box';
import { isRest, restOfChain } from '../readings/restOfChain';
import type { LengthReader } from '../readings/readLengths';
import type { Face, Reading, ReadingRole } from '../schema';
import { boxOutline } from './shapeOutline';

/** What a reading is taken for while it has not been made, so that the drawing can follow; the rest share what is left. */
export const GUESS: Readonly<Partial<Record<ReadingRole, Mm>>> = { rail: 25, stile: 25, gap: 3, plinth: 60, leg: 45 };
export const LEAST_GUESS: Mm = 20;

export interface DividedFace {
	readonly parts: readonly BarePart[];
	readonly gaps: readonly Gap[];
	readonly chains: readonly MeasuredChain[];
	readonly estimated: boolean;
}

/**
 * Divides a face by its chains, rows within rows, into parts and gaps in place (mm), and checks that each chain adds
 * up. Source: methods 1.
 */
export function divideFace({
	face,
	size,
	path,
	read,
	issues
}: {
	readonly face: Face;
	readonly size: { readonly width: ChainReading | null; readonly height: ChainReading | null; readonly box: Box };
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
}): DividedFace {
	if (face.chain.length === 0) return { parts: [], gaps: [], chains: [], estimated: false };
	const stile = read(face.stile, `${path}.stile`, 'zero')?.mm ?? 0;
	const sideGap = read(face.sideGap, `${path}.sideGap`, 'zero')?.mm ?? 0;
	if (size.box.width - 2 * (stile + sideGap) <= 0)
		issues.push({ code: 'face.no-room', path: `${path}.stile`, values: { width: size.box.width } });
	const context: Context = {
		face,
		path,
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
			on: null,
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
	const lengths = chain.readings.map((entry, i) =>
		graded.has(i) || isRest(entry.reading) ? null : read(entry.reading, `${chain.path}[${i}].reading`, 'positive')
	);
	chain.readings.forEach((entry, i) => {
		if (isRest(entry.reading) && !graded.has(i)) lengths[i] = takeRest({ chain, at: i, lengths, graded: graded.size, context });
	});
	const start = chain.along === 'down' ? chain.box.y : chain.box.x;
	const room = chain.along === 'down' ? chain.box.height : chain.box.width;
	const sizes = gradedSizes({ chain, graded, lengths, room, context });
	const check = checkOne(chain, graded, lengths, context);
	const placed = fillChain({ chain, lengths, graded: sizes, room, check, start });
	context.chains.push({
		of: chain.of,
		path: chain.path,
		along: chain.along,
		overall: chain.overall?.mm ?? (chain.of === null ? null : room),
		check,
		finest: Math.min(...lengths.map((one) => one?.resolution ?? tapeStep('in'))),
		readings: placed,
		box: chain.box
	});
	const before = context.parts.length;
	placed.forEach((reading, i) => placeOne({ chain, entry: chain.readings[i]!, reading, i, context }));
	const here = context.parts.slice(before);
	placed.forEach((reading, i) => {
		if (reading.role === 'gap') context.gaps.push(...gapsBetween({ chain, i, placed, here, context }));
	});
}

/** What is left for a link, as if it had been read; null where that is not known, with the fault beside it where there is one. */
function takeRest({
	chain,
	at,
	lengths,
	graded,
	context
}: {
	readonly chain: Chain;
	readonly at: number;
	readonly lengths: readonly (ChainReading | null)[];
	readonly graded: number;
	readonly context: Context;
}): ChainReading | null {
	const rest = restOfChain(chain, at, lengths, graded);
	if (rest.kind === 'found') return exactly(rest.mm, context);
	if (rest.kind === 'fault')
		context.issues.push({ code: `rest.${rest.fault}`, path: `${chain.path}[${at}].reading`, values: { left: -rest.left } });
	return null;
}

function placeOne({
	chain,
	entry,
	reading,
	i,
	context
}: {
	readonly chain: Chain;
	readonly entry: Reading;
	readonly reading: MeasuredReading;
	readonly i: number;
	readonly context: Context;
}): void {
	const { face } = context;
	const path = `${chain.path}[${i}]`;
	if (entry.role === 'gap') return;
	const box = boxOf(chain, reading, entry, context);
	if (entry.role !== 'row') {
		const fronts = entry.role === 'drawer' || entry.role === 'door';
		const setOff = fronts
			? readSetOff(entry.setOff ?? face.fronts, entry.setOff ? `${path}.setOff` : `${context.path}.fronts`, context.read)
			: 0;
		const name = context.nameOf(entry.role);
		context.parts.push({
			...box,
			id: entry.id,
			name,
			role: entry.role,
			face: face.id,
			on: chain.on,
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
			on: entry.role === 'row' ? chain.on : entry.id,
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

function gradedSizes({
	chain,
	graded,
	lengths,
	room,
	context: { read, issues }
}: {
	readonly chain: Chain;
	readonly graded: ReadonlySet<number>;
	readonly lengths: readonly (ChainReading | null)[];
	readonly room: Mm;
	readonly context: Context;
}): Mm[] {
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
	if (graded.size > 0 || chain.readings.some(({ reading }) => isRest(reading)))
		return { residual: 0, allowed: 0, likely: 0, verdict: 'closed', shares: lengths.map(() => 0), suspects: [], again: null };
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
function fillChain({
	chain,
	lengths,
	graded,
	room,
	check,
	start
}: {
	readonly chain: Chain;
	readonly lengths: readonly (ChainReading | null)[];
	readonly graded: readonly Mm[];
	readonly room: Mm;
	readonly check: ChainCheck | null;
	readonly start: Mm;
}): MeasuredReading[] {
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
