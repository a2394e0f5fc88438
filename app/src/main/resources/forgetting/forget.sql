-- Takes out every row of the households in going_household. Logs keep that something was done, by ids and numbers.

-- Whom and what it is about: the households, everybody of them, and what is theirs.
create temporary table going_subject on commit drop as
with recursive going (id) as (
  select id from going_household
  union
  select entry.subject_id from entry join going_household on entry.refers_to = going_household.id
  union
  select subject.id from subject join going on subject.of_id = going.id)
select id from going;
create temporary table going_claim on commit drop as
select id, number from claim where household_id in (select id from going_household);
create temporary table going_application on commit drop as
select id, receipt from application where household_id in (select id from going_household);
create temporary table going_number on commit drop as
select number from going_claim
union select receipt from going_application where receipt is not null;
create temporary table going_contact on commit drop as
select contact from door_application where application_id in (select id from going_application)
union select contact from door_signer where number in (select number from going_claim);
create temporary table going_letter on commit drop as
select id from letter where about in (select number from going_number);
create temporary table going_paper on commit drop as
select id from paper where household_id in (select id from going_household);
create temporary table going_file on commit drop as
select hash from sheet where of in (select id from going_paper)
union select answer from form_out
where answer is not null and application_id in (select id from going_application)
union select hash from application_paper where application_id in (select id from going_application);
-- Somebody outside whom nobody else named: a landlord, say, is a person too.
create temporary table going_party on commit drop as
select party.id from party
where id in (select party_id from party_named where household_id in (select id from going_household))
  and id not in (select party_id from party_named where household_id not in (select id from going_household))
  and joined_to is null and takes_part is null
  and not exists (select 1 from party other where other.joined_to = party.id);
insert into going_subject
with recursive going (id) as (
  select id from going_party union select subject.id from subject join going on subject.of_id = going.id)
select id from going;

-- What the office planned and noted.
delete from parked where claim in (select number from going_number);
delete from own_reminder where claim in (select number from going_number);
delete from appointment where claim in (select number from going_number);
delete from arrival where household_id in (select id from going_household);
delete from foreseen_settled where household_id in (select id from going_household);
delete from pinned_notice where household_id in (select id from going_household);
delete from scheduled_tasks
where task_instance in (select number from going_number)
  or split_part(task_instance, ' ', 1) in (
    select number from going_number
    union select id::text from going_subject union select id::text from going_claim
    union select id::text from going_application union select id::text from going_letter);

-- What was checked.
delete from comparison_settled where household_id in (select id from going_household);
delete from knowledge_check where person_id in (select id from going_subject);
delete from register_inquiry where household_id in (select id from going_household);
delete from register_answer where application_id in (select id from going_application);

-- The door.
delete from door_code
where key in (select number from going_number union select contact from going_contact);
delete from door_visit
where number in (select number from going_claim)
  or application_id in (select id from going_application)
  or signer_id in (select id from door_signer where number in (select number from going_claim));
delete from door_signer where number in (select number from going_claim);
delete from door_application where application_id in (select id from going_application);

-- Letters and messages.
delete from message
where household_id in (select id from going_household)
  or letter_id in (select id from going_letter)
  or household_id is null and to_way in (select contact from going_contact);
delete from correction_item
where request_id in (
  select id from correction_request where claim_number in (select number from going_number));
delete from correction_request where claim_number in (select number from going_number);
delete from post_hold where household_id in (select id from going_household);
delete from letter where id in (select id from going_letter);

-- Money owed.
delete from debt_less
where ref in (select ref from debt where household_id in (select id from going_household))
  or claim_id in (select id from going_claim);
delete from debt where household_id in (select id from going_household);

-- Papers, and files that no other paper is made of.
delete from form_out where application_id in (select id from going_application);
delete from application_paper where application_id in (select id from going_application);
delete from scan where application_id in (select id from going_application);
delete from sheet where of in (select id from going_paper);
delete from paper where id in (select id from going_paper);
delete from going_file
where hash in (select hash from sheet)
  or hash in (select answer from form_out where answer is not null)
  or hash in (select hash from application_paper);
delete from paper_proposal where hash in (select hash from going_file);
delete from paper_page where hash in (select hash from going_file);
delete from paper_piece where hash in (select hash from going_file);
delete from paper_file where hash in (select hash from going_file);

-- Claims.
delete from party_named where household_id in (select id from going_household);
delete from claim_item where claim_id in (select id from going_claim);
delete from claim_stint where claim_id in (select id from going_claim);
delete from claim_event where claim_id in (select id from going_claim);
delete from claim_decision where claim_id in (select id from going_claim);
delete from determination where claim_id in (select id from going_claim);
delete from claim where id in (select id from going_claim);
delete from signing_request where application_id in (select id from going_application);
delete from application where id in (select id from going_application);
-- A row of a list stays, with what became of it and nothing of whom it was about.
update batch_row set cells = '[]', packet = null, faults = null
where receipt in (select number from going_number);

-- The ledger.
delete from restricted_seen_by where household_id in (select id from going_household);
delete from restricted_household where household_id in (select id from going_household);
delete from known_person where household_id in (select id from going_household);
delete from entry where subject_id in (select id from going_subject);
delete from party where id in (select id from going_party);
-- Each is of one that goes as well: all of them at once, so that none is left behind for a moment.
delete from subject where id in (select id from going_subject);
delete from household where id in (select id from going_household);
