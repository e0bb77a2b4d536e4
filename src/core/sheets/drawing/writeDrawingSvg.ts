import { writeOutlinePath } from '../../geometry';
import { DRAWING_LAYERS, type DrawnItem, type MeasuredDrawing } from './describeMeasured';

/** A measured drawing as SVG at true size: one unit is one millimetre, a group for each layer. */
export function writeDrawingSvg({ title, left, top, width, height, items }: MeasuredDrawing): string {
	const n = (value: number) => String(Math.round(value * 1000) / 1000);
	const groups = DRAWING_LAYERS.map((layer) => {
		const inner = items.filter((item) => item.layer === layer).map((item) => `\t\t${write(item, n)}`);
		return inner.length === 0
			? ''
			: `\t<g id="${layer.toLowerCase()}" fill="none" stroke="#24211e" stroke-width="${layer === 'OUTLINE' ? 0.7 : 0.35}">\n${inner.join('\n')}\n\t</g>\n`;
	});
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="${[left, top, width, height].map(n).join(' ')}">\n\t<title>${escape(title)}</title>\n${groups.join('')}</svg>\n`;
}

function write(item: DrawnItem, n: (value: number) => string): string {
	switch (item.kind) {
		case 'outline':
			return `<path d="${writeOutlinePath(item.outline)}"${item.dashed ? ' stroke-dasharray="6 4"' : ''}/>`;
		case 'line':
			return `<line x1="${n(item.x1)}" y1="${n(item.y1)}" x2="${n(item.x2)}" y2="${n(item.y2)}"/>`;
		case 'circle':
			return `<circle cx="${n(item.x)}" cy="${n(item.y)}" r="${n(item.radius)}"/>`;
		case 'text': {
			const turn = item.turn === 0 ? '' : ` transform="rotate(-${item.turn} ${n(item.x)} ${n(item.y)})"`;
			return `<text x="${n(item.x)}" y="${n(item.y)}" font-size="${n(item.size)}" font-family="sans-serif" text-anchor="${item.anchor}" fill="#24211e" stroke="none"${turn}>${escape(item.text)}</text>`;
		}
	}
}

function escape(text: string): string {
	return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}
