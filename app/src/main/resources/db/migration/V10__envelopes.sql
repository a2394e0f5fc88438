-- Envelopes of ours that came back undelivered, scanned together: a code on one says whose it was, and not what it answers.
alter table tray_piece add column envelopes boolean not null default false;
