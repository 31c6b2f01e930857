package grastel.app.sharing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ClassShares extends JpaRepository<ClassShare, UUID> {
    List<ClassShare> findBySchoolClassOrderByCreatedAt(UUID schoolClass);

    Optional<ClassShare> findBySchoolClassAndColleague(UUID schoolClass, UUID colleague);

    List<ClassShare> findByColleagueOrderByCreatedAt(UUID colleague);
}
