import type { ChildProcess, StdioOptions } from 'node:child_process';

export function startServer(options: {
	workshop: string;
	port: number;
	stdio?: StdioOptions;
	within?: readonly string[];
}): Promise<{ address: string; server: ChildProcess }>;

export function freePort(): Promise<number>;
