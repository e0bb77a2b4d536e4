import { UM_PER_MM, type Mm } from '../../units';
import type { Material } from '../material';

/** How high paste stands when it is dry, mm: so many times the usual height of its material. */
export function pasteHeight(thickness: number, { film }: Pick<Material, 'film'>): Mm {
	return (thickness * film) / UM_PER_MM;
}

/** How many times its usual height a height (mm) is. */
export function thicknessOfPaste(height: Mm, { film }: Pick<Material, 'film'>): number {
	return (height * UM_PER_MM) / film;
}
