CREATE TABLE "cards" (
	"piece" uuid PRIMARY KEY NOT NULL,
	"version" integer NOT NULL,
	"card" jsonb NOT NULL,
	"picture" "bytea"
);
--> statement-breakpoint
CREATE TABLE "picture_parts" (
	"picture" text NOT NULL,
	"part" integer NOT NULL,
	"bytes" "bytea" NOT NULL,
	CONSTRAINT "picture_parts_picture_part_pk" PRIMARY KEY("picture","part")
);
--> statement-breakpoint
ALTER TABLE "pictures" ADD COLUMN "size" integer;--> statement-breakpoint
UPDATE "pictures" SET "size" = length("bytes");--> statement-breakpoint
ALTER TABLE "pictures" ALTER COLUMN "size" SET NOT NULL;--> statement-breakpoint
INSERT INTO "picture_parts" SELECT "id", "n", substring("bytes" from "n" * 1048576 + 1 for 1048576) FROM "pictures", generate_series(0, (length("bytes") - 1) / 1048576) AS "n";--> statement-breakpoint
ALTER TABLE "pictures" DROP COLUMN "bytes";--> statement-breakpoint
ALTER TABLE "pictures" ADD COLUMN "named_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "pieces" ADD COLUMN "removed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "cards" ADD CONSTRAINT "cards_piece_pieces_id_fk" FOREIGN KEY ("piece") REFERENCES "public"."pieces"("id") ON DELETE cascade ON UPDATE no action;