CREATE TABLE "sum_checks" (
	"id" serial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"accepted" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "table_sums" (
	"table_name" text NOT NULL,
	"rows" bigint NOT NULL,
	"sum" numeric NOT NULL
);

--> statement-breakpoint
-- A table's rows that go missing on the disk (a file cut short, a page of zeros) give no error. So every statement adds
-- what it changed of its table's count and sum, in the same transaction; what a table should hold is the total.
-- A hash of the whole row, added up: no order, no words of a locale, the same on every machine.
CREATE FUNCTION keep_sum() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP IN ('UPDATE', 'DELETE') THEN
    INSERT INTO table_sums SELECT TG_TABLE_NAME, -count(*), -sum(hash_record_extended(o, 0)) FROM old_rows o HAVING count(*) > 0;
  END IF;
  IF TG_OP IN ('INSERT', 'UPDATE') THEN
    INSERT INTO table_sums SELECT TG_TABLE_NAME, count(*), sum(hash_record_extended(n, 0)) FROM new_rows n HAVING count(*) > 0;
  END IF;
  IF TG_OP = 'TRUNCATE' THEN
    INSERT INTO table_sums SELECT TG_TABLE_NAME, -sum(rows), -sum(sum) FROM table_sums WHERE table_name = TG_TABLE_NAME HAVING count(*) > 0;
  END IF;
  RETURN NULL;
END $$;
--> statement-breakpoint
-- Takes every table as it is now for what it should be: after its columns were changed, after it was restored.
CREATE FUNCTION seal_sums() RETURNS void LANGUAGE plpgsql AS $$
DECLARE
  name text;
BEGIN
  LOCK TABLE table_sums;
  DELETE FROM table_sums;
  FOR name IN
    SELECT table_name FROM information_schema.tables
    WHERE table_schema = 'public' AND table_type = 'BASE TABLE' AND table_name <> 'table_sums'
  LOOP
    EXECUTE format('LOCK TABLE %I IN SHARE MODE', name);
    EXECUTE format('INSERT INTO table_sums SELECT %L, count(*), coalesce(sum(hash_record_extended(r, 0)), 0) FROM %I r', name, name);
    IF NOT EXISTS (SELECT FROM pg_trigger WHERE tgrelid = format('%I', name)::regclass AND tgname = 'sum_of_inserts') THEN
      EXECUTE format('CREATE TRIGGER sum_of_inserts AFTER INSERT ON %I REFERENCING NEW TABLE AS new_rows FOR EACH STATEMENT EXECUTE FUNCTION keep_sum()', name);
      EXECUTE format('CREATE TRIGGER sum_of_updates AFTER UPDATE ON %I REFERENCING OLD TABLE AS old_rows NEW TABLE AS new_rows FOR EACH STATEMENT EXECUTE FUNCTION keep_sum()', name);
      EXECUTE format('CREATE TRIGGER sum_of_deletes AFTER DELETE ON %I REFERENCING OLD TABLE AS old_rows FOR EACH STATEMENT EXECUTE FUNCTION keep_sum()', name);
      EXECUTE format('CREATE TRIGGER sum_of_truncates AFTER TRUNCATE ON %I FOR EACH STATEMENT EXECUTE FUNCTION keep_sum()', name);
    END IF;
  END LOOP;
END $$;
