-- What is only added to is not emptied as a whole either.
create trigger audit_log_whole before truncate on audit_log for each statement execute function never_changes();
create trigger audit_chain_whole before truncate on audit_chain for each statement execute function never_changes();
create trigger determination_whole before truncate on determination for each statement execute function never_changes();
create trigger claim_event_whole before truncate on claim_event for each statement execute function never_changes();
create trigger entry_whole before truncate on entry for each statement execute function never_changes();
