import svgpath from 'svgpath';
import { flattenLines, flattenPath, strokeLines, subtractRings, uniteShapes, type Ring } from '../../geometry';
import type { Motif } from '../../layout';
import type { Issue } from '../../units';
import { outlineOfShape } from './outlineOfShape';
import type { SvgNode } from './parseSvg';
import { paintOfColour, PLAIN_STYLE, styleWithin, type SvgStyle } from './styleOf';

export type DrawnSvg =
	| { readonly ok: true; readonly paths: Motif['paths']; readonly notRead: readonly Issue[] }
	| { readonly ok: false; readonly issues: readonly Issue[] };

/** Nothing of these is drawn, and nobody misses them. */
const SILENT = new Set(['title', 'desc', 'metadata', 'defs', 'symbol', 'linearGradient', 'radialGradient', 'namedview']);
const GROUPS = new Set(['svg', 'g', 'a', 'switch']);
const SHAPES = new Set(['path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon']);
/** What changes a shape in a way that is not read. */
const ALTERS = ['clip-path', 'mask', 'filter'] as const;
/** A list of the six functions, each with plain numbers. */
const TRANSFORM =
	/^\s*((matrix|translate|scale|rotate|skewX|skewY)\s*\(\s*[-+]?[\d.]+(e[-+]?\d+)?([\s,]+[-+]?[\d.]+(e[-+]?\d+)?|[-+][\d.]+)*\s*\)[\s,]*)+$/i;
const MOST_POINTS = 12_000;
const MOST_PATHS = 500;
const MOST_DRAWN = 5000;
const DEEPEST_USE = 8;
const LONGEST = 95_000;

interface Walk {
	readonly ids: ReadonlyMap<string, SvgNode>;
	readonly notRead: Map<string, Issue>;
	/** Bottom up. */
	readonly shapes: Drawn[];
	points: number;
	drawn: number;
}
interface Drawn {
	readonly d: string | null;
	readonly rule: SvgStyle['fillRule'];
	readonly rings: readonly Ring[];
	readonly isGround: boolean;
}

class TooMuch extends Error {}

/** The openings of a drawing in mm. A shape stays the path that it was, unless something is knocked out of it: then it is the outline of what is left. */
export function drawSvg(root: SvgNode, toMm: string): DrawnSvg {
	const walk: Walk = { ids: idsIn(root), notRead: new Map(), shapes: [], points: 0, drawn: 0 };
	try {
		for (const child of root.children)
			drawNode({ node: child, above: styleWithin(PLAIN_STYLE, root.attributes), transforms: [toMm], walk, uses: 0 });
		const paths = pathsOf(walk.shapes);
		if (paths.length > MOST_PATHS) throw new TooMuch();
		return { ok: true, paths, notRead: [...walk.notRead.values()] };
	} catch (error) {
		if (!(error instanceof TooMuch)) throw error;
		return { ok: false, issues: [{ code: 'svg.too-many', path: 'svg', values: { most: MOST_POINTS } }] };
	}
}

function idsIn(root: SvgNode): Map<string, SvgNode> {
	const ids = new Map<string, SvgNode>();
	const open: SvgNode[] = [root];
	for (let node = open.pop(); node !== undefined; node = open.pop()) {
		const id = node.attributes['id'];
		if (id !== undefined && !ids.has(id)) ids.set(id, node);
		open.push(...node.children);
	}
	return ids;
}

function drawNode({
	node,
	above,
	transforms,
	walk,
	uses
}: {
	readonly node: SvgNode;
	readonly above: SvgStyle;
	readonly transforms: readonly string[];
	readonly walk: Walk;
	readonly uses: number;
}): void {
	if (SILENT.has(node.name) || node.name.includes(':')) return;
	if (++walk.drawn > MOST_DRAWN) throw new TooMuch();
	const { attributes } = node;
	const style = styleWithin(above, attributes);
	const own = attributes['transform'] ? [...transforms, attributes['transform']] : transforms;
	if (attributes['transform'] && !TRANSFORM.test(attributes['transform']))
		pass(walk, node, 'svg.transform', attributes['transform'].slice(0, 40));
	for (const key of ALTERS) if (attributes[key] !== undefined && attributes[key] !== 'none') pass(walk, node, 'svg.alters', key);
	if (GROUPS.has(node.name)) for (const child of node.children) drawNode({ node: child, above: style, transforms: own, walk, uses });
	else if (node.name === 'use') drawUse({ node, style, transforms: own, walk, uses });
	else if (SHAPES.has(node.name)) drawShape(node, style, own, walk);
	else pass(walk, node, 'svg.element', node.name);
}

function pass(walk: Walk, { line }: SvgNode, code: string, what = ''): void {
	const key = `${code} ${what}`;
	if (!walk.notRead.has(key)) walk.notRead.set(key, { code, path: `line ${line}`, values: { what } });
}

