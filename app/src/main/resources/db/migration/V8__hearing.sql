-- An appointment on which an appeal or a review is heard, of which the household is told by letter.
alter table appointment add column hearing boolean not null default false;
