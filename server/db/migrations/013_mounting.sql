-- How a part sits on the board, where that is not the usual way of its kind.
alter table part_line add column mounting jsonb;
