package grastel.app.account;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SignInTries extends JpaRepository<SignInTry, UUID> {
    @Query("select t from SignInTry t order by t.triedAt desc, t.id")
    List<SignInTry> latest(Pageable page);

    @Modifying
    @Query("delete from SignInTry t where t.triedAt < :before")
    void forgetBefore(Instant before);
}
