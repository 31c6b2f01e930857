package grastel.app.returns.page;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PageImages extends JpaRepository<PageImage, UUID> {
    Optional<PageImage> findByPageAndPart(UUID page, String part);

    boolean existsByPageAndPart(UUID page, String part);

    @Modifying
    @Query("delete from PageImage i where i.page = :page")
    void deleteOf(UUID page);
}
