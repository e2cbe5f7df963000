CREATE TABLE "changes" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"by" text,
	"doing" text,
	"table_name" text NOT NULL,
	"row_id" integer NOT NULL,
	"tray_id" integer,
	"kind" text NOT NULL,
	"was" jsonb,
	"now" jsonb
);
--> statement-breakpoint
ALTER TABLE "shop_settings" ADD COLUMN "keeping" jsonb;--> statement-breakpoint
CREATE INDEX "changes_tray_id_id_index" ON "changes" USING btree ("tray_id","id");--> statement-breakpoint
CREATE INDEX "changes_table_name_row_id_id_index" ON "changes" USING btree ("table_name","row_id","id");
--> statement-breakpoint
CREATE TRIGGER changes_append_only BEFORE UPDATE OR DELETE ON changes FOR EACH ROW EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
-- A row as its history keeps it: without what the database counts for itself, without secrets, without pictures.
CREATE FUNCTION history_row(r jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT r - ARRAY['revision', 'changed', 'bytes', 'bridge_token_hash']
$$;
--> statement-breakpoint
CREATE FUNCTION history_key(r jsonb) RETURNS integer LANGUAGE sql IMMUTABLE AS $$
  SELECT coalesce(r ->> 'id', r ->> 'reading_id', r ->> 'shape_reading_id')::integer
$$;
--> statement-breakpoint
CREATE FUNCTION history_tray(name text, r jsonb) RETURNS integer LANGUAGE plpgsql STABLE AS $$
BEGIN
  RETURN CASE name
    WHEN 'trays' THEN (r ->> 'id')::integer
    WHEN 'reading_voids' THEN (SELECT tray_id FROM readings WHERE id = (r ->> 'reading_id')::integer)
    WHEN 'shape_reading_voids' THEN (SELECT tray_id FROM shape_readings WHERE id = (r ->> 'shape_reading_id')::integer)
    ELSE (r ->> 'tray_id')::integer
  END;
END $$;
--> statement-breakpoint
-- Columns of a row that are others in the other one.
CREATE FUNCTION history_difference(r jsonb, other jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT coalesce(jsonb_object_agg(key, value), '{}') FROM jsonb_each(r) WHERE value IS DISTINCT FROM other -> key
$$;
--> statement-breakpoint
-- Who does it and what they do is said by the transaction (whyalon.by, whyalon.doing); what a statement changed is
-- written down in the same transaction, whoever forgot to say so. A row that was added stands in its table: it is not
-- kept twice, what it held at first follows from what was changed since.
CREATE FUNCTION keep_change() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE
  doer text := nullif(current_setting('whyalon.by', true), '');
  act text := nullif(current_setting('whyalon.doing', true), '');
BEGIN
  IF TG_OP = 'INSERT' THEN
    INSERT INTO changes (by, doing, table_name, row_id, tray_id, kind)
    SELECT doer, act, TG_TABLE_NAME, history_key(r), history_tray(TG_TABLE_NAME, r), 'added'
    FROM (SELECT to_jsonb(n) AS r FROM new_rows n) AS added;
  ELSIF TG_OP = 'UPDATE' THEN
    INSERT INTO changes (by, doing, table_name, row_id, tray_id, kind, was, now)
    SELECT doer, act, TG_TABLE_NAME, history_key(after.r), history_tray(TG_TABLE_NAME, after.r), 'changed',
           history_difference(before.r, after.r), history_difference(after.r, before.r)
    FROM (SELECT history_row(to_jsonb(o)) AS r FROM old_rows o) AS before
    JOIN (SELECT history_row(to_jsonb(n)) AS r FROM new_rows n) AS after ON history_key(before.r) = history_key(after.r)
    WHERE before.r IS DISTINCT FROM after.r;
  ELSE
    INSERT INTO changes (by, doing, table_name, row_id, tray_id, kind, was)
    SELECT doer, act, TG_TABLE_NAME, history_key(r), history_tray(TG_TABLE_NAME, r), 'removed', jsonb_strip_nulls(history_row(r))
    FROM (SELECT to_jsonb(o) AS r FROM old_rows o) AS removed;
  END IF;
  RETURN NULL;
END $$;
--> statement-breakpoint
-- For every table of records that has no history yet: to be called after one is added.
CREATE FUNCTION keep_history() RETURNS void LANGUAGE plpgsql AS $$
DECLARE
  name text;
BEGIN
  FOR name IN
    SELECT table_name FROM information_schema.tables
    WHERE table_schema = 'public' AND table_type = 'BASE TABLE'
      AND table_name NOT IN ('changes', 'table_sums', 'sum_checks', 'sent_changes', 'import_mappings')
  LOOP
    IF NOT EXISTS (SELECT FROM pg_trigger WHERE tgrelid = format('%I', name)::regclass AND tgname = 'history_of_inserts') THEN
      EXECUTE format('CREATE TRIGGER history_of_inserts AFTER INSERT ON %I REFERENCING NEW TABLE AS new_rows FOR EACH STATEMENT EXECUTE FUNCTION keep_change()', name);
      EXECUTE format('CREATE TRIGGER history_of_updates AFTER UPDATE ON %I REFERENCING OLD TABLE AS old_rows NEW TABLE AS new_rows FOR EACH STATEMENT EXECUTE FUNCTION keep_change()', name);
      EXECUTE format('CREATE TRIGGER history_of_deletes AFTER DELETE ON %I REFERENCING OLD TABLE AS old_rows FOR EACH STATEMENT EXECUTE FUNCTION keep_change()', name);
    END IF;
  END LOOP;
END $$;
--> statement-breakpoint
SELECT keep_history();
