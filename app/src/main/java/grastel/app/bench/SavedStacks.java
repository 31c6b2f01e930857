package grastel.app.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SavedStacks extends JpaRepository<SavedStack, UUID> {
    @Query("select new grastel.app.bench.Bench$StackName(s.id, s.name) from SavedStack s")
    List<Bench.StackName> names();

    List<SavedStack> findAllByOrderByName();

    boolean existsByName(String name);
}
