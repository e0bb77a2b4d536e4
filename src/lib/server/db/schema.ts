import type { Colour } from '$core/colour';
import type { Motif } from '$core/layout';
import type { Project } from '$core/project';
import { customType, index, integer, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';

const bytea = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });

/** One piece: its project document, a version that each save raises by one, and where it stands among its revisions. */
export const pieces = pgTable('pieces', {
	id: uuid().primaryKey().defaultRandom(),
	version: integer().notNull().default(1),
	place: integer().notNull().default(1),
	document: jsonb().$type<Project>().notNull(),
	createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
	updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow()
});

/** What a piece was step by step, for undo after the page has been closed; those after its place have been undone. */
export const revisions = pgTable(
	'revisions',
	{
		piece: uuid()
			.notNull()
			.references(() => pieces.id, { onDelete: 'cascade' }),
		place: integer().notNull(),
		document: jsonb().$type<Project>().notNull(),
		savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow()
	},
	(table) => [primaryKey({ columns: [table.piece, table.place] }), index('revisions_by_piece').on(table.piece, table.place)]
);

/** Stencil motifs in the workshop's store; a piece keeps its own copy of those it uses, as a project file must stand alone. */
export const motifs = pgTable('motifs', {
	id: text().primaryKey(),
	document: jsonb().$type<Motif>().notNull(),
	createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow()
});

/** Colours on the shelf of the workshop; a piece keeps its own copy of those it uses. */
export const colours = pgTable('colours', {
	id: text().primaryKey(),
	document: jsonb().$type<Colour>().notNull(),
	createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow()
});

/** Photographs, in the database like all else, so that one directory is the whole workshop. Named by the SHA-256 of their bytes. */
export const pictures = pgTable('pictures', {
	id: text().primaryKey(),
	type: text().notNull(),
	width: integer().notNull(),
	height: integer().notNull(),
	bytes: bytea().notNull(),
	createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow()
});
