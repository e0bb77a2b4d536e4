/** What a program said, without where things lie on this machine: that is nobody's on the other side. */
export function withoutPaths(text: string): string {
	return text.replace(/(?<![\w.])(?:file:\/\/)?\.{0,2}\/[^\s:'"),;]*/g, '...');
}
