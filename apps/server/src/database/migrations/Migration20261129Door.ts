import { Migration } from '@mikro-orm/migrations';

/** The passphrase of the book, if it has one, and who has entered with it. */
export class Migration20261129Door extends Migration {
  override up(): void {
    this.addSql(`
      create table door (
        id boolean primary key default true check (id),
        hash text not null
      );`);
    this.addSql(`
      create table session (
        token_hash text primary key,
        used_at timestamptz not null default now()
      );`);
  }

  override down(): void {
    this.addSql('drop table session;');
    this.addSql('drop table door;');
  }
}
