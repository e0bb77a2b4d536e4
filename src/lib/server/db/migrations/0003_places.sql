ALTER TABLE "revisions" RENAME COLUMN "version" TO "place";--> statement-breakpoint
DROP INDEX "revisions_by_piece";--> statement-breakpoint
ALTER TABLE "revisions" DROP CONSTRAINT "revisions_piece_version_pk";--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_piece_place_pk" PRIMARY KEY("piece","place");--> statement-breakpoint
ALTER TABLE "pieces" ADD COLUMN "place" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
UPDATE "pieces" SET "place" = "version";--> statement-breakpoint
CREATE INDEX "revisions_by_piece" ON "revisions" USING btree ("piece","place");