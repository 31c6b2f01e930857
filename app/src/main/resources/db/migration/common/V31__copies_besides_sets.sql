-- A pencil's copies are counted once: those of its sets, and the ones besides. Until now a number stood beside the sets, and
-- the larger of the two held. Negative where some of the sets' are broken or lost.
alter table pencil rename column copies to extra;
update pencil set extra = greatest(0, extra - coalesce(
    (select sum(owned.sets)
        from (select m.pencil_id, coalesce(max(u.how_many), 1) as sets
            from set_pencil m left join class_set u on u.set_id = m.set_id
            group by m.set_id, m.pencil_id) owned
        where owned.pencil_id = pencil.id), 0));
