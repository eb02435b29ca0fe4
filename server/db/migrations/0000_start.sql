CREATE TABLE "draft" (
	"formula_id" uuid PRIMARY KEY NOT NULL,
	"rev" integer NOT NULL,
	"doc" jsonb NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "formula" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"title" text NOT NULL,
	"class_id" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "version" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"formula_id" uuid NOT NULL,
	"parent_id" uuid,
	"target_version_id" uuid,
	"seq" integer NOT NULL,
	"name" text NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"avoids" jsonb NOT NULL,
	"doc" jsonb NOT NULL,
	"schema" integer NOT NULL,
	"core_version" text NOT NULL,
	"data_version" text NOT NULL,
	"request" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "draft" ADD CONSTRAINT "draft_formula_id_formula_id_fk" FOREIGN KEY ("formula_id") REFERENCES "public"."formula"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "version" ADD CONSTRAINT "version_formula_id_formula_id_fk" FOREIGN KEY ("formula_id") REFERENCES "public"."formula"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "version_formula" ON "version" USING btree ("formula_id","seq");