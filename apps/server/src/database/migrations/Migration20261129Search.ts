import { Migration } from '@mikro-orm/migrations';

/**
 * Titles are searched by any part of their words, through an index; `plain_letters` is `plainLetters` of the
 * engine. Solo lines say when they were changed last.
 */
export class Migration20261129Search extends Migration {
  override up(): void {
    this.addSql('create extension if not exists pg_trgm;');
    this.addSql(`
      create function plain_letters(words text) returns text language sql immutable strict parallel safe as $$
        select lower(regexp_replace(normalize(words, NFD), '[\\u0300-\\u036f]', '', 'g'))
      $$;`);
    this.addSql(`
      alter table tune add column searched text generated always as (plain_letters(title)) stored;`);
    this.addSql(`
      create index tune_searched on tune using gin (searched gin_trgm_ops)
      with (fastupdate = off) where deleted_at is null;`);
    this.addSql('alter table solo_line add column updated_at timestamptz not null default now();');
  }

  override down(): void {
    this.addSql('alter table solo_line drop column updated_at;');
    this.addSql('alter table tune drop column searched;');
    this.addSql('drop function plain_letters;');
    this.addSql('drop extension pg_trgm;');
  }
}
