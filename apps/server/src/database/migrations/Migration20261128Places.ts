import { Migration } from '@mikro-orm/migrations';

/** The identities of what a chart holds; `bringUp` gives them to the tunes that are there. */
export class Migration20261128Places extends Migration {
  override up(): void {
    this.addSql('alter table tune add column places jsonb null;');
  }

  override down(): void {
    this.addSql('alter table tune drop column places;');
  }
}
