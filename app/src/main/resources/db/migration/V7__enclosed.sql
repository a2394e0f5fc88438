-- What goes with a letter in one envelope, as it went: a form to be sent back.
alter table letter add column enclosed bytea;
