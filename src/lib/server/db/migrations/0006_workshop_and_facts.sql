CREATE TABLE "facts" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"piece" uuid NOT NULL,
	"coat" text NOT NULL,
	"sitting" text,
	"what" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"amount" double precision,
	"unit" text,
	"words" text,
	"corrects" uuid,
	"noted_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "workshop_place" (
	"id" integer PRIMARY KEY NOT NULL,
	"place" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "workshop_steps" (
	"place" integer PRIMARY KEY NOT NULL,
	"document" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "facts" ADD CONSTRAINT "facts_piece_pieces_id_fk" FOREIGN KEY ("piece") REFERENCES "public"."pieces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "facts_by_piece" ON "facts" USING btree ("piece","at");--> statement-breakpoint
-- The workshop begins as the piece that was saved last has it.
INSERT INTO "workshop_steps" ("place", "document")
SELECT 1, ("document" -> 'workshop') || jsonb_build_object('units', "document" -> 'units', 'paper', "document" -> 'paper', 'materials', "document" -> 'materials')
FROM "pieces"
WHERE "removed_at" IS NULL AND jsonb_typeof("document" -> 'workshop') = 'object'
ORDER BY "updated_at" DESC LIMIT 1;--> statement-breakpoint
INSERT INTO "workshop_place" ("id", "place") SELECT 1, 1 FROM "workshop_steps";
