import { MOTIF_USES, type Motif } from '../layout';
import { shortenName, type Issue } from '../units';
import { drawSvg } from './svg/drawSvg';
import { parseSvg } from './svg/parseSvg';
import { SVG_SIZES, sizeOfSvg } from './svg/sizeOfSvg';

export type ReadMotif =
	| {
			readonly ok: true;
			readonly motif: Motif;
			/** What of the drawing was passed over, and why. */
			readonly notRead: readonly Issue[];
	  }
	| { readonly ok: false; readonly issues: readonly Issue[] };

/**
 * Reads the openings of a stencil from an SVG: what is filled, and strokes turned into outlines, in groups, with transforms, `use`, fill
 * rules and inherited style. What is in the ground colour (white, unless the drawing says otherwise) is knocked out of what lies under
 * it; what is hidden or not filled is left out; what is not read is named with its line. Nothing outside the file is ever fetched, and
 * entities are refused. Source: methods 6.
 */
export function readMotifSvg(svg: string, id: string): ReadMotif {
	const parsed = parseSvg(svg);
	if (!parsed.ok) return parsed;
	const size = sizeOfSvg(parsed.root.attributes);
	if (size === null) return { ok: false, issues: [{ code: 'svg.no-size', path: 'svg', values: SVG_SIZES }] };
	const drawn = drawSvg(parsed.root, size.toMm);
	if (!drawn.ok) return drawn;
	if (drawn.paths.length === 0)
		return { ok: false, issues: drawn.notRead.length > 0 ? drawn.notRead : [{ code: 'svg.empty', path: 'svg' }] };
	const name = shortenName(parsed.title.trim()) || id;
	const motif = { id, name, width: size.width, height: size.height, paths: drawn.paths, ...saidOf(parsed.root.attributes) };
	return { ok: true, motif, notRead: drawn.notRead };
}

/** What our own drawings say of themselves: `data-use`, `data-up`, `data-mirror`, `data-mould` (height in mm and share of shrinkage). */
function saidOf(attributes: Readonly<Record<string, string>>): Partial<Motif> {
	const use = MOTIF_USES.find((word) => word === attributes['data-use']);
	const said = (key: string) => (attributes[key] === 'yes' ? true : attributes[key] === 'no' ? false : undefined);
	const [up, mirror] = [said('data-up'), said('data-mirror')];
	const [height, shrinkage] = (attributes['data-mould'] ?? '').split(' ').map(Number);
	const mould = height! > 0 && height! <= 100 && shrinkage! >= 0 && shrinkage! <= 0.5 ? { height: height!, shrinkage: shrinkage! } : null;
	return {
		...(mould ? { mould } : {}),
		...(use ? { use } : {}),
		...(up === undefined ? {} : { up }),
		...(mirror === undefined ? {} : { mirror })
	};
}
