package grastel.app.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SavedStacks extends JpaRepository<SavedStack, UUID> {
    List<SavedStack> findAllByOrderByName();

    boolean existsByName(String name);
}
