-- What was done under a key that whoever asked made up, with the answer: asked again under it, it is answered and not done
-- again. Kept for a day.
create table done_once (
  key text primary key,
  asked bytea not null,
  status int not null,
  tag text,
  answer bytea not null,
  done_at timestamptz not null
);
create index done_once_at on done_once (done_at);
