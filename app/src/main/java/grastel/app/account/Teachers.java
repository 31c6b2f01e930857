package grastel.app.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Teachers extends JpaRepository<Teacher, UUID> {
    Optional<Teacher> findBySignInName(String signInName);
}
