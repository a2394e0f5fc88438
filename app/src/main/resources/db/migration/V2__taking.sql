-- What was lodged in a hurry comes first; how long a claim may take is fixed when it is lodged.
alter table claim add column urgent boolean not null default false;
alter table claim add column standard_days int not null default 30;
alter table claim add column standard_working boolean not null default false;
drop index claim_due;
create index claim_due on claim (state, urgent desc, due_on, number);
create index claim_of_household on claim (household_id, service);

-- People as the office knows them, to see when somebody comes a second time.
create table known_person (
  household_id uuid not null references household,
  person_id text not null,
  given_name text not null,
  family_name text not null,
  birth_date date,
  resident_number text,
  line1 text,
  postcode text,
  recorded_at timestamptz not null,
  primary key (household_id, person_id)
);
create index known_person_by_number on known_person (resident_number);
create index known_person_by_birth on known_person (birth_date);
create index known_person_by_family on known_person (lower(family_name));

-- How the stand-ins of the registers behave: slow, silent, or as they should.
create table register_setting (
  register text primary key,
  delay_ms int not null default 0,
  silent boolean not null default false
);

-- What registers answered for an application; the facts of it are kept with the household when it is lodged.
create table register_answer (
  id bigint generated always as identity primary key,
  application_id uuid not null references application,
  register text not null,
  answered boolean not null,
  facts text not null,
  asked_by text not null,
  asked_at timestamptz not null
);
create index register_answer_of on register_answer (application_id, id);

-- Adults who sign elsewhere, later, with a code.
create table signing_request (
  id uuid primary key,
  application_id uuid not null references application,
  person_id text not null,
  person_name text not null,
  code_hash text not null,
  made_by text not null,
  made_at timestamptz not null,
  signed_at timestamptz,
  unique (application_id, person_id)
);

-- Forms that somebody else has to fill in: employer, doctor, landlord, lender.
create table form_out (
  id uuid primary key,
  application_id uuid not null references application,
  kind text not null,
  person_id text not null,
  asked text not null,
  code text not null unique,
  pdf bytea not null,
  made_by text not null,
  made_at timestamptz not null,
  returned_at timestamptz,
  unique (application_id, kind, person_id, asked)
);

-- Paper forms as they were scanned, a page a row, to be typed from.
create table scan (
  id uuid primary key,
  application_id uuid not null references application,
  page int not null,
  sha256 text not null,
  png bytea not null,
  added_by text not null,
  added_at timestamptz not null
);
create index scan_of on scan (application_id, page);

-- Voluntary answers, with nobody's name and no time of day beside them.
create table voluntary_answer (
  question text not null,
  answer text not null,
  month text not null,
  mixed uuid not null,
  primary key (mixed)
);
create index voluntary_answer_of on voluntary_answer (question, answer);

create table waiting_list (
  code text primary key,
  name text not null,
  open boolean not null,
  income_percent numeric not null
);
insert into waiting_list values
  ('FIELD', 'Anchorfield flats', true, 50),
  ('LOCK', 'Lock Terrace, supported', true, 50),
  ('QUAY', 'Quay Court', true, 60),
  ('REED', 'Reedholm cottages', false, 55);

-- What a household owes the office.
create table debt (
  ref text primary key,
  household_id uuid not null references household,
  kind text not null,
  amount numeric not null check (amount > 0),
  since date not null,
  settled boolean not null default false
);
create index debt_of on debt (household_id);
