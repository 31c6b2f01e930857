package grastel.app.account;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SignInBuckets extends JpaRepository<SignInBucket, String> {
    /** Nobody else takes from it until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select b from SignInBucket b where b.id = :id")
    Optional<SignInBucket> forChange(String id);

    @Modifying
    @Query("delete from SignInBucket b where b.countedAt < :before")
    void forgetBefore(Instant before);

    @Modifying
    @Query("delete from SignInBucket b where b.id = :id")
    void forget(String id);
}
