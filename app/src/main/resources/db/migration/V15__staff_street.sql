-- Where somebody of the office lives, as far as the office says it: who looks at their own street stands out.
alter table staff add column street text;
