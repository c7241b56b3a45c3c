import { Migration } from '@mikro-orm/migrations';

/**
 * What was practised: notes of items, which are only added to; what follows from them for each item; sessions; the
 * logbook. Times are in ms since 1970, as the engine counts them.
 */
export class Migration20261129Practice extends Migration {
  override up(): void {
    this.addSql(`
      create table practice_note (
        id uuid primary key,
        item text not null,
        kind text not null check (kind in ('review', 'put', 'taken back')),
        at bigint not null,
        received bigint not null,
        grade text null,
        tempo smallint null,
        due bigint null,
        of uuid null
      );`);
    this.addSql('create index practice_note_item on practice_note (item);');
    this.addSql(`
      create function refuse_change() returns trigger language plpgsql as $$
      begin
        raise exception 'notes of practice are added and never changed';
      end $$;`);
    this.addSql(`
      create trigger practice_note_stays before update or delete on practice_note for each row
      execute function refuse_change();`);
    this.addSql(`
      create table practice_item (
        item text primary key,
        tune_id uuid null,
        due bigint null,
        stability double precision null,
        difficulty double precision null,
        reviews integer null,
        lapses integer null,
        practised_at bigint null,
        grade text null,
        tempo smallint null
      );`);
    this.addSql('create index practice_item_due on practice_item (due);');
    this.addSql(`
      create table practice_session (
        id uuid primary key,
        aim jsonb not null,
        steps jsonb not null,
        at integer not null,
        begun bigint not null,
        ended bigint null,
        version int not null default 1
      );`);
    this.addSql('create index practice_session_begun on practice_session (begun);');
    this.addSql(`
      create table log_entry (
        id uuid primary key,
        day date not null,
        minutes numeric(7, 3) not null,
        what text not null,
        item text null,
        tempo smallint null,
        key varchar(4) null,
        grade text null,
        notes text null,
        version int not null default 1,
        deleted_at timestamptz null
      );`);
    this.addSql('create index log_entry_day on log_entry (day, id);');
    this.addSql('alter table tune_set add column day date null;');
  }

  override down(): void {
    this.addSql('alter table tune_set drop column day;');
    this.addSql('drop table log_entry;');
    this.addSql('drop table practice_session;');
    this.addSql('drop table practice_item;');
    this.addSql('drop table practice_note;');
    this.addSql('drop function refuse_change();');
  }
}
