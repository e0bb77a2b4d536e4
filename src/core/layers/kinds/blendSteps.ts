import { METHODS } from '../methods';
import type { BlendMethodId } from '../methods/schema';
import type { StepSetting } from './types';

interface Blended {
	readonly method: BlendMethodId;
	readonly times: number;
	readonly drawers?: 'in' | 'out' | undefined;
}

const DRAWERS = {
	in: {
		before: 'Leave drawers and doors in: you see the front as one.',
		after: 'When it is dry, take them out and paint their edges and tops to match: they show when a drawer is open.'
	},
	out: {
		before: 'Take drawers and doors out, and stand them in their order, edge to edge, so that the colours run on.',
		after: 'Put them back before the second pass and look at all of them from afar: one that does not match its neighbours shows now.'
	}
} as const;

/** How a blended coat is done, step by step, as its method, its colours, its passes and the choice about drawers make it. Source: craft 4. */
export function stepsOfBlend(coat: Blended, { moves, colours = 2 }: StepSetting): string[] {
	const { steps, alone, passes, water, wipe } = METHODS[coat.method];
	const { before, after } = DRAWERS[coat.drawers ?? 'in'];
	return [
		...(moves ? [before] : []),
		`Water: ${water}`,
		...(coat.times > 1 ? [`First pass: ${passes[0]}`, `Second pass${coat.times > 2 ? ' and later' : ''}: ${passes[1]}`] : []),
		...(colours === 1 ? alone : steps),
		wipe,
		...(moves ? [after] : [])
	];
}
