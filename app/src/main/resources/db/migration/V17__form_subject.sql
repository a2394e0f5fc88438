-- A form that is made from a claim is about somebody who is known for good; one from an application, about a row of it.
alter table form_out alter column person_id drop not null;
alter table form_out add column subject uuid;
alter table form_out add constraint form_out_about check ((person_id is null) <> (subject is null));
create unique index form_out_once on form_out (application_id, kind, subject, asked) where subject is not null;
