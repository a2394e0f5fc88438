-- A form that somebody outside filled in on a screen, or sent as a file, with the code on it. It is filed with the claim
-- once there is one.
alter table form_out
  add column answer text references paper_file,
  add column answer_pages int,
  add column answered_by text,
  add column filed_at timestamptz,
  add check ((answer is null) = (answer_pages is null));

create index form_out_unfiled on form_out (application_id) where answer is not null and filed_at is null;
