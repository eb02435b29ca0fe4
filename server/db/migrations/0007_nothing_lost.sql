CREATE TABLE "aside" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"formula_id" uuid NOT NULL,
	"doc" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
DROP INDEX "version_formula";--> statement-breakpoint
ALTER TABLE "eater" ADD COLUMN "rev" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "formula" ADD COLUMN "last_seq" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "formula" ADD COLUMN "draft_rev" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "formula" ADD COLUMN "folded" text;--> statement-breakpoint
ALTER TABLE "formula" ADD COLUMN "lines" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "formula" ADD COLUMN "kept" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "formula" ADD COLUMN "baked_at" text;--> statement-breakpoint
ALTER TABLE "kitchen" ADD COLUMN "rev" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "way" ADD COLUMN "rev" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "aside" ADD CONSTRAINT "aside_formula_id_formula_id_fk" FOREIGN KEY ("formula_id") REFERENCES "public"."formula"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "aside_formula" ON "aside" USING btree ("formula_id");--> statement-breakpoint
ALTER TABLE "version" ADD CONSTRAINT "version_seq_once" UNIQUE("formula_id","seq");--> statement-breakpoint
-- What there is already: counters go on from where the versions and drafts stand, the shelf's columns are worked out once.
UPDATE "formula" f SET
	"last_seq" = coalesce((SELECT max(v.seq) FROM "version" v WHERE v.formula_id = f.id), 0),
	"draft_rev" = coalesce((SELECT d.rev FROM "draft" d WHERE d.formula_id = f.id), 0),
	"kept" = coalesce((SELECT jsonb_agg(v.avoids ORDER BY v.seq) FROM "version" v WHERE v.formula_id = f.id AND v.target_version_id IS NOT NULL), '[]'::jsonb),
	"lines" = coalesce((SELECT sum(jsonb_array_length(part->'lines')) FROM "version" v, jsonb_array_elements(v.doc->'parts') part
		WHERE v.id = (SELECT s.id FROM "version" s WHERE s.formula_id = f.id AND s.target_version_id IS NULL ORDER BY s.seq DESC LIMIT 1)), 0);
