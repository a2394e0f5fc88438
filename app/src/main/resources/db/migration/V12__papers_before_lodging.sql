-- A file that a household sent for its application before it was lodged, and what it is for, as the application says it: a
-- kind of paper and whose. It is filed with the claim that wants it once there is one.
create table application_paper (
  id uuid primary key,
  application_id uuid not null references application,
  wanted text not null,
  hash text not null references paper_file,
  pages int not null,
  name text not null,
  remark text not null,
  came_at timestamptz not null,
  filed_at timestamptz,
  unique (application_id, wanted, hash)
);
create index application_paper_of on application_paper (application_id, came_at);
create index application_paper_hash on application_paper (hash);
