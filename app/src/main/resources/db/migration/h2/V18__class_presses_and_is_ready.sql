-- What is known of a class beside its list: how hard it presses, and when it is ready for what builds on a skill.

alter table school_class add column pressures varchar(120) default '' not null;
alter table school_class add column ready_share double precision default 0.66666666666666663 not null;

-- For which band the thresholds of a mark are: a class may change its band.
alter table goal_mark add column band varchar(20) default 'DEVELOPING' not null;
update goal_mark m set band = coalesce(
    (select n.band from print_run n join returned_page p on p.run_id = n.id where p.id = m.page_id),
    (select c.band from school_class c join returned_page p on p.class_id = c.id where p.id = m.page_id),
    'DEVELOPING');
