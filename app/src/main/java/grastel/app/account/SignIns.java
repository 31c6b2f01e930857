package grastel.app.account;

import grastel.app.account.SignInTry.Outcome;
import grastel.app.platform.storage.Storage;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Who was let in and who was not, for the administrator. Nobody is kept out because it could not be written down. */
@Component
class SignIns {
    private static final Duration KEPT = Duration.ofDays(90);
    /** Whoever guesses from many addresses does not fill the disk. */
    static final int MOST = 10_000;

    private static final int SHOWN = 100;
    private static final int LONGEST_ADDRESS = 60;

    private final SignInTries tries;
    private final TransactionTemplate transactions;
    private final Storage storage;
    private final Clock clock;

    SignIns(SignInTries tries, TransactionTemplate transactions, Storage storage, Clock clock) {
        this.tries = tries;
        this.transactions = transactions;
        this.storage = storage;
        this.clock = clock;
    }

    /** @param teacher whose name was given; null where nobody has it */
    void note(@Nullable UUID teacher, String address, Outcome outcome) {
        if (storage.isFull()) {
            return;
        }
        Instant now = clock.instant();
        String from = address.substring(0, Math.min(LONGEST_ADDRESS, address.length()));
        transactions.executeWithoutResult(status -> {
            tries.save(new SignInTry(now, teacher, from, outcome));
            tries.forgetBefore(now.minus(KEPT));
            tries.latest(PageRequest.of(MOST, 1)).forEach(first -> tries.forgetBefore(first.triedAt()));
        });
    }

    /** The latest first. */
    List<SignInTry> latest() {
        return tries.latest(PageRequest.of(0, SHOWN));
    }
}
