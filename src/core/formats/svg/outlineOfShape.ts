/** The path data of a basic shape of an SVG; null where its figures do not give one. */
export function outlineOfShape(name: string, attributes: Readonly<Record<string, string>>): string | null {
	const n = (key: string, otherwise = 0) => (attributes[key] === undefined ? otherwise : Number.parseFloat(attributes[key]));
	switch (name) {
		case 'path':
			return attributes['d']?.trim() ? attributes['d'] : null;
		case 'rect':
			return rectangle({ x: n('x'), y: n('y'), width: n('width'), height: n('height'), wishX: n('rx', n('ry')), wishY: n('ry', n('rx')) });
		case 'circle':
			return ellipse(n('cx'), n('cy'), n('r'), n('r'));
		case 'ellipse':
			return ellipse(n('cx'), n('cy'), n('rx'), n('ry'));
		case 'line':
			return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`;
		case 'polyline':
		case 'polygon': {
			const points = (attributes['points'] ?? '').trim().split(/[\s,]+/);
			return points.length >= 4 ? `M${points.join(' ')}${name === 'polygon' ? 'Z' : ''}` : null;
		}
		default:
			return null;
	}
}

function ellipse(x: number, y: number, rx: number, ry: number): string | null {
	if (!(rx > 0 && ry > 0)) return null;
	return `M${x - rx} ${y}A${rx} ${ry} 0 0 1 ${x + rx} ${y}A${rx} ${ry} 0 0 1 ${x - rx} ${y}Z`;
}

function rectangle({
	x,
	y,
	width,
	height,
	wishX,
	wishY
}: {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
	readonly wishX: number;
	readonly wishY: number;
}): string | null {
	if (!(width > 0 && height > 0)) return null;
	const [rx, ry] = [Math.min(Math.max(0, wishX), width / 2), Math.min(Math.max(0, wishY), height / 2)];
	if (rx === 0 || ry === 0) return `M${x} ${y}h${width}v${height}h${-width}Z`;
	const arc = (dx: number, dy: number) => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
	return `M${x + rx} ${y}h${width - 2 * rx}${arc(rx, ry)}v${height - 2 * ry}${arc(-rx, ry)}h${2 * rx - width}${arc(-rx, -ry)}v${2 * ry - height}${arc(rx, -ry)}Z`;
}
