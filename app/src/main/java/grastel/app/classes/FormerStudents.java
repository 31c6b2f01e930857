package grastel.app.classes;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface FormerStudents extends JpaRepository<FormerStudent, UUID> {
    String FORMER = "select new grastel.app.classes.Classes$Former(f.schoolClass, s.id, s.name, f.createdAt,"
            + " s.schoolClass.id, s.schoolClass.name) from FormerStudent f join Student s on s.id = f.student ";

    @Query(FORMER + "order by s.name")
    List<Classes.Former> all();

    @Query(FORMER + "where f.schoolClass = :schoolClass order by s.name")
    List<Classes.Former> of(UUID schoolClass);

    @Modifying
    @Query("delete from FormerStudent f where f.schoolClass = :schoolClass and f.student in :students")
    int forget(UUID schoolClass, Collection<UUID> students);
}
