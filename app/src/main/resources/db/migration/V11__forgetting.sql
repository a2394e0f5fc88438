-- What is only added to stays so for everybody, but for the owner of the tables who forgets households whose keeping time is
-- over: that takes their entries, events and determinations out. The log and its chain stay whole.
create or replace function never_changes() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE'
    and tg_table_name in ('entry', 'claim_event', 'determination')
    and current_setting('civitane.forgetting', true) = 'yes'
    and current_user = (select pg_get_userbyid(relowner) from pg_class where oid = tg_relid) then
    return old;
  end if;
  raise exception '% is append-only', tg_table_name;
end $$;
-- What points to a row that goes is looked for.
create index claim_decision_on on claim_decision (determination_id);
create index message_of_letter on message (letter_id) where letter_id is not null;
