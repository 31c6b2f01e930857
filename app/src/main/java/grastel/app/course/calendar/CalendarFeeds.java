package grastel.app.course.calendar;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeeds extends JpaRepository<CalendarFeed, UUID> {
    Optional<CalendarFeed> findByTokenHash(String tokenHash);
}
