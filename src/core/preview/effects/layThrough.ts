import { copyPlanes, type Planes } from '../planes';
import type { Through } from '../scene';
import { eachOpenPixel } from './mask';

/** What an effect lays, only where motifs are open: it is laid on a copy, and taken over by how much of a pixel is open. */
export function layThrough(planes: Planes, { spots, edge }: Through, scale: number, lay: (planes: Planes) => void): void {
	if (spots.length === 0) return;
	const laid = copyPlanes(planes);
	lay(laid);
	for (const spot of spots)
		eachOpenPixel(planes, spot, edge, scale, (i, amount) => {
			const share = amount / 255;
			for (let at = i * 3; at < i * 3 + 3; at++) planes.rgb[at] = planes.rgb[at]! + (laid.rgb[at]! - planes.rgb[at]!) * share + 0.5;
			planes.relief[i] = planes.relief[i]! + (laid.relief[i]! - planes.relief[i]!) * share;
			if (amount < 128) return;
			planes.gloss[i] = laid.gloss[i]!;
			planes.wear[i] = laid.wear[i]!;
		});
}
