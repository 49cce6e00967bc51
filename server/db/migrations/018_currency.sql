-- What amounts of money are in (ISO 4217); null where nobody has said it, and then they are figures alone.
alter table site add column currency text check (currency ~ '^[A-Z]{3}$');
