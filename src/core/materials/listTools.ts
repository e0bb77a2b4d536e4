import type { Quantities } from './countQuantities';

export interface ToolRow {
	readonly tool: string;
	readonly count: number;
	/** Coats that it is for, by id. */
	readonly coats: readonly string[];
}

/** Every tool once: as many as are in hand at once, in the sitting that needs most of them, since they are washed in between. */
export function listTools(tools: Quantities['tools']): ToolRow[] {
	const names = [...new Set(tools.map(({ tool }) => tool))];
	return names.map((tool) => {
		const all = tools.filter((one) => one.tool === tool);
		const sittings = [...new Set(all.map(({ sitting }) => sitting))];
		const inHand = sittings.map((id) => all.reduce((sum, { sitting, count }) => sum + (sitting === id ? count : 0), 0));
		return { tool, count: Math.max(...inHand), coats: all.map(({ coat }) => coat) };
	});
}
