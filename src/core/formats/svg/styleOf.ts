import { readCss } from '../../colour';

/** What of an element's style decides what of it is an opening; handed down from what it stands in. */
export interface SvgStyle {
	readonly fill: string;
	readonly stroke: string;
	readonly fillRule: 'nonzero' | 'evenodd';
	readonly strokeWidth: number;
	readonly cap: 'butt' | 'round' | 'square';
	readonly join: 'miter' | 'round' | 'bevel';
	readonly miterLimit: number;
	readonly isHidden: boolean;
}

export const PLAIN_STYLE: SvgStyle = {
	fill: 'black',
	stroke: 'none',
	fillRule: 'nonzero',
	strokeWidth: 1,
	cap: 'butt',
	join: 'miter',
	miterLimit: 4,
	isHidden: false
};

/** The style of an element within another's: its own attributes, and over them its `style`. */
export function styleWithin(above: SvgStyle, attributes: Readonly<Record<string, string>>): SvgStyle {
	const own = { ...attributes, ...declarations(attributes['style']) };
	const see = (key: string) => Number.parseFloat(own[key] ?? '1') > 0;
	const one = <T extends string>(key: string, of: readonly T[], otherwise: T): T =>
		of.find((word) => word === own[key]?.trim()) ?? otherwise;
	const number = (key: string, otherwise: number) => {
		const value = Number.parseFloat(own[key] ?? '');
		return Number.isFinite(value) && value >= 0 ? value : otherwise;
	};
	return {
		fill: see('fill-opacity') ? inherit(own['fill'], above.fill) : 'none',
		stroke: see('stroke-opacity') ? inherit(own['stroke'], above.stroke) : 'none',
		fillRule: one('fill-rule', ['nonzero', 'evenodd'], above.fillRule),
		strokeWidth: number('stroke-width', above.strokeWidth),
		cap: one('stroke-linecap', ['butt', 'round', 'square'], above.cap),
		join: one('stroke-linejoin', ['miter', 'round', 'bevel'], above.join),
		miterLimit: number('stroke-miterlimit', above.miterLimit),
		isHidden:
			(above.isHidden && own['visibility'] !== 'visible') || own['display'] === 'none' || own['visibility'] === 'hidden' || !see('opacity')
	};
}

function inherit(own: string | undefined, above: string): string {
	const text = own?.trim();
	return text === undefined || text === '' || text === 'inherit' ? above : text;
}

function declarations(style: string | undefined): Record<string, string> {
	const found: Record<string, string> = {};
	for (const part of (style ?? '').split(';')) {
		const at = part.indexOf(':');
		if (at > 0)
			found[part.slice(0, at).trim()] = part
				.slice(at + 1)
				.replace('!important', '')
				.trim();
	}
	return found;
}

/** How light a colour has to be to be the ground that a stencil is drawn on: its least channel. */
const GROUND = 0.9;

/** Whether something is laid: `opening` in a colour (or a gradient), `ground` in white, or `none`. */
export function paintOfColour(colour: string): 'opening' | 'ground' | 'none' {
	if (colour === 'none' || colour === 'transparent' || colour === 'context-fill') return 'none';
	const read = readCss(colour);
	/** A gradient, or a pattern. */
	if (read === null) return 'opening';
	if (read.alpha === 0) return 'none';
	return Math.min(read.r, read.g, read.b) >= GROUND ? 'ground' : 'opening';
}
