import type { ChildProcess, StdioOptions } from 'node:child_process';

export function startServer(options: {
	workshop: string;
	port: number;
	stdio?: StdioOptions;
}): Promise<{ address: string; server: ChildProcess }>;
