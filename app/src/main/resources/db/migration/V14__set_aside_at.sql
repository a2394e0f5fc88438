-- Post that was put aside is forgotten in time, counted from then; what lies aside already, from now.
alter table tray_piece add column set_aside_at timestamptz;
update tray_piece set set_aside_at = now() where set_aside is not null;
