CREATE TABLE "version_mark" (
	"version_id" uuid PRIMARY KEY NOT NULL,
	"name" text,
	"note" text,
	"star" boolean DEFAULT false NOT NULL
);
--> statement-breakpoint
ALTER TABLE "version_mark" ADD CONSTRAINT "version_mark_version_id_version_id_fk" FOREIGN KEY ("version_id") REFERENCES "public"."version"("id") ON DELETE no action ON UPDATE no action;