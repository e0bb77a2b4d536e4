import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { areaOfOutline, boundsOfOutline } from '../../geometry';
import { planProject } from '../../plan';
import { describeMeasured, describeMeasuredPages, writeDrawingDxf, writeDrawingSvg } from '../index';

const load = (name: string) => {
	const read = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return { project: read.project, plan: planProject(read.project) };
};
const chest = load('sail-loft-chest');
const cabinet = load('chart-cabinet');
const table = load('ferry-table');

/** The entities of a DXF: groups of code and value, from one 0 to the next. */
function entitiesOf(dxf: string) {
	const lines = dxf.split(/\r?\n/).map((line) => line.trim());
	const pairs = Array.from({ length: Math.floor(lines.length / 2) }, (_, i) => [Number(lines[2 * i]), lines[2 * i + 1]!] as const);
	const from = pairs.findIndex(([code, value]) => code === 2 && value === 'ENTITIES');
	const to = pairs.findIndex(([code, value], i) => i > from && code === 0 && value === 'ENDSEC');
	const entities: Map<number, string>[] = [];
	for (const [code, value] of pairs.slice(from + 1, to)) {
		if (code === 0) entities.push(new Map());
		if (!entities.at(-1)!.has(code)) entities.at(-1)!.set(code, value);
	}
	return { entities, pairs };
}
const number = (entity: Map<number, string>, code: number) => Number(entity.get(code));

describe('the measured drawing', () => {
	it('as DXF: in mm, on its layers, every corner of every part where it is, y upwards', () => {
		const face = chest.plan.faces[0]!;
		const drawing = describeMeasured(face, 'mm', 12);
		const { entities, pairs } = entitiesOf(writeDrawingDxf(drawing));
		expect(pairs.find(([, value], i) => pairs[i - 1]?.[1] === '$INSUNITS' && value === '4')).toBeDefined();
		/** The origin is the corner of the face itself: a cutter starts there. */
		const bottom = 940;
		const corners = entities
			.filter((entity) => entity.get(0) === 'LINE' && entity.get(8) === 'PARTS')
			.map((entity) => `${number(entity, 10).toFixed(2)},${(bottom - number(entity, 20)).toFixed(2)}`);
		for (const { x, y, width, height } of face.parts) {
			expect(corners).toContain(`${x.toFixed(2)},${y.toFixed(2)}`);
			expect(corners).toContain(`${(x + width).toFixed(2)},${(y + height).toFixed(2)}`);
		}
		const onLayer = (layer: string) => entities.filter((entity) => entity.get(8) === layer);
		expect(onLayer('HARDWARE').map((entity) => entity.get(0))).toEqual(Array(8).fill('CIRCLE'));
		const centres = onLayer('HARDWARE').map((entity) => [number(entity, 10), bottom - number(entity, 20)]);
		const knobs = face.parts.flatMap(({ x, y, hardware }) => hardware.map(({ centre }) => [x + centre.x, y + centre.y]));
		expect(centres).toEqual(knobs.map((knob) => knob.map((value) => expect.closeTo(value, 2))));
		expect(onLayer('HOLES').map((entity) => number(entity, 40))).toEqual(Array(8).fill(2.5));
		const texts = onLayer('DIMENSIONS').flatMap((entity) => (entity.get(0) === 'TEXT' ? [entity.get(1)] : []));
		for (const figure of ['860', '940']) expect(texts.some((text) => text?.startsWith(figure))).toBe(true);
	});

	it('draws every gap where it is', () => {
		const face = cabinet.plan.faces[0]!;
		const { items } = describeMeasured(face, 'mm', 12);
		const boxes = (layer: string) =>
			items.flatMap((item) => (item.layer === layer && item.kind === 'outline' ? [boundsOfOutline(item.outline)] : []));
		const gaps = face.gaps.flatMap((gap) => gap.boxes);
		expect(gaps.length).toBeGreaterThan(0);
		expect(boxes('GAPS')).toEqual(
			gaps.map(({ x, y, width, height }) => ({
				left: x,
				top: y,
				right: expect.closeTo(x + width, 9),
				bottom: expect.closeTo(y + height, 9)
			}))
		);
	});

	it('keeps a round top round and an arch an arc, whose ends meet its lines', () => {
		const round = entitiesOf(writeDrawingDxf(describeMeasured(table.plan.faces[0]!, 'in', 12))).entities.filter(
			(entity) => entity.get(8) === 'OUTLINE'
		);
		expect(round.map((entity) => entity.get(0))).toEqual([expect.stringMatching(/CIRCLE|ELLIPSE/)]);
		const { entities } = entitiesOf(writeDrawingDxf(describeMeasured(cabinet.plan.faces[0]!, 'mm', 12)));
		const arcs = entities.filter((entity) => entity.get(0) === 'ARC' && entity.get(8) === 'PARTS');
		const lines = entities.filter((entity) => entity.get(0) === 'LINE' && entity.get(8) === 'PARTS');
		expect(arcs.length).toBeGreaterThan(0);
		for (const arc of arcs) {
			const ends = [50, 51].map((code) => {
				const turn = (number(arc, code) * Math.PI) / 180;
				return { x: number(arc, 10) + number(arc, 40) * Math.cos(turn), y: number(arc, 20) + number(arc, 40) * Math.sin(turn) };
			});
			for (const { x, y } of ends) {
				const off = lines.flatMap((line) => [
					Math.hypot(number(line, 10) - x, number(line, 20) - y),
					Math.hypot(number(line, 11) - x, number(line, 21) - y)
				]);
				expect(Math.min(...off)).toBeLessThan(0.001);
			}
		}
	});

	it('as SVG: at true size, names that hold signs written so that they can be read', () => {
		const face = { ...cabinet.plan.faces[0]!, name: 'Front <&> "left"' };
		const svg = writeDrawingSvg(describeMeasured(face, 'mm', 12));
		expect(svg).toContain('<title>Front &lt;&amp;&gt; &quot;left&quot;</title>');
		const [width, units] = [/width="([\d.]+)mm"/, /viewBox="\S+ \S+ ([\d.]+)/].map((pattern) => Number(pattern.exec(svg)![1]));
		expect(width).toBe(units);
		expect(svg).toMatch(/d="[^"]*A/);
		expect(svg).not.toContain('NaN');
	});

	it('on paper: a page for each face that is measured, at a whole scale, on one sheet', () => {
		for (const { project, plan } of [chest, cabinet, table]) {
			const pages = describeMeasuredPages(project, plan, 'a4');
			expect(pages.filter(({ title }) => title.startsWith('Measured drawing'))).toHaveLength(plan.faces.filter(({ idle }) => !idle).length);
			for (const page of pages)
				for (const item of page.items)
					if (item.kind === 'line') {
						expect(Math.min(item.x1, item.x2)).toBeGreaterThanOrEqual(0);
						expect(Math.max(item.x1, item.x2)).toBeLessThanOrEqual(page.width);
						expect(Math.max(item.y1, item.y2)).toBeLessThanOrEqual(page.height);
					}
		}
		expect(areaOfOutline(table.plan.faces[0]!.outline)).toBeCloseTo(Math.PI * (table.plan.faces[0]!.width / 2) ** 2, 3);
	});
});
