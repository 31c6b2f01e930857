package grastel.app.returns.intake;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhoneLinks extends JpaRepository<PhoneLink, UUID> {
    Optional<PhoneLink> findByTokenHash(String tokenHash);

    void deleteByExpiresAtBefore(Instant when);
}
