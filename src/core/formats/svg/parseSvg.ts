import { SaxesParser, type SaxesTagPlain } from 'saxes';
import type { Issue } from '../../units';

export interface SvgNode {
	readonly name: string;
	readonly line: number;
	readonly attributes: Readonly<Record<string, string>>;
	readonly children: readonly SvgNode[];
}

export type ParsedSvg =
	{ readonly ok: true; readonly root: SvgNode; readonly title: string } | { readonly ok: false; readonly issues: readonly Issue[] };

const LARGEST_SVG = 4_000_000;
const DEEPEST = 60;
const MOST_ELEMENTS = 20_000;

/** The elements of an SVG as a tree, each with its line. Deep nesting, document types with entities, too many elements and broken XML end in an issue. */
export function parseSvg(svg: string): ParsedSvg {
	if (svg.length > LARGEST_SVG) return fail('svg.too-large', '', { most: LARGEST_SVG / 1e6 });
	let fault: Issue | null = null;
	const parser = new SaxesParser();
	const root: { children: SvgNode[] } = { children: [] };
	const open: { readonly name: string; readonly children: SvgNode[] }[] = [{ name: '', children: root.children }];
	let [title, count] = ['', 0];
	/** The first fault is the one that is told; what comes after it follows from it. */
	const refuse = (code: string, what = '') => {
		fault ??= { code, path: `line ${parser.line}`, values: { what } };
		throw new Stop();
	};
	parser.on('doctype', () => refuse('svg.doctype'));
	parser.on('error', (error) => refuse('svg.not-xml', error.message.replace(/^\d+:\d+: /, '')));
	parser.on('text', (text) => {
		if (open.length === 3 && open.at(-1)!.name === 'title') title += text;
	});
	parser.on('opentag', (tag: SaxesTagPlain) => {
		if (open.length > DEEPEST) refuse('svg.too-deep');
		if (++count > MOST_ELEMENTS) refuse('svg.too-many');
		const node = { name: tag.name.replace(/^svg:/, ''), line: parser.line, attributes: { ...tag.attributes }, children: [] as SvgNode[] };
		open.at(-1)!.children.push(node);
		open.push(node);
	});
	parser.on('closetag', () => void open.pop());
	try {
		parser.write(svg).close();
	} catch (error) {
		if (!(error instanceof Stop)) fault ??= { code: 'svg.not-xml', path: `line ${parser.line}`, values: { what: String(error) } };
	}
	if (fault !== null) return { ok: false, issues: [fault] };
	const [first] = root.children;
	return first?.name === 'svg' ? { ok: true, root: first, title } : fail('svg.not-xml', 'line 1', { what: 'its first element is no svg' });
}

class Stop extends Error {}

function fail(code: string, path: string, values: Issue['values'] = {}): ParsedSvg {
	return { ok: false, issues: [{ code, path, values }] };
}
