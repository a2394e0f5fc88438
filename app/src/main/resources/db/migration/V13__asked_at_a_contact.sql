-- Who signs later is asked at a contact of their own, and shows there that it is they. A code that was handed to whoever
-- applies would have let them sign for somebody else; and who has signed stands in the ledger.
alter table signing_request drop column code_hash, drop column signed_at, add column contact text;
