import type { Quantities } from './countQuantities';

export interface ToolRow {
	readonly tool: string;
	readonly count: number;
	/** Coats that it is for, by id. */
	readonly coats: readonly string[];
}

/** Every tool once: as many as the coat that needs most of them, since they are washed in between. */
export function listTools(tools: Quantities['tools']): ToolRow[] {
	const names = [...new Set(tools.map(({ tool }) => tool))];
	return names.map((tool) => {
		const all = tools.filter((one) => one.tool === tool);
		return { tool, count: Math.max(...all.map(({ count }) => count)), coats: all.map(({ coat }) => coat) };
	});
}
