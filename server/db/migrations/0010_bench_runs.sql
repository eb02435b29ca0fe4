CREATE TABLE "bench_event" (
	"id" uuid PRIMARY KEY NOT NULL,
	"run_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"doc" jsonb NOT NULL,
	CONSTRAINT "bench_event_once" UNIQUE("run_id","seq")
);
--> statement-breakpoint
CREATE TABLE "bench_run" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"doc" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "bench_event" ADD CONSTRAINT "bench_event_run_id_bench_run_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."bench_run"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
-- What happened at the bench is only ever added to: the database itself refuses to change it.
CREATE FUNCTION refuse_event_change() RETURNS trigger AS $$
BEGIN
  RAISE EXCEPTION 'what happened at the bench never changes';
END;
$$ LANGUAGE plpgsql;
--> statement-breakpoint
CREATE TRIGGER bench_event_append_only BEFORE UPDATE OR DELETE ON bench_event
  FOR EACH ROW EXECUTE FUNCTION refuse_event_change();
