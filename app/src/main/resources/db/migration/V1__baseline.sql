-- People are found by parts of words, and by what is nearly the same.
create extension if not exists pg_trgm;

-- Who works here.
create table staff (
  login text primary key,
  name text not null,
  role text not null,
  password_hash text not null,
  disabled boolean not null default false
);

-- What this database is for: of the demo, nobody's real data belongs into it.
create table office_mark (
  name text primary key
);

-- What each has chosen for their desk.
create table staff_choice (
  login text not null references staff,
  name text not null,
  value text not null,
  primary key (login, name)
);

-- Tries to sign in that failed, by what a login and an address come to.
create table sign_in_attempt (
  key text primary key,
  failures int not null,
  last_at timestamptz not null,
  wait_until timestamptz not null
);

-- A thing that facts are about, with an id for life: a household, a person, an income, a request.
create table subject (
  id uuid primary key,
  kind text not null,
  of_id uuid references subject,
  nr bigint generated always as identity unique
);
create index subject_of on subject (of_id);

-- One value of one field of one subject: from whom, since when known, and when it holds. Only added to.
create table entry (
  nr bigint generated always as identity primary key,
  subject_id uuid not null references subject,
  field text not null,
  kind text not null check (kind in ('SAID', 'SHOWN', 'CHECKED', 'USED')),
  value text,
  refers_to uuid references subject,
  source_kind text not null,
  source_ref text not null,
  because text,
  recorded_by text not null,
  recorded_at timestamptz not null,
  holds_from date,
  holds_until date
);
create index entry_of on entry (subject_id, nr);
create index entry_refers_to on entry (refers_to) where refers_to is not null;

-- A household as lists show it; what is known of it stands in its entries.
create table household (
  id uuid primary key,
  name text not null,
  town text,
  created_at timestamptz not null,
  version int not null
);
create index household_by_name on household (lower(name) collate "C", id);

-- Households that only named people see, beside the seniors; with a reason where somebody had to see one all the same.
create table restricted_household (
  household_id uuid primary key references household,
  because text not null,
  set_by text not null,
  set_at timestamptz not null
);
create table restricted_seen_by (
  household_id uuid not null references restricted_household,
  login text not null,
  since timestamptz not null,
  because text,
  primary key (household_id, login)
);

-- Who looked at what of which household.
create table access_log (
  nr bigint generated always as identity primary key,
  looked_at timestamptz not null,
  login text not null,
  what text not null,
  household_id uuid not null
);
create index access_log_at on access_log (looked_at);
create index access_log_by on access_log (login, household_id, looked_at);

-- Somebody outside as lists show them and names find them; what is known of them stands in their entries.
create table party (
  id uuid primary key references subject,
  kind text not null,
  name text not null,
  name_key text not null,
  takes_part boolean,
  joined_to uuid references party,
  version int not null,
  unique (kind, name_key)
);
create index party_by_name on party (lower(name) collate "C", id);
create index party_joined_to on party (joined_to) where joined_to is not null;

-- Whom a request names, and when they were first asked about it.
create table party_named (
  request_id uuid not null references subject,
  party_id uuid not null references party,
  household_id uuid not null references household,
  asked_on date,
  primary key (request_id, party_id)
);
create index party_named_by on party_named (party_id);

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

-- A request that was lodged. Turn, step and pressing day stand here for sorting: they stay true while nothing happens.
create table claim (
  id uuid primary key,
  number text not null unique,
  household_id uuid not null references household,
  application_id uuid not null references application,
  request_id uuid not null references subject,
  service text not null,
  state text not null,
  working text not null,
  turn text not null,
  lodged_on date not null,
  pressing_on date not null,
  urgent boolean not null,
  outside_what text,
  outside_on date,
  outside_shown_by text,
  step text,
  standard_days int not null,
  standard_working boolean not null,
  holder text references staff,
  moves int not null,
  version int not null
);
create index claim_on_desk on claim ((not urgent), pressing_on, number) where state in ('LODGED', 'OPEN');
create index claim_in_round on claim (step, (not urgent), pressing_on, number) where state in ('LODGED', 'OPEN');
create index claim_falling on claim (step, turn, pressing_on) where state in ('LODGED', 'OPEN');
create index claim_of_household on claim (household_id, service);
create index claim_of_application on claim (application_id);
create index claim_of_request on claim (request_id);

-- What is wanted for a claim, in the order it was wanted.
create table claim_item (
  claim_id uuid not null references claim,
  nr int not null,
  kind text not null,
  subject text not null,
  reasons text not null,
  owner text not null,
  due_on date not null,
  state text not null,
  returned int not null,
  primary key (claim_id, nr)
);

