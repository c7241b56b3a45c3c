import { Migration } from '@mikro-orm/migrations';

/** A long book is listed page by page, in the order of its titles. */
export class Migration20261129TuneList extends Migration {
  override up(): void {
    this.addSql('create index tune_listed on tune (title, id) where deleted_at is null;');
  }

  override down(): void {
    this.addSql('drop index tune_listed;');
  }
}