function drawUse({
	node,
	style,
	transforms,
	walk,
	uses
}: {
	readonly node: SvgNode;
	readonly style: SvgStyle;
	readonly transforms: readonly string[];
	readonly walk: Walk;
	readonly uses: number;
}): void {
	const href = (node.attributes['href'] ?? node.attributes['xlink:href'] ?? '').trim();
	const target = href.startsWith('#') ? walk.ids.get(href.slice(1)) : undefined;
	if (!target) return pass(walk, node, 'svg.outside', href.slice(0, 60));
	if (uses >= DEEPEST_USE) throw new TooMuch();
	const [x, y] = [Number.parseFloat(node.attributes['x'] ?? '0'), Number.parseFloat(node.attributes['y'] ?? '0')];
	const own = [...transforms, `translate(${x} ${y})`];
	/** What a `symbol` holds is drawn where it is used; its own window is not read. */
	if (target.name === 'symbol')
		for (const child of target.children)
			drawNode({ node: child, above: styleWithin(style, target.attributes), transforms: own, walk, uses: uses + 1 });
	else drawNode({ node: target, above: style, transforms: own, walk, uses: uses + 1 });
}

function drawShape(node: SvgNode, style: SvgStyle, transforms: readonly string[], walk: Walk): void {
	if (style.isHidden) return;
	const outline = outlineOfShape(node.name, node.attributes);
	if (outline === null) return pass(walk, node, 'svg.path');
	const fill = node.name === 'line' ? 'none' : paintOfColour(style.fill);
	const stroke = style.strokeWidth > 0 ? paintOfColour(style.stroke) : 'none';
	if (fill !== 'none') {
		const d = moved(outline, transforms);
		const rings = d === null ? null : flattenPath(d);
		if (d === null || rings === null) return pass(walk, node, 'svg.path');
		if (rings.length > 0) put(walk, { d, rule: style.fillRule, rings, isGround: fill === 'ground' });
	}
	if (stroke !== 'none') {
		const rings = outlineOfStroke(outline, style, transforms);
		if (rings === null) return pass(walk, node, 'svg.path');
		if (rings.length > 0) put(walk, { d: null, rule: 'nonzero', rings, isGround: stroke === 'ground' });
	}
}

function put(walk: Walk, shape: Drawn): void {
	walk.points += shape.rings.reduce((sum, ring) => sum + ring.length / 2, 0);
	if (walk.points > MOST_POINTS) throw new TooMuch();
	walk.shapes.push(shape);
}

/** Path data in mm, to 0.0001; null where it, or a transform, cannot be read. */
function moved(d: string, transforms: readonly string[]): string | null {
	const path = [...transforms].reverse().reduce((one, transform) => one.transform(transform), svgpath(d));
	if ((path as unknown as { err: string }).err) return null;
	const text = path.abs().round(4).toString();
	return /NaN|Infinity/.test(text) ? null : text;
}

/** Drawn in its own units, where its pen is as wide all round, and then moved. */
function outlineOfStroke(d: string, style: SvgStyle, transforms: readonly string[]): Ring[] | null {
	const size = sizeOfTransform(transforms);
	if (!(size > 0) || !Number.isFinite(size)) return null;
	/** In units so large that a chord strays no further than it may on the piece. */
	const scaled = moved(d, [`scale(${size})`]);
	const lines = scaled === null ? null : flattenLines(scaled);
	if (lines === null) return null;
	const { strokeWidth, cap, join, miterLimit } = style;
	const rings = uniteShapes(
		lines.map((line) => ({ rings: strokeLines([line], { width: strokeWidth * size, cap, join, miterLimit }), rule: 'nonzero' }))
	);
	const out = rings.map((ring) => moved(writeRing(ring), [...transforms, `scale(${1 / size})`]));
	return out.every((text) => text !== null) ? out.flatMap((text) => flattenPath(text!) ?? []) : null;
}

/** How much larger transforms make a drawing, in the mean of both ways. */
function sizeOfTransform(transforms: readonly string[]): number {
	const corners = moved('M0 0L1000 0L0 1000Z', transforms);
	const ring = corners === null ? undefined : flattenPath(corners)?.[0];
	if (!ring || ring.length < 6) return Number.NaN;
	const [x0, y0, x1, y1, x2, y2] = ring as unknown as [number, number, number, number, number, number];
	return Math.sqrt(Math.abs((x1 - x0) * (y2 - y0) - (y1 - y0) * (x2 - x0))) / 1000;
}

/** What lies on top in the ground colour is cut out of what is under it; at the bottom it is the paper. */
function pathsOf(shapes: readonly Drawn[]): Motif['paths'] {
	const paths: Motif['paths'] = [];
	shapes.forEach((shape, i) => {
		if (shape.isGround) return;
		const over = shapes.slice(i + 1).filter((other) => other.isGround);
		if (over.length === 0 && shape.d !== null && shape.d.length < LONGEST) return void paths.push({ d: shape.d, rule: shape.rule });
		const own = uniteShapes([{ rings: shape.rings, rule: shape.rule }]);
		const left = over.length === 0 ? own : subtractRings(own, uniteShapes(over.map(({ rings, rule }) => ({ rings, rule }))));
		const d = left.map(writeRing).join('');
		if (d.length > LONGEST) throw new TooMuch();
		if (d !== '') paths.push({ d, rule: 'evenodd' });
	});
	return paths;
}

function writeRing(ring: Ring): string {
	return `M${ring.map((value) => Math.round(value * 1e4) / 1e4).join(' ')}Z`;
}