-- Since when it has been whose turn.
create table claim_stint (
  claim_id uuid not null references claim,
  nr int not null,
  since date not null,
  turn text not null,
  primary key (claim_id, nr)
);

create table claim_event (
  id bigint generated always as identity primary key,
  claim_id uuid not null references claim,
  happened_at timestamptz not null,
  actor text not null,
  move text not null,
  reasons text not null,
  turn text not null
);
create index claim_event_of on claim_event (claim_id, happened_at, id);

-- A determination is kept whole and never changed; the hash says that it was not.
create table determination (
  id uuid primary key,
  claim_id uuid not null references claim,
  made_at timestamptz not null,
  made_by text not null,
  rules text not null,
  book text not null,
  book_hash text not null,
  packet text not null,
  result text not null,
  hash text not null,
  -- The last day of what it grants, to be found by; null where it grants nothing that ends.
  ends_on date
);
create index determination_ends on determination (ends_on) where ends_on is not null;

-- The chain of a claim's decisions, each on its determination.
create table claim_decision (
  claim_id uuid not null references claim,
  nr int not null,
  kind text not null,
  grants boolean not null,
  determination_id uuid not null references determination,
  reason text,
  decided_by text not null references staff,
  decided_on date not null,
  second_by text references staff,
  state text not null,
  primary key (claim_id, nr)
);

-- Letters that went into the post together, and can be printed again as they were.
create table post_run (
  id uuid primary key,
  nr int generated always as identity,
  made_by text not null references staff,
  made_at timestamptz not null
);

create table letter (
  id uuid primary key,
  kind text not null,
  about text not null,
  code text not null unique,
  says text not null,
  pdf bytea,
  written_on date not null,
  -- Which of its kind about the number: a claim is decided again, and asks more than once.
  occasion int not null,
  -- When it went out: with a run, or, where there is none, into somebody's hand.
  left_at timestamptz,
  left_by text,
  run_id uuid references post_run,
  -- What it told was taken back before it went out; it never does.
  taken_back_at timestamptz,
  came_back_at timestamptz,
  unique (kind, about, occasion)
);
create index letter_about on letter (about);
create index letter_waiting on letter (written_on, code) where left_at is null and taken_back_at is null;
create index letter_of_run on letter (run_id);

-- A text or mail to a household; what it says is forgotten once it is sent.
create table message (
  id uuid primary key,
  -- None for whoever the office does not know yet.
  household_id uuid references household,
  channel text not null check (channel in ('TEXT', 'MAIL')),
  to_way text not null,
  text text,
  not_after timestamptz,
  ordered_at timestamptz not null,
  state text not null default 'WAITS' check (state in ('WAITS', 'DELIVERED', 'BOUNCED', 'TOO_LATE')),
  settled_at timestamptz
);
create index message_of on message (household_id);

-- The code with which a household gets through its door: the last one of a claim, as a hash.
create table door_code (
  key text primary key,
  code_hash text not null,
  made_at timestamptz not null,
  wrong int not null
);

-- Grown-ups who were asked to sign what was lodged, each at a contact of their own.
create table door_signer (
  id uuid primary key,
  number text not null references claim (number),
  person uuid not null references subject,
  contact text not null,
  asked_at timestamptz not null,
  signed_at timestamptz,
  unique (number, person)
);
create index door_signer_contact on door_signer (contact);

-- Somebody who got through the door, by the hash of what their browser shows.
create table door_visit (
  token_hash text primary key,
  number text references claim (number),
  application_id uuid references application,
  signer_id uuid references door_signer,
  began_at timestamptz not null,
  touched_at timestamptz not null,
  check (num_nonnulls(number, application_id, signer_id) = 1)
);

-- An application that a household takes itself, and the contact by which it comes back to it.
create table door_application (
  application_id uuid primary key references application,
  contact text not null,
  reminded_at timestamptz
);
create index door_application_contact on door_application (contact);

-- Households to which no more post goes, since a letter came back.
create table post_hold (
  id uuid primary key,
  household_id uuid not null references household,
  letter_id uuid not null references letter,
  noticed_by text not null references staff,
  since timestamptz not null,
  ended_by text references staff,
  ended_at timestamptz,
  because text
);
create unique index post_hold_open on post_hold (household_id) where ended_at is null;

-- What a household was asked for in one letter; of the items themselves the claim tells.
create table correction_request (
  id uuid primary key,
  claim_number text not null,
  nr int not null,
  letter_id uuid not null references letter,
  sent_by text not null,
  sent_at timestamptz not null,
  due_on date not null,
  reminded_on date,
  unique (claim_number, nr)
);
create index correction_request_due on correction_request (due_on);
create table correction_item (
  request_id uuid not null references correction_request,
  item int not null,
  settles text not null,
  primary key (request_id, item)
);

