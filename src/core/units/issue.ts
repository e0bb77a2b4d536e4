/** One thing that is wrong with an input. The words stand in `plan/wordIssue.ts`; here it is only data. */
export interface Issue {
	/** `room.what`, for example `length.ambiguous`. */
	readonly code: string;
	/** Where in the project: `piece.faces[0].chain[3].reading`. Empty for the whole document. */
	readonly path: string;
	readonly values?: Readonly<Record<string, string | number>>;
}
