package grastel.app.classes;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SchoolClasses extends JpaRepository<SchoolClass, UUID> {
    List<SchoolClass> findAllByOrderByName();

    boolean existsByName(String name);
}
