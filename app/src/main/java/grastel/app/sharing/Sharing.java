package grastel.app.sharing;

import static grastel.core.words.Words.say;

import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.platform.colleagues.Guest;
import grastel.app.platform.colleagues.Right;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Which colleague may see which class. The owner says so, class by class, and takes it back at any time. */
@Service
class Sharing {
    private final ClassShares shares;
    private final Classes classes;
    private final Accounts accounts;
    private final TransactionTemplate transactions;

    Sharing(ClassShares shares, Classes classes, Accounts accounts, TransactionTemplate transactions) {
        this.shares = shares;
        this.classes = classes;
        this.accounts = accounts;
        this.transactions = transactions;
    }

    /** @param colleague as they are called */
    record Share(UUID id, String colleague, Right right) {}

    /** A class of somebody else's. @param owner as they are called */
    record Shown(UUID schoolClass, String name, String owner, Right right) {}

    List<Share> of(UUID schoolClass) {
        return transactions.execute(status -> {
            classes.one(schoolClass);
            return shares.findBySchoolClassOrderByCreatedAt(schoolClass).stream()
                    .map(this::share)
                    .toList();
        });
    }

    /** Lets a colleague in, or changes what one may do. @param name by which the colleague signs in */
    List<Share> allow(UUID schoolClass, String name, Right right) {
        return transactions.execute(status -> {
            classes.one(schoolClass);
            UUID colleague = accounts.byName(name)
                    .map(SignedIn::id)
                    .filter(id -> !id.equals(Ownership.current()))
                    .orElseThrow(() -> ApiProblem.invalid("name", "NOBODY", say("problem.no-colleague-of-this-name")));
            ClassShare share = shares.findBySchoolClassAndColleague(schoolClass, colleague)
                    .orElseGet(() -> new ClassShare(schoolClass, colleague, right));
            share.allow(right);
            shares.saveAndFlush(share);
            return of(schoolClass);
        });
    }

    void takeBack(UUID schoolClass, UUID id) {
        transactions.executeWithoutResult(status -> {
            ClassShare share = shares.findById(id)
                    .filter(s -> s.schoolClass().equals(schoolClass))
                    .orElseThrow(() -> ApiProblem.notFound(say("thing.share")));
            shares.delete(share);
        });
    }

    /** What colleagues let a teacher see. */
    List<Shown> shownTo(UUID teacher) {
        return Ownership.asSystem(() -> shares.findByColleagueOrderByCreatedAt(teacher)).stream()
                .map(share -> new Shown(
                        share.schoolClass(),
                        Ownership.as(
                                share.owner(),
                                () -> classes.one(share.schoolClass()).name()),
                        accounts.displayName(share.owner()),
                        share.right()))
                .toList();
    }

    /** As whom a teacher comes into a class; empty where it is not shared with them. */
    Optional<Guest> guest(UUID schoolClass, UUID teacher) {
        return Ownership.asSystem(() -> shares.findBySchoolClassAndColleague(schoolClass, teacher))
                .map(share -> new Guest(share.owner(), schoolClass, share.right()));
    }

    private Share share(ClassShare share) {
        return new Share(share.id(), accounts.displayName(share.colleague()), share.right());
    }
}
