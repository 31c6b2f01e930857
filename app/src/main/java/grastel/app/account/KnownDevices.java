package grastel.app.account;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface KnownDevices extends JpaRepository<KnownDevice, UUID> {
    boolean existsByTokenHash(String tokenHash);

    @Modifying
    @Query("update KnownDevice d set d.seenAt = :now where d.tokenHash = :tokenHash")
    int seen(String tokenHash, Instant now);

    @Modifying
    @Query("delete from KnownDevice d where d.seenAt < :before")
    void forgetUnseenSince(Instant before);
}
