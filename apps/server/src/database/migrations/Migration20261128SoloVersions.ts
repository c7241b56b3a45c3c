import { Migration } from '@mikro-orm/migrations';

/** Solo lines are changed, too, and every save of one says from which version it started. */
export class Migration20261128SoloVersions extends Migration {
  override up(): void {
    this.addSql('alter table solo_line add column version integer not null default 1;');
  }

  override down(): void {
    this.addSql('alter table solo_line drop column version;');
  }
}
