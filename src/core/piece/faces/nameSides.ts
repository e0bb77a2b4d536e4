import type { EdgeSide, Piece } from '../schema';
import { howItLies } from './measureFace';

const OPPOSITE: Readonly<Record<EdgeSide, EdgeSide>> = { top: 'bottom', bottom: 'top', left: 'right', right: 'left' };

/**
 * What the four edges of a face are called: of one that lies level by what each meets, since nobody calls the front edge of a table its bottom;
 * the one across from a front is at the back. Of a face that stands by the side alone.
 */
export function nameSides({ faces, seams }: Pick<Piece, 'faces' | 'seams'>, id: string): Readonly<Record<EdgeSide, string>> {
	const face = faces.find((other) => other.id === id);
	const plain = { top: 'top', right: 'right', bottom: 'bottom', left: 'left' };
	if (!face || howItLies(face.kind) === 'upright') return plain;
	const meets = (side: EdgeSide) => {
		const seam = seams.find(({ a, b }) => [a, b].some((end) => end.face === id && end.side === side));
		const other = seam && (seam.a.face === id && seam.a.side === side ? seam.b : seam.a);
		return faces.find((one) => one.id === other?.face);
	};
	const name = (side: EdgeSide) => {
		const other = meets(side);
		if (other) return `${side}, at the ${other.name.toLowerCase()}`;
		return meets(OPPOSITE[side])?.kind === 'front' ? `${side}, at the back` : side;
	};
	return { top: name('top'), right: name('right'), bottom: name('bottom'), left: name('left') };
}
