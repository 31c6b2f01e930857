package grastel.app.classes;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SchoolClasses extends JpaRepository<SchoolClass, UUID> {
    boolean existsByName(String name);
}