-- Every change, by whom and when; plain rows, so that nobody waits for anybody.
create table audit_log (
  nr bigint generated always as identity primary key,
  happened_at timestamptz not null,
  actor text not null,
  action text not null,
  subject text not null,
  detail text not null
);

-- The entries chained afterwards, each link with the hash over its entry and the link before.
create table audit_chain (
  seq bigint primary key,
  entry_nr bigint not null unique,
  hash text not null
);

create function never_changes() returns trigger language plpgsql as $$
begin
  raise exception '% is append-only', tg_table_name;
end $$;
create trigger audit_log_stays before update or delete on audit_log for each row execute function never_changes();
create trigger audit_chain_stays before update or delete on audit_chain for each row execute function never_changes();
create trigger determination_stays before update or delete on determination for each row execute function never_changes();
create trigger claim_event_stays before update or delete on claim_event for each row execute function never_changes();
create trigger entry_stays before update or delete on entry for each row execute function never_changes();

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

-- People as they were told last, to see when somebody comes a second time.
create table known_person (
  person_id uuid primary key references subject,
  household_id uuid not null references household,
  given_name text not null,
  family_name text not null,
  birth_date date,
  resident_number text,
  line1 text,
  postcode text,
  recorded_at timestamptz not null,
  -- What they are found by: each word after a space, in small letters without marks.
  sought text not null
);
create index known_person_sought on known_person using gin (sought gin_trgm_ops);
create index known_person_of on known_person (household_id);
create index known_person_by_number on known_person (resident_number);
create index known_person_by_birth on known_person (birth_date);
create index known_person_by_family on known_person (lower(family_name));

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

-- What registers were asked about a household after it lodged, and the answer as it came. The question stands as its hash.
create table register_inquiry (
  id uuid primary key,
  household_id uuid not null references household,
  register text not null,
  question text not null,
  asked_by text not null,
  asked_at timestamptz not null,
  tried_at timestamptz,
  answered_at timestamptz,
  answer text
);
create index register_inquiry_of on register_inquiry (household_id, question, asked_at desc);

-- What was done about two things that should be the same and are not. The newest counts, as long as both say the same.
create table comparison_settled (
  id bigint generated always as identity primary key,
  household_id uuid not null references household,
  comparison text not null,
  seen text not null,
  how text not null check (how in ('ACCEPTED', 'ASKED')),
  because text not null,
  settled_by text not null,
  settled_at timestamptz not null
);
create index comparison_settled_of on comparison_settled (household_id, id);

-- Somebody on the phone was asked which of some employers reports a wage for them.
create table knowledge_check (
  id uuid primary key,
  person_id uuid not null references subject,
  choices text not null,
  right_choice text not null,
  asked_by text not null,
  asked_at timestamptz not null,
  passed boolean
);
create index knowledge_check_of on knowledge_check (person_id, asked_at);

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

-- Files that came, kept once by what is in them, in pieces that are read one after the other.
create table paper_file (
  hash text primary key,
  media_type text not null,
  size bigint not null,
  pages int not null,
  drawn boolean not null default false,
  unreadable boolean not null default false,
  -- Whether the machine has read it, or given up.
  read boolean not null default false
);
create table paper_piece (
  hash text not null references paper_file,
  nr int not null,
  bytes bytea not null,
  primary key (hash, nr)
);

-- Pages as pictures made here: what is shown is never the file that came.
create table paper_page (
  hash text not null references paper_file,
  page int not null,
  picture bytea not null,
  small bytea not null,
  primary key (hash, page)
);

-- What the machine read off a file, and where: proposals, of which nothing counts before a person has taken it.
create table paper_proposal (
  hash text not null references paper_file,
  field text not null,
  value text not null,
  page int not null,
  x double precision not null,
  y double precision not null,
  width double precision not null,
  height double precision not null,
  sure boolean not null,
  primary key (hash, field, page)
);

-- Which paper of the ledger is which file, and how it came; all that is known of it stands in the ledger.
create table paper (
  id uuid primary key,
  household_id uuid not null references household,
  name text not null,
  remark text not null,
  -- Somebody outside who filled it in and sent it back.
  sender text,
  came_by text not null,
  came_at timestamptz not null,
  -- The claim it was brought to, and the item of it that it was brought for; none where nothing wanted it.
  claim text not null,
  item int,
  version int not null default 0
);
create index paper_of on paper (household_id);

