-- What a class multiplies the usual thresholds of goals by.

alter table school_class add column thresholds varchar(1200) default '' not null;
