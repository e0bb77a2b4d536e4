import {
	Colors,
	DxfWriter,
	point3d,
	TextHorizontalAlignment,
	TextVerticalAlignment,
	Units,
	type CommonEntityOptions
} from '@tarikjabiri/dxf';
import type { Edge } from '../../geometry';
import { DRAWING_LAYERS, type DrawnItem, type DrawingLayer, type MeasuredDrawing } from './describeMeasured';

const COLOURS: Readonly<Record<DrawingLayer, number>> = {
	OUTLINE: Colors.White,
	PARTS: Colors.White,
	GAPS: Colors.Cyan,
	HARDWARE: Colors.Red,
	HOLES: Colors.Red,
	DIMENSIONS: Colors.Green,
	TEXT: Colors.Yellow
};

/** A measured drawing as DXF in millimetres, its origin the bottom left corner of the face, y upwards, one layer for each kind; arcs and ellipses stay what they are. */
export function writeDrawingDxf({ items, face }: MeasuredDrawing): string {
	const dxf = new DxfWriter();
	dxf.setUnits(Units.Millimeters);
	for (const layer of DRAWING_LAYERS) dxf.addLayer(layer, COLOURS[layer], 'Continuous');
	const up = (y: number) => face.height - y;
	for (const item of items) draw(dxf, item, up);
	return dxf.stringify();
}

function draw(dxf: DxfWriter, item: DrawnItem, up: (y: number) => number): void {
	const on = { layerName: item.layer } as CommonEntityOptions;
	switch (item.kind) {
		case 'outline':
			for (const edge of item.outline) drawEdge(dxf, edge, on, up);
			return;
		case 'line':
			dxf.addLine(point3d(item.x1, up(item.y1)), point3d(item.x2, up(item.y2)), on);
			return;
		case 'circle':
			dxf.addCircle(point3d(item.x, up(item.y)), item.radius, on);
			return;
		case 'text': {
			const at = point3d(item.x, up(item.y));
			dxf.addText(at, item.size, item.text, {
				...on,
				rotation: item.turn,
				horizontalAlignment: item.anchor === 'middle' ? TextHorizontalAlignment.Center : TextHorizontalAlignment.Left,
				verticalAlignment: TextVerticalAlignment.BaseLine,
				...(item.anchor === 'middle' ? { secondAlignmentPoint: at } : {})
			});
		}
	}
}

const DEGREES = 180 / Math.PI;

function drawEdge(dxf: DxfWriter, edge: Edge, on: CommonEntityOptions, up: (y: number) => number): void {
	if (edge.kind === 'line') dxf.addLine(point3d(edge.from.x, up(edge.from.y)), point3d(edge.to.x, up(edge.to.y)), on);
	else if (edge.kind === 'ellipse') {
		const isWide = edge.rx >= edge.ry;
		const [long, short] = isWide ? [edge.rx, edge.ry] : [edge.ry, edge.rx];
		dxf.addEllipse(
			point3d(edge.centre.x, up(edge.centre.y)),
			isWide ? point3d(long, 0) : point3d(0, long),
			short / long,
			0,
			2 * Math.PI,
			on
		);
	} else if (Math.abs(edge.sweep) >= 2 * Math.PI - 1e-9) dxf.addCircle(point3d(edge.centre.x, up(edge.centre.y)), edge.radius, on);
	else {
		/** Arcs run anticlockwise there; with y upwards our clockwise is that the other way round. */
		const [a, b] = [-(edge.start + edge.sweep), -edge.start];
		const [from, to] = edge.sweep > 0 ? [a, b] : [b, a];
		const turn = (angle: number) => (((angle * DEGREES) % 360) + 360) % 360;
		dxf.addArc(point3d(edge.centre.x, up(edge.centre.y)), edge.radius, turn(from), turn(to), on);
	}
}
