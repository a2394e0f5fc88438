-- Work that somebody was called away from, and where in it they were.
create table parked (
  id uuid primary key,
  login text not null references staff,
  application_id uuid references application on delete cascade,
  claim text,
  part text not null,
  field text,
  label text,
  caret int,
  parked_at timestamptz not null,
  check ((application_id is null) <> (claim is null)),
  unique (login, application_id),
  unique (login, claim)
);
