-- Who works here.
create table staff (
  login text primary key,
  name text not null,
  role text not null,
  password_hash text not null
);

-- A household and its facts, kept as versioned rows: what was said, shown, checked and used, by whom and since when.
create table household (
  id uuid primary key,
  name text not null,
  town text,
  created_at timestamptz not null,
  version int not null
);
create index household_by_name on household (lower(name), id);

create table household_fact (
  id bigint generated always as identity primary key,
  household_id uuid not null references household,
  path text not null,
  kind text not null check (kind in ('said', 'shown', 'checked', 'used')),
  value text not null,
  source text not null,
  recorded_by text not null,
  valid_from timestamptz not null
);
create index household_fact_of on household_fact (household_id, path, valid_from);

-- An application: a draft saved as typed, then lodged once.
create table application (
  id uuid primary key,
  household_id uuid references household,
  draft text not null,
  title text not null,
  state text not null,
  created_by text not null,
  updated_by text not null,
  updated_at timestamptz not null,
  lodged_at timestamptz,
  receipt text unique,
  version int not null
);
create index application_open on application (state, updated_at desc, id);

create sequence claim_running start 4201;

create table claim (
  id uuid primary key,
  number text not null unique,
  household_id uuid not null references household,
  application_id uuid not null references application,
  service text not null,
  state text not null,
  turn text not null,
  lodged_on date not null,
  due_on date not null,
  next_step text,
  next_on date,
  holder text references staff,
  packet text not null,
  version int not null
);
create index claim_due on claim (state, due_on, number);

create table claim_item (
  id bigint generated always as identity primary key,
  claim_id uuid not null references claim,
  kind text not null,
  subject text not null,
  words text not null,
  owner text not null,
  due_on date,
  open boolean not null,
  closed_at timestamptz
);
create index claim_item_open on claim_item (claim_id, open, id);

create table claim_event (
  id bigint generated always as identity primary key,
  claim_id uuid not null references claim,
  happened_at timestamptz not null,
  actor text not null,
  kind text not null,
  words text not null,
  turn text not null
);
create index claim_event_of on claim_event (claim_id, happened_at, id);

-- A determination is kept whole and never changed; the hash says that it was not.
create table determination (
  id uuid primary key,
  claim_id uuid not null references claim,
  made_at timestamptz not null,
  made_by text not null,
  packet text not null,
  result text not null,
  hash text not null
);

create table decision (
  id uuid primary key,
  claim_id uuid not null unique references claim,
  determination_id uuid not null references determination,
  outcome text not null,
  reason text,
  decided_by text not null,
  decided_at timestamptz not null
);

create table letter (
  id uuid primary key,
  kind text not null,
  about text not null,
  code text not null unique,
  pdf bytea not null,
  written_on date not null,
  unique (kind, about)
);
create index letter_about on letter (about);

-- Append-only; each row carries the hash of the one before.
create table audit_log (
  seq bigint primary key,
  happened_at timestamptz not null,
  actor text not null,
  action text not null,
  subject text not null,
  detail text not null,
  previous text not null,
  hash text not null
);

create function never_changes() returns trigger language plpgsql as $$
begin
  raise exception '% is append-only', tg_table_name;
end $$;
create trigger audit_log_stays before update or delete on audit_log for each row execute function never_changes();
create trigger determination_stays before update or delete on determination for each row execute function never_changes();
create trigger household_fact_stays before update or delete on household_fact for each row execute function never_changes();

-- Sessions, so that any node can answer.
create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null unique,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);
create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
