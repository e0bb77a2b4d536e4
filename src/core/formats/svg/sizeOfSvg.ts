const MM_PER_UNIT: Readonly<Record<string, number>> = {
	mm: 1,
	cm: 10,
	in: 25.4,
	pt: 25.4 / 72,
	pc: 25.4 / 6,
	px: 25.4 / 96,
	'': 25.4 / 96
};

export interface SvgSize {
	/** mm. */
	readonly width: number;
	readonly height: number;
	/** Transform from the units of the drawing to mm. */
	readonly toMm: string;
}

/** A motif is no smaller and no larger, mm. */
export const SVG_SIZES = { least: 1, most: 2000 };

/** The size of a drawing from its width and height, or from its view box at 96 to the inch; null where neither gives 1 to 2000 mm. */
export function sizeOfSvg(attributes: Readonly<Record<string, string>>): SvgSize | null {
	const box = attributes['viewBox']
		?.trim()
		.split(/[\s,]+/)
		.map(Number);
	const [x = 0, y = 0, boxWidth, boxHeight] = box ?? [];
	const given = { width: readSize(attributes['width']), height: readSize(attributes['height']) };
	const px = MM_PER_UNIT['']!;
	const ratio = boxWidth && boxHeight ? boxHeight / boxWidth : undefined;
	const width = given.width ?? (given.height !== undefined && ratio ? given.height / ratio : boxWidth && boxWidth * px);
	const height = given.height ?? (given.width !== undefined && ratio ? given.width * ratio : boxHeight && boxHeight * px);
	if (!isSize(width) || !isSize(height)) return null;
	if (box === undefined) return { width, height, toMm: `scale(${px})` };
	if (box.length !== 4 || !box.every(Number.isFinite) || !(boxWidth! > 0 && boxHeight! > 0)) return null;
	const [across, down] = [width / boxWidth!, height / boxHeight!];
	if (attributes['preserveAspectRatio']?.trim() === 'none')
		return { width, height, toMm: `scale(${across} ${down}) translate(${-x} ${-y})` };
	/** Whole, and in the middle, as a viewer shows it. */
	const scale = Math.min(across, down);
	const [left, top] = [(width - scale * boxWidth!) / 2, (height - scale * boxHeight!) / 2];
	return { width, height, toMm: `translate(${left} ${top}) scale(${scale}) translate(${-x} ${-y})` };
}

function readSize(text: string | undefined): number | undefined {
	const match = /^\s*\+?(\d*\.?\d+(?:e[+-]?\d+)?)\s*(mm|cm|in|pt|pc|px|)\s*$/i.exec(text ?? '');
	return match ? Number(match[1]) * MM_PER_UNIT[match[2]!.toLowerCase()]! : undefined;
}

function isSize(value: number | undefined): value is number {
	return value !== undefined && value >= SVG_SIZES.least && value <= SVG_SIZES.most;
}
