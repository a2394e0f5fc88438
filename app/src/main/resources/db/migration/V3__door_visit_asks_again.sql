-- Whoever looks where their claims stand may take an application meanwhile, and go back.
alter table door_visit drop constraint door_visit_check;
alter table door_visit add check (
  (signer_id is null and num_nonnulls(number, application_id) > 0)
  or (signer_id is not null and num_nonnulls(number, application_id) = 0)
);
