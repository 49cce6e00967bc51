-- A drawer or supplier that was deleted is kept, with its ledger, so that it can be brought back.
alter table stock_item add column removed_at timestamptz;
alter table supplier add column removed_at timestamptz;
drop index supplier_name;
create unique index supplier_name on supplier (lower(name)) where removed_at is null;
