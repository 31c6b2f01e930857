package grastel.app.classes;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SchoolClasses extends JpaRepository<SchoolClass, UUID> {
    boolean existsByName(String name);

    List<SchoolClass> findByName(String name);

    @Query("select c from SchoolClass c left join fetch c.students where c.id = :id")
    Optional<SchoolClass> withStudents(UUID id);

    @Query("select distinct c from SchoolClass c left join fetch c.students")
    List<SchoolClass> allWithStudents();

    @Query("select s.schoolClass.id from Student s where s.id = :student")
    Optional<UUID> ofStudent(UUID student);

    /** What is loaded of classes is then out of date, and forgotten. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("update Student s set s.schoolClass = :to, s.place = :place where s.id = :student")
    int moveStudent(UUID student, SchoolClass to, int place);

    @Query("select new grastel.app.classes.Classes$StudentName(s.id, s.name, s.schoolClass.name) from Student s")
    List<Classes.StudentName> studentNames();

    @Query("select new grastel.app.classes.Classes$ClassName(c.id, c.name) from SchoolClass c")
    List<Classes.ClassName> classNames();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c from SchoolClass c where c.id = :id")
    Optional<SchoolClass> forChange(UUID id);
}
