-- Other media beside pencils: their names are longer.

alter table pencil alter column binder varchar(20) not null;
