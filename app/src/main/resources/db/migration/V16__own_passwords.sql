-- A password that somebody else chose opens only the way to one of one's own, and only for a while; that one was changed is told.
alter table staff add column handed_out_until timestamptz;
alter table staff add column password_changed_at timestamptz;
alter table staff add column change_known boolean not null default true;

-- Whoever had to see a restricted household stands on the seniors' Desk until one of them has taken note.
alter table restricted_seen_by add column noted_by text references staff;
