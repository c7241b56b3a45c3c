import { Migration } from '@mikro-orm/migrations';

/**
 * What a tune and its arrangements were before each save. Triggers keep it, so that no way of saving can
 * forget to; within a minute only the last is kept. `arrangement_id` is null for the tune's own fields.
 * Arrangements are thrown away like everything else, to be put back.
 */
export class Migration20261129History extends Migration {
  override up(): void {
    this.addSql('alter table arrangement add column deleted_at timestamptz null;');
    this.addSql(`
      create table earlier_version (
        id bigint generated always as identity primary key,
        tune_id uuid not null references tune (id) on delete cascade,
        arrangement_id uuid null references arrangement (id) on delete cascade,
        saved_at timestamptz not null,
        fields jsonb not null
      );`);
    this.addSql(`
      create unique index earlier_version_minute on earlier_version
        (tune_id, coalesce(arrangement_id, tune_id), date_trunc('minute', saved_at at time zone 'UTC'));`);
    this.addSql('create index earlier_version_saved on earlier_version (tune_id, saved_at);');
    this.addSql(`
      create function keep_earlier_version() returns trigger language plpgsql as $$
      begin
        insert into earlier_version (tune_id, arrangement_id, saved_at, fields)
        values (
          case tg_argv[0] when 'tune' then old.id else (to_jsonb(old)->>'tune_id')::uuid end,
          case tg_argv[0] when 'tune' then null else old.id end,
          old.updated_at,
          to_jsonb(old) - '{id,tune_id,summary,searched,version,created_at,updated_at,deleted_at}'::text[]
        )
        on conflict (tune_id, coalesce(arrangement_id, tune_id), date_trunc('minute', saved_at at time zone 'UTC'))
        do update set saved_at = excluded.saved_at, fields = excluded.fields;
        return null;
      end $$;`);
    this.addSql(`
      create trigger tune_history after update on tune for each row
      when (row(old.title, old.text, old.places, old.key, old.meter, old.tempo, old.feel)
        is distinct from row(new.title, new.text, new.places, new.key, new.meter, new.tempo, new.feel)
        and old.version <> new.version)
      execute function keep_earlier_version('tune');`);
    this.addSql(`
      create trigger arrangement_history after update on arrangement for each row
      when (row(old.name, old.setup) is distinct from row(new.name, new.setup)
        and old.version <> new.version)
      execute function keep_earlier_version('arrangement');`);
  }

  override down(): void {
    this.addSql('drop trigger arrangement_history on arrangement;');
    this.addSql('drop trigger tune_history on tune;');
    this.addSql('drop function keep_earlier_version();');
    this.addSql('drop table earlier_version;');
    this.addSql('alter table arrangement drop column deleted_at;');
  }
}
