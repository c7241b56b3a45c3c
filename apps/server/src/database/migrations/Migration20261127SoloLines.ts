import { Migration } from '@mikro-orm/migrations';

export class Migration20261127SoloLines extends Migration {
  override up(): void {
    this.addSql(`
      create table solo_line (
        id uuid primary key,
        tune_id uuid not null references tune (id) on delete cascade,
        name varchar(80) not null,
        line jsonb not null,
        created_at timestamptz not null,
        deleted_at timestamptz null
      );`);
    this.addSql('create index solo_line_tune_id on solo_line (tune_id);');
  }

  override down(): void {
    this.addSql('drop table solo_line;');
  }
}
