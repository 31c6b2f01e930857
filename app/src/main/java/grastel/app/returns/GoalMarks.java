package grastel.app.returns;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface GoalMarks extends JpaRepository<GoalMark, UUID> {
    @Query("select m from GoalMark m where m.page.id in :pages order by m.place")
    List<GoalMark> ofPages(Collection<UUID> pages);
}
