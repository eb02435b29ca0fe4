-- A revision in the pantry never changes either: versions cite it.
CREATE FUNCTION refuse_revision_change() RETURNS trigger AS $$
BEGIN
  RAISE EXCEPTION 'a revision in the pantry never changes';
END;
$$ LANGUAGE plpgsql;
--> statement-breakpoint
CREATE TRIGGER pantry_revision_append_only BEFORE UPDATE OR DELETE ON pantry_revision
  FOR EACH ROW EXECUTE FUNCTION refuse_revision_change();
