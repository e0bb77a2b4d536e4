import { readMotifSvg } from '$core/formats';
import type { Motif } from '$core/layout';
import type { Issue } from '$core/units';
import { asc } from 'drizzle-orm';
import { motifs, type Database } from '../db';

export async function listMotifs(db: Database): Promise<Motif[]> {
	return (await db.select().from(motifs).orderBy(asc(motifs.createdAt), asc(motifs.id))).map((row) => row.document);
}

/** Reads a stencil motif from an SVG into the store; one of the same id is replaced. Pieces keep the copy they have. */
export async function addMotif(
	db: Database,
	fileName: string,
	svg: string
): Promise<{ readonly kind: 'added'; readonly motif: Motif } | { readonly kind: 'bad'; readonly issues: readonly Issue[] }> {
	const read = readMotifSvg(svg, idOfFile(fileName));
	if (!read.ok) return { kind: 'bad', issues: read.issues };
	await db
		.insert(motifs)
		.values({ id: read.motif.id, document: read.motif })
		.onConflictDoUpdate({ target: motifs.id, set: { document: read.motif } });
	return { kind: 'added', motif: read.motif };
}

function idOfFile(fileName: string): string {
	const plain = fileName
		.toLowerCase()
		.replace(/\.svg$/, '')
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 40)
		.replace(/-+$/, '');
	return plain || 'motif';
}
