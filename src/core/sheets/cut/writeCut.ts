import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units, type CommonEntityOptions } from '@tarikjabiri/dxf';
import type { CutSheet } from './describeCut';

const n = (value: number) => String(Math.round(value * 1000) / 1000);
const escape = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** A cut sheet as SVG at true size, one unit a millimetre: a group to cut, one to mark, and one for the edge of the sheet. */
export function writeCutSvg({ title, width, height, cuts, register }: CutSheet): string {
	const paths = cuts.map((ring) => `\t\t<path d="M${ring.map(n).join(' ')}Z"/>\n`).join('');
	const lines = register.map(({ x1, y1, x2, y2 }) => `\t\t<line x1="${n(x1)}" y1="${n(y1)}" x2="${n(x2)}" y2="${n(y2)}"/>\n`).join('');
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="0 0 ${n(width)} ${n(height)}">
	<title>${escape(title)}</title>
	<g id="cut" fill="none" stroke="#c00000" stroke-width="0.1">
${paths}	</g>
	<g id="register" fill="none" stroke="#0050a0" stroke-width="0.1">
${lines}	</g>
	<g id="sheet" fill="none" stroke="#808080" stroke-width="0.1">
		<rect x="0" y="0" width="${n(width)}" height="${n(height)}"/>
	</g>
</svg>
`;
}

/** The same as DXF in millimetres, its origin the bottom left corner, y upwards: layers CUT, REGISTER and SHEET. */
export function writeCutDxf({ width, height, cuts, register }: CutSheet): string {
	const dxf = new DxfWriter();
	dxf.setUnits(Units.Millimeters);
	dxf.addLayer('CUT', Colors.Red, 'Continuous');
	dxf.addLayer('REGISTER', Colors.Blue, 'Continuous');
	dxf.addLayer('SHEET', Colors.White, 'Continuous');
	const on = (layerName: string) => ({ layerName }) as CommonEntityOptions;
	const closed = (points: readonly (readonly [number, number])[], layer: string) =>
		dxf.addLWPolyline(
			points.map(([x, y]) => ({ point: point2d(x, height - y) })),
			{ flags: LWPolylineFlags.Closed, ...on(layer) }
		);
	for (const ring of cuts) closed(pairs(ring), 'CUT');
	for (const { x1, y1, x2, y2 } of register) dxf.addLine(point3d(x1, height - y1), point3d(x2, height - y2), on('REGISTER'));
	closed(
		[
			[0, 0],
			[width, 0],
			[width, height],
			[0, height]
		],
		'SHEET'
	);
	return dxf.stringify();
}

function pairs(ring: readonly number[]): (readonly [number, number])[] {
	return Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!] as const);
}
