package grastel.app.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface InviteRows extends JpaRepository<Invite, UUID> {
    List<Invite> findByExpiresAtAfterOrderByMadeAt(Instant now);

    Optional<Invite> findByTokenHashAndExpiresAtAfter(String tokenHash, Instant now);

    /** Uses an invite up; 1 for the one who got it. */
    @Modifying
    @Query("delete from Invite i where i.tokenHash = :tokenHash and i.expiresAt > :now")
    int take(String tokenHash, Instant now);

    /** Takes one back; 1 if it was still there. */
    @Modifying
    @Query("delete from Invite i where i.id = :id")
    int takeBack(UUID id);

    @Modifying
    @Query("delete from Invite i where i.expiresAt <= :now")
    void forgetOver(Instant now);
}
