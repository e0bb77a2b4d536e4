import { SaxesParser, type SaxesTagPlain } from 'saxes';
import svgpath from 'svgpath';
import { flattenPath } from '../geometry';
import type { Motif } from '../layout';
import type { Issue } from '../units';

export type ReadMotif = { readonly ok: true; readonly motif: Motif } | { readonly ok: false; readonly issues: readonly Issue[] };

export const LARGEST_SVG = 1_000_000;
const DEEPEST = 20;
const SILENT = new Set(['title', 'desc', 'metadata', 'defs', 'style']);
const MM_PER_UNIT: Readonly<Record<string, number>> = {
	mm: 1,
	cm: 10,
	in: 25.4,
	pt: 25.4 / 72,
	pc: 25.4 / 6,
	px: 25.4 / 96,
	'': 25.4 / 96
};

interface Inherited {
	readonly rule: 'nonzero' | 'evenodd';
	readonly transforms: readonly string[];
}

/**
 * Reads the openings of a stencil from an SVG: filled paths in groups, with transforms and fill rules. Anything else
 * that would draw is named with its line and refused; nothing outside the file is ever fetched, and entities are refused.
 */
export function readMotifSvg(svg: string, id: string): ReadMotif {
	if (svg.length > LARGEST_SVG) return { ok: false, issues: [{ code: 'svg.too-large', path: '', values: { most: LARGEST_SVG / 1e6 } }] };
	const issues: Issue[] = [];
	const paths: Motif['paths'] = [];
	const stack: Inherited[] = [{ rule: 'nonzero', transforms: [] }];
	const parser = new SaxesParser();
	let size: { width: number; height: number; toMm: string } | null = null;
	let name = '';
	let silent = 0;
	let inTitle = false;
	const refuse = (code: string, what = '') => issues.push({ code, path: `line ${parser.line}`, values: { what } });

	parser.on('doctype', () => refuse('svg.doctype'));
	parser.on('error', (error) => {
		if (issues.length === 0) refuse('svg.not-xml', error.message.replace(/^\d+:\d+: /, ''));
	});
	parser.on('text', (text) => {
		if (inTitle && stack.length === 3) name += text;
	});
	parser.on('opentag', (tag: SaxesTagPlain) => {
		const above = stack.at(-1)!;
		stack.push({
			rule: ruleOf(tag.attributes) ?? above.rule,
			transforms: tag.attributes['transform'] ? [...above.transforms, tag.attributes['transform']] : above.transforms
		});
		if (stack.length > DEEPEST) return void refuse('svg.too-deep');
		if (silent > 0 || SILENT.has(tag.name)) {
			silent++;
			inTitle = tag.name === 'title';
			return;
		}
		if (tag.name === 'svg' && stack.length === 2) size = sizeOf(tag.attributes);
		else if (tag.name === 'path') readPath(tag.attributes, stack.at(-1)!);
		else if (tag.name !== 'g') refuse('svg.element', tag.name);
	});
	parser.on('closetag', () => {
		stack.pop();
		if (silent > 0) silent--;
		inTitle = false;
	});

	function readPath(attributes: Record<string, string>, { rule, transforms }: Inherited): void {
		if (attributes['fill'] === 'none') return void refuse('svg.stroke');
		const moved = [...transforms].reverse().reduce((path, transform) => path.transform(transform), svgpath(attributes['d'] ?? ''));
		const d = moved
			.transform(size?.toMm ?? '')
			.abs()
			.round(4)
			.toString();
		if (!flattenPath(d)?.length) return void refuse('svg.path');
		paths.push({ d, rule });
	}

	try {
		parser.write(svg).close();
	} catch (error) {
		if (issues.length === 0) refuse('svg.not-xml', String(error));
	}
	const found = size as { width: number; height: number } | null;
	if (issues.length === 0 && found === null) issues.push({ code: 'svg.no-size', path: 'svg' });
	if (issues.length === 0 && paths.length === 0) issues.push({ code: 'svg.empty', path: 'svg' });
	if (issues.length > 0 || found === null) return { ok: false, issues };
	return { ok: true, motif: { id, name: name.trim().slice(0, 80) || id, width: found.width, height: found.height, paths } };
}

function sizeOf(attributes: Record<string, string>): { width: number; height: number; toMm: string } | null {
	const box = attributes['viewBox']
		?.trim()
		.split(/[\s,]+/)
		.map(Number);
	const [x = 0, y = 0, boxWidth, boxHeight] = box ?? [];
	const width = readSize(attributes['width']) ?? boxWidth;
	const height = readSize(attributes['height']) ?? boxHeight;
	if (!isSize(width) || !isSize(height)) return null;
	const scale = `scale(${width / (boxWidth ?? width)} ${height / (boxHeight ?? height)})`;
	return { width, height, toMm: box ? `${scale} translate(${-x} ${-y})` : '' };
}

function readSize(text: string | undefined): number | undefined {
	const match = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc|px|)\s*$/.exec(text ?? '');
	return match ? Number(match[1]) * MM_PER_UNIT[match[2]!]! : undefined;
}

function isSize(value: number | undefined): value is number {
	return value !== undefined && value >= 1 && value <= 2000;
}

function ruleOf(attributes: Record<string, string>): Inherited['rule'] | null {
	const written = attributes['fill-rule'] ?? /fill-rule\s*:\s*(\w+)/.exec(attributes['style'] ?? '')?.[1];
	return written === 'evenodd' ? 'evenodd' : written === 'nonzero' ? 'nonzero' : null;
}
