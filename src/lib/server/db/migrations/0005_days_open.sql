CREATE TABLE "days_open" (
	"day" date PRIMARY KEY NOT NULL
);--> statement-breakpoint
-- Cards of before do not say how long a piece takes to be planned, nor whether it was faulty or only took too long: they are made anew.
DELETE FROM "cards";
