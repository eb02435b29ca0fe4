-- A kept version never changes: updates and deletes are refused by the database itself.
CREATE FUNCTION refuse_version_change() RETURNS trigger AS $$
BEGIN
  RAISE EXCEPTION 'a kept version never changes';
END;
$$ LANGUAGE plpgsql;
--> statement-breakpoint
CREATE TRIGGER version_append_only BEFORE UPDATE OR DELETE ON version
  FOR EACH ROW EXECUTE FUNCTION refuse_version_change();
