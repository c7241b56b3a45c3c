import { Migration } from '@mikro-orm/migrations';

export class Migration20261126Profile extends Migration {
  override up(): void {
    this.addSql(`
      create table profile (
        id varchar(20) primary key,
        profile jsonb not null,
        version int not null default 1,
        updated_at timestamptz not null
      );`);
  }

  override down(): void {
    this.addSql('drop table profile;');
  }
}
