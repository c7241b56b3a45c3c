import { Migration } from '@mikro-orm/migrations';

/** How far a chart was recalled from memory is part of its review, and follows the player to every device. */
export class Migration20261130Recalled extends Migration {
  override up(): void {
    this.addSql('alter table practice_note add column recalled jsonb null;');
    this.addSql('alter table practice_item add column recalled jsonb null;');
  }

  override down(): void {
    this.addSql('alter table practice_item drop column recalled;');
    this.addSql('alter table practice_note drop column recalled;');
  }
}
