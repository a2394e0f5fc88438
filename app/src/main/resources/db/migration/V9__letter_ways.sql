-- How a letter goes, or went: in the post, read at the door after a message that it is there, or from hand to hand.
alter table letter add column way text not null default 'POST' check (way in ('POST', 'DOOR', 'HAND'));
update letter set way = 'HAND' where left_at is not null and run_id is null;
-- When its household was told that it is there, first read it at the door, and was found not to have got it.
alter table letter add column told_at timestamptz;
alter table letter add column read_at timestamptz;
alter table letter add column missed_at timestamptz;
create index letter_not_read on letter (left_at) where way <> 'POST' and read_at is null and taken_back_at is null;

-- The letter that a message tells of.
alter table message add column letter_id uuid references letter;
