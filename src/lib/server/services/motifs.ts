import type { Motif } from '$core/layout';
import { asc, sql } from 'drizzle-orm';
import { createHash } from 'node:crypto';
import { motifs, type Database } from '../db';

/** All motifs of the store as a text of JSON, in the order they came: they are large, and not read here. */
export async function listMotifs(db: Database): Promise<string> {
	const rows = await db
		.select({ document: sql<string>`${motifs.document}::text` })
		.from(motifs)
		.orderBy(asc(motifs.createdAt), asc(motifs.id));
	return `[${rows.map(({ document }) => document).join()}]`;
}

/** Keeps a motif that was read (`readSvg` and `readMotifText` of the pool); one of the same id is replaced. Pieces keep the copy they have. */
export async function keepMotif(db: Database, motif: Motif): Promise<void> {
	await db
		.insert(motifs)
		.values({ id: motif.id, document: motif })
		.onConflictDoUpdate({ target: motifs.id, set: { document: motif } });
}

/** The name of its file, where its letters can be an id; else what of them can, and a mark of the whole, so that no two names in any script are one. */
export function idOfFile(fileName: string): string {
	const name = fileName
		.normalize('NFC')
		.toLowerCase()
		.replace(/\.svg$/, '');
	const plain = name
		.normalize('NFKD')
		.replace(/\p{M}/gu, '')
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '');
	const keepsAll = !/[^\P{L}a-z]|[^\P{N}0-9]/u.test(name) && plain !== '';
	if (keepsAll && plain.length <= LONGEST_ID) return plain;
	const mark = createHash('sha256').update(name).digest('hex').slice(0, MARK);
	const kept = plain.slice(0, LONGEST_ID - MARK - 1).replace(/-+$/, '');
	return `${kept || 'motif'}-${mark}`;
}

const LONGEST_ID = 40;
const MARK = 8;
