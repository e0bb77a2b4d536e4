import { shaped, type Shaped } from './types';

/** An ellipse from its width and height; a circle where they are equal. */
export function shapeEllipse(width: number, height: number): Shaped {
	const centre = { x: width / 2, y: height / 2 };
	if (Math.abs(width - height) < 1e-9) {
		const right = { x: width, y: height / 2 };
		return shaped([{ kind: 'arc', from: right, to: right, centre, radius: width / 2, start: 0, sweep: 2 * Math.PI }]);
	}
	return shaped([{ kind: 'ellipse', centre, rx: width / 2, ry: height / 2 }]);
}
