package grastel.app.returns;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ReturnedPages extends JpaRepository<ReturnedPage, UUID> {
    /** Waiting pages: each teacher's first before anyone's second, so that a pile keeps nobody else waiting. */
    @Query("select p.id from ReturnedPage p where p.state = QUEUED"
            + " order by row_number() over (partition by p.owner order by p.createdAt, p.index), p.createdAt, p.index")
    List<UUID> waiting(Limit limit);

    /** Takes a waiting page; 1 for the one caller that got it. */
    @Modifying
    @Query("update ReturnedPage p set p.state = READING where p.id = :id and p.state = QUEUED")
    int take(UUID id);

    /** Puts back what was half-read when the program ended. */
    @Modifying
    @Query("update ReturnedPage p set p.state = QUEUED where p.state = READING")
    int putBack();

    long countByStateIn(Collection<ReturnedPage.State> states);

    List<ReturnedPage> findByPrintedPageInOrderByCreatedAt(Collection<UUID> printedPages);

    List<ReturnedPage> findByPrintedPageIsNullOrderByCreatedAt();
}