-- The pages of a paper in the order they are read: of one file or of several, each turned as it was turned.
create table sheet (
  of uuid not null,
  position int not null,
  hash text not null references paper_file,
  page int not null,
  turn int not null check (turn in (0, 90, 180, 270)),
  primary key (of, position)
);
create index sheet_hash on sheet (hash);

-- What came by post and belongs to nobody yet.
create table tray_piece (
  id uuid primary key,
  name text not null,
  came_by text not null,
  came_at timestamptz not null,
  -- Whether its codes have been looked for.
  sorted boolean not null default false,
  set_aside text,
  version int not null default 0
);
create index tray_piece_waiting on tray_piece (came_at, id) where set_aside is null;

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
  -- Of what was given too much: by which decision, for which days, and whose cause it is. It counts while the decision stands.
  claim_id uuid,
  decision_nr int,
  until date,
  cause text,
  because text,
  foreign key (claim_id, decision_nr) references claim_decision
);
create index debt_by on debt (claim_id) where claim_id is not null;
-- What is not owed any more: let off by somebody, or by a decision, and then while that stands.
create table debt_less (
  nr bigint generated always as identity primary key,
  ref text not null references debt,
  amount numeric not null check (amount > 0),
  because text,
  lessened_by text not null,
  lessened_at timestamptz not null,
  claim_id uuid,
  decision_nr int,
  foreign key (claim_id, decision_nr) references claim_decision
);
create index debt_less_of on debt_less (ref);
create index debt_of on debt (household_id);

-- Lists of applications, lodged row by row. A row keeps its packet only while it waits.
create table batch (
  id uuid primary key,
  service text not null,
  sent_by text not null,
  sent_at timestamptz not null,
  columns text not null
);
create index batch_of on batch (sent_by, sent_at desc);

create table batch_row (
  batch_id uuid not null references batch,
  nr int not null,
  state text not null check (state in ('waiting', 'lodged', 'returned')),
  cells text not null,
  packet text,
  receipt text,
  claims text,
  faults text,
  primary key (batch_id, nr)
);

-- What is to be done later or again; the table is db-scheduler's.
create table scheduled_tasks (
  task_name text not null,
  task_instance text not null,
  task_data bytea,
  execution_time timestamptz not null,
  picked boolean not null,
  picked_by text,
  last_success timestamptz,
  last_failure timestamptz,
  consecutive_failures int,
  last_heartbeat timestamptz,
  version bigint not null,
  priority smallint,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_due on scheduled_tasks (execution_time);
create index scheduled_tasks_first on scheduled_tasks (priority desc, execution_time);
create index scheduled_tasks_alive on scheduled_tasks (last_heartbeat);

-- What everybody should know who deals with a household, until a day.
create table pinned_notice (
  id uuid primary key,
  household_id uuid not null references household,
  words text not null,
  pinned_by text not null,
  pinned_at timestamptz not null,
  until date not null,
  taken_off_by text,
  taken_off_at timestamptz
);
create index notice_of on pinned_notice (household_id) where taken_off_at is null;

-- What somebody wants to be told of again.
create table own_reminder (
  id uuid primary key,
  claim text not null,
  login text not null,
  on_day date not null,
  words text not null,
  made_at timestamptz not null,
  done_at timestamptz
);
create index reminder_due on own_reminder (login, on_day) where done_at is null;

-- What was foreseen of a household and has been seen to, by whom and how.
create table foreseen_settled (
  household_id uuid not null references household,
  what text not null,
  settled_by text not null references staff,
  settled_at timestamptz not null,
  because text not null,
  primary key (household_id, what)
);

-- When somebody of the office meets a household, and what came of it.
create table appointment (
  id uuid primary key,
  claim text not null,
  on_day date not null,
  at_time time not null,
  minutes int not null,
  with_whom text not null references staff,
  place text not null,
  interpreter text,
  about text not null,
  made_by text not null references staff,
  made_at timestamptz not null,
  here_since timestamptz,
  over text,
  note text,
  over_by text references staff,
  over_at timestamptz
);
create index appointment_on on appointment (on_day, at_time);
create index appointment_about on appointment (claim);

-- Days on which the office is closed though they are working days.
create table closure (
  id uuid primary key,
  from_day date not null,
  until_day date not null,
  because text not null,
  declared_by text not null references staff,
  declared_at timestamptz not null,
  taken_back_by text references staff,
  taken_back_at timestamptz,
  check (from_day <= until_day)
);

-- Who came to the counter, under the number of the day; forgotten after a month.
create table arrival (
  id uuid primary key,
  on_day date not null,
  nr int not null,
  name text not null,
  wish text not null,
  household_id uuid references household,
  came_at timestamptz not null,
  called_by text references staff,
  called_at timestamptz,
  ended_at timestamptz,
  unique (on_day, nr)
);
