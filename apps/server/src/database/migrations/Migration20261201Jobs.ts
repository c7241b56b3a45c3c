import { Migration } from '@mikro-orm/migrations';

/** Practice tracks become one kind of long work among others. */
export class Migration20261201Jobs extends Migration {
  override up(): void {
    this.addSql('alter table track rename to job;');
    this.addSql('alter table track_piece rename to job_piece;');
    this.addSql('alter table job_piece rename column track_id to job_id;');
    this.addSql("alter table job add column kind varchar(12) not null default 'track';");
    this.addSql('alter table job alter column kind drop default;');
    this.addSql('alter table job add column result jsonb null;');
    this.addSql('alter table job alter column tune_id drop not null;');
    this.addSql('alter table job alter column seconds drop not null;');
    this.addSql("update job set state = 'working' where state = 'rendering';");
  }

  override down(): void {
    this.addSql("delete from job where kind <> 'track';");
    this.addSql("update job set state = 'rendering' where state = 'working';");
    this.addSql('alter table job alter column seconds set not null;');
    this.addSql('alter table job alter column tune_id set not null;');
    this.addSql('alter table job drop column result;');
    this.addSql('alter table job drop column kind;');
    this.addSql('alter table job_piece rename column job_id to track_id;');
    this.addSql('alter table job_piece rename to track_piece;');
    this.addSql('alter table job rename to track;');
  }
}
