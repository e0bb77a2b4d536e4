import type { CardInfo } from '../pool';
import type { Colour } from '$core/colour';
import type { Motif } from '$core/layout';
import type { Project, WorkshopSettings } from '$core/project';
import { customType, date, doublePrecision, index, integer, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';

const bytea = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });

/** One piece: its project document, a version that each save raises by one, and where it stands among its revisions. */
export const pieces = pgTable('pieces', {
	id: uuid().primaryKey().defaultRandom(),
	version: integer().notNull().default(1),
	place: integer().notNull().default(1),
	document: jsonb().$type<Project>().notNull(),
	createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
	updatedAt: timestamp('updated_at', { withTimezone: true }).notNull().defaultNow(),
	/** In the bin since then; null: in the workshop. */
	removedAt: timestamp('removed_at', { withTimezone: true })
});

/** What Pieces shows of a piece, or what is wrong with it. Lengths mm. */
export type Card =
	| ({ readonly kind: 'sound' } & CardInfo)
	| { readonly kind: 'faulty'; readonly faults: readonly { readonly path: string; readonly message: string }[] }
	/** Its plan came to no end: the piece itself may be as sound as any. */
	| { readonly kind: 'stopped'; readonly why: 'too-long' | 'too-big' };

/** Made of a piece after a save, so that a list of pieces reads none of them. */
export const cards = pgTable('cards', {
	piece: uuid()
		.primaryKey()
		.references(() => pieces.id, { onDelete: 'cascade' }),
	version: integer().notNull(),
	card: jsonb().$type<Card>().notNull(),
	/** PNG of its first face. */
	picture: bytea()
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

/** Photographs, in the database like all else, so that one directory is the whole workshop. Named by the SHA-256 of their bytes; named last, when all of them are there. */
export const pictures = pgTable('pictures', {
	id: text().primaryKey(),
	type: text().notNull(),
	width: integer().notNull(),
	height: integer().notNull(),
	size: integer().notNull(),
	createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
	/** When a piece last named it, as far as was looked. */
	namedAt: timestamp('named_at', { withTimezone: true }).notNull().defaultNow()
});

/** The bytes of a photograph, a MiB a row: see `pictureBytes`. */
export const pictureParts = pgTable(
	'picture_parts',
	{ picture: text().notNull(), part: integer().notNull(), bytes: bytea().notNull() },
	(table) => [primaryKey({ columns: [table.picture, table.part] })]
);

/** Days on which the workshop was open, by its clock: what lies in the bin is counted by them, so that a clock which is wrong once empties nothing. */
export const daysOpen = pgTable('days_open', { day: date().primaryKey() });

/** What holds in the workshop, step by step, and at which it stands (one row): pieces keep their copy. */
export const workshopSteps = pgTable('workshop_steps', {
	place: integer().primaryKey(),
	document: jsonb().$type<WorkshopSettings>().notNull(),
	savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow()
});
export const workshopPlace = pgTable('workshop_place', { id: integer().primaryKey(), place: integer().notNull() });

/** What was really done, beside the project: undoing a plan undoes no work. A fact that was wrong is put right by another that names it. */
export const facts = pgTable(
	'facts',
	{
		id: uuid().primaryKey().defaultRandom(),
		piece: uuid()
			.notNull()
			.references(() => pieces.id, { onDelete: 'cascade' }),
		/** The coat, and of that the sitting, where it was one. */
		coat: text().notNull(),
		sitting: text(),
		what: text().notNull(),
		/** When it happened, by the clock of the server. */
		at: timestamp({ withTimezone: true }).notNull(),
		amount: doublePrecision(),
		unit: text(),
		words: text(),
		corrects: uuid(),
		notedAt: timestamp('noted_at', { withTimezone: true }).notNull().defaultNow()
	},
	(table) => [index('facts_by_piece').on(table.piece, table.at)]
);
