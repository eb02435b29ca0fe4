CREATE TABLE "photo" (
	"hash" text PRIMARY KEY NOT NULL,
	"wide" integer NOT NULL,
	"high" integer NOT NULL,
	"bytes" "bytea" NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "trial" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"formula_id" uuid NOT NULL,
	"baked_at" timestamp with time zone NOT NULL,
	"folded" text NOT NULL,
	"faults" jsonb NOT NULL,
	"doc" jsonb NOT NULL,
	"rev" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE INDEX "trial_latest" ON "trial" USING btree ("baked_at" DESC NULLS LAST,"id");--> statement-breakpoint
CREATE INDEX "trial_formula" ON "trial" USING btree ("formula_id","baked_at" DESC NULLS LAST);