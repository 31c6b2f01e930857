package grastel.app.returns.page;

import grastel.app.returns.api.Confirmed;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface GoalMarks extends JpaRepository<GoalMark, UUID> {
    String CONFIRMED = "select new grastel.app.returns.api.Confirmed(p.whose.student, p.whose.run, m.exercise, m.kind,"
            + " m.goal, m.level, m.figure, m.plusMinus, m.nearly, m.secure, m.beyond, m.band, m.cause, coalesce(m.field, p.furthest), p.id,"
            + " p.readAt, p.createdAt) from GoalMark m join m.page p where p.confirmedAt is not null ";

    @Query("select m from GoalMark m where m.page.id in :pages order by m.place")
    List<GoalMark> ofPages(Collection<UUID> pages);

    /** What was confirmed of those who are in classes now, wherever they were before; the first received first. */
    @Query(CONFIRMED + "and p.whose.student in (select s.id from Student s where s.schoolClass.id in :classes"
            + " and not exists (select f.id from FormerStudent f where f.student = s.id and f.schoolClass = s.schoolClass.id))"
            + " order by p.createdAt, m.place")
    List<Confirmed> confirmed(Collection<UUID> classes);

    /** What was confirmed of pages that were printed for a class, the first received first. */
    @Query(CONFIRMED + "and p.whose.schoolClass = :schoolClass order by p.createdAt, m.place")
    List<Confirmed> confirmedIn(UUID schoolClass);

    @Query(CONFIRMED + "and p.whose.student = :student order by p.createdAt, m.place")
    List<Confirmed> confirmedOf(UUID student);
}
