import { Migration } from '@mikro-orm/migrations';

export class Migration20261125SetsAndSummaries extends Migration {
  override up(): void {
    this.addSql('alter table tune add column summary jsonb null;');
    this.addSql(`
      create table tune_set (
        id uuid primary key,
        name varchar(80) not null,
        tune_ids jsonb not null default '[]',
        version int not null default 1,
        created_at timestamptz not null,
        updated_at timestamptz not null,
        deleted_at timestamptz null
      );`);
  }

  override down(): void {
    this.addSql('drop table tune_set;');
    this.addSql('alter table tune drop column summary;');
  }
}
