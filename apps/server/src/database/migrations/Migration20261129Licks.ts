import { Migration } from '@mikro-orm/migrations';

/** The phrase bank. */
export class Migration20261129Licks extends Migration {
  override up(): void {
    this.addSql(`
      create table lick (
        id uuid primary key,
        name varchar(80) not null,
        key varchar(3) not null,
        notes text not null,
        answer text not null,
        version int not null default 1,
        created_at timestamptz not null,
        deleted_at timestamptz null
      );`);
  }

  override down(): void {
    this.addSql('drop table lick;');
  }
}
