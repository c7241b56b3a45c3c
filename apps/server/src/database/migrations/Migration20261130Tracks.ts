import { Migration } from '@mikro-orm/migrations';

/** Practice tracks, and their sound in pieces: any server gives out what any other has rendered. */
export class Migration20261130Tracks extends Migration {
  override up(): void {
    this.addSql(`
      create table track (
        id uuid primary key,
        tune_id uuid not null references tune (id) on delete cascade,
        title varchar(120) not null,
        asked jsonb not null,
        state varchar(12) not null,
        progress real not null,
        problem text null,
        seconds real not null,
        bytes int null,
        tries int not null,
        beat_at timestamptz not null,
        created_at timestamptz not null
      );`);
    this.addSql(`
      create table track_piece (
        track_id uuid not null references track (id) on delete cascade,
        place int not null,
        begins int not null,
        bytes bytea not null,
        primary key (track_id, place)
      );`);
  }

  override down(): void {
    this.addSql('drop table track_piece;');
    this.addSql('drop table track;');
  }
}
