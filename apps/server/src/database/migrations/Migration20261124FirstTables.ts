import { Migration } from '@mikro-orm/migrations';

export class Migration20261124FirstTables extends Migration {
  override up(): void {
    this.addSql(`
      create table tune (
        id uuid primary key,
        title varchar(120) not null,
        text text not null,
        key varchar(4) not null,
        meter varchar(5) not null,
        tempo int not null check (tempo between 30 and 360),
        feel varchar(16) not null,
        version int not null default 1,
        created_at timestamptz not null,
        updated_at timestamptz not null,
        deleted_at timestamptz null
      );`);
    this.addSql(`
      create table arrangement (
        id uuid primary key,
        tune_id uuid not null references tune (id) on delete cascade,
        name varchar(80) not null,
        setup jsonb not null,
        version int not null default 1,
        created_at timestamptz not null,
        updated_at timestamptz not null
      );`);
    this.addSql('create index arrangement_tune_id_index on arrangement (tune_id);');
  }

  override down(): void {
    this.addSql('drop table arrangement;');
    this.addSql('drop table tune;');
  }
}
