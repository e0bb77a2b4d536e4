import { shapeBow, shapeEllipse, shapeFree, shapeRectangle, shapeRounded, shapeWave, type Outline, type Shaped } from '../../geometry';
import type { Issue, Mm } from '../../units';
import type { LengthInput } from '../readings/lengths';
import type { OutlineInput } from './outlineSchema';
import type { LengthReader } from '../readings/readLengths';

/**
 * The exact outline (mm, from the left and the top of its box) of a face or a part so wide and high. A figure that is
 * missing or cannot be drawn is reported beside its field, and the plain box stands in for it.
 */
export function shapeOutline({
	input,
	width,
	height,
	path,
	read,
	issues
}: {
	readonly input: OutlineInput;
	readonly width: Mm;
	readonly height: Mm;
	readonly path: string;
	readonly read: LengthReader;
	readonly issues: Issue[];
}): Outline {
	const plain = boxOutline(width, height);
	const figure = (value: LengthInput, name: string) => read(value, `${path}.${name}`, 'zero')?.mm ?? null;
	const drawn = drawShape(input, width, height, figure);
	if (drawn === null) return plain;
	if (drawn.ok) return drawn.outline;
	const { figure: at, code, most } = drawn.fault;
	issues.push({ code: `outline.${code}`, path: `${path}.${at === 'points' ? 'points' : at.replace('swell', 'out')}`, values: { most } });
	return plain;
}

export function boxOutline(width: Mm, height: Mm): Outline {
	const shape = shapeRectangle(Math.max(width, 1e-3), Math.max(height, 1e-3));
	return shape.ok ? shape.outline : [];
}

/** True of the plain box, for which there are shorter ways. */
export function isBoxOutline(outline: Outline): boolean {
	return outline.length === 4 && outline.every((edge) => edge.kind === 'line' && (edge.from.x === edge.to.x || edge.from.y === edge.to.y));
}

function drawShape(input: OutlineInput, width: Mm, height: Mm, figure: (value: LengthInput, name: string) => Mm | null): Shaped | null {
	switch (input.shape) {
		case 'rectangle':
			return shapeRectangle(width, height);
		case 'rounded': {
			const radius = figure(input.radius, 'radius');
			return radius === null ? null : shapeRounded(width, height, radius);
		}
		case 'circle':
			return shapeEllipse(width, width);
		case 'ellipse':
			return shapeEllipse(width, height);
		case 'arch': {
			const rise = figure(input.rise, 'rise');
			const arch = rise === null ? null : shapeBow(width, height, 'top', rise);
			return arch && !arch.ok ? { ok: false, fault: { ...arch.fault, figure: 'rise' } } : arch;
		}
		case 'bow': {
			const depth = figure(input.depth, 'depth');
			return depth === null ? null : shapeBow(width, height, input.side, depth, input.way);
		}
		case 'wave': {
			const depth = figure(input.depth, 'depth');
			return depth === null ? null : shapeWave(width, height, input.side, depth, input.waves);
		}
		case 'free': {
			const points = input.points.map((point, i) => ({
				x: figure(point.x, `points[${i}].x`),
				y: figure(point.y, `points[${i}].y`),
				swell:
					(point.out === '' ? 0 : (figure(point.out, `points[${i}].out`) ?? 0)) -
					(point.in === '' ? 0 : (figure(point.in, `points[${i}].in`) ?? 0))
			}));
			if (points.some(({ x, y }) => x === null || y === null)) return null;
			return shapeFree(width, height, points as { x: number; y: number; swell: number }[]);
		}
	}
}
