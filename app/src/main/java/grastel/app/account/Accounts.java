package grastel.app.account;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.account.SignInTry.Outcome;
import grastel.app.platform.AfterCommit;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ConstraintViolation;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.platform.nodes.EventsLost;
import grastel.app.platform.nodes.ForEveryNode;
import java.text.Normalizer;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The front door of accounts. */
@Service
public class Accounts {
    static final int LONGEST_NAME = 80;

    private final Teachers teachers;
    private final PasswordEncoder passwords;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    private final SignIns signIns;
    private final Invites invites;
    /** Checked against when the name is unknown, so that the answer takes as long. */
    private final String nobodysHash;
    /** Asked at every request; forgotten whenever an account changes, and soon in any case. */
    private final Cache<UUID, Optional<Account>> known = Caffeine.newBuilder()
            .maximumSize(1000)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();

    Accounts(
            Teachers teachers,
            PasswordEncoder passwords,
            ApplicationEventPublisher events,
            TransactionTemplate transactions,
            SignIns signIns,
            Invites invites) {
        this.teachers = teachers;
        this.passwords = passwords;
        this.events = events;
        this.transactions = transactions;
        this.signIns = signIns;
        this.invites = invites;
        this.nobodysHash = passwords.encode(UUID.randomUUID().toString());
    }

    /** An account as others may know it. */
    record Account(
            UUID id, String name, String displayName, boolean administrator, boolean disabled, int credentials) {}

    /** An account was disabled or let in again, or has another password: sessions may be over. */
    record AccountChanged(UUID teacher) implements ForEveryNode {}

    /** True until the first account is made. */
    public boolean isFirstStart() {
        return teachers.count() == 0;
    }

    /**
     * Makes the account of the first start, whose teacher is the administrator.
     *
     * @throws ApiProblem NOT_FIRST_START where there is an account, also one made at the same moment
     */
    public SignedIn first(String name, String displayName, String password) {
        ApiProblem late = new ApiProblem(HttpStatus.FORBIDDEN, "NOT_FIRST_START", say("problem.there-is-an-account"));
        if (!isFirstStart()) {
            throw late;
        }
        String plain = checked(name, displayName, password);
        try {
            return made(Teacher.first(plain, displayName.strip(), passwords.encode(password)), () -> {});
        } catch (DataIntegrityViolationException e) {
            throw ConstraintViolation.of(e) == ConstraintViolation.DUPLICATE ? late : e;
        }
    }

    /** Makes an account and everything a new teacher starts with; all or nothing. */
    public SignedIn join(String name, String displayName, String password) {
        return joined(name, displayName, password, () -> {});
    }

    private SignedIn joined(String name, String displayName, String password, Runnable first) {
        String plain = checked(name, displayName, password);
        if (teachers.findBySignInName(plain).isPresent()) {
            throw taken();
        }
        try {
            return made(new Teacher(plain, displayName.strip(), passwords.encode(password)), first);
        } catch (DataIntegrityViolationException e) {
            throw ConstraintViolation.of(e) == ConstraintViolation.DUPLICATE ? taken() : e;
        }
    }

    /**
     * The same by an invitation, which is then used up.
     *
     * @throws ApiProblem LINK_OVER where it is no longer good, also where someone else was quicker
     */
    SignedIn joinInvited(String token, String name, String displayName, String password) {
        invites.until(token);
        return joined(name, displayName, password, () -> invites.use(token));
    }

    private static String checked(String name, String displayName, String password) {
        String plain = plain(name);
        if (plain.length() > LONGEST_NAME) {
            throw ApiProblem.invalid("name", "TOO_LONG", say("problem.use-at-most-characters", LONGEST_NAME));
        }
        PasswordRules.require(password, plain, displayName, "grastel");
        return plain;
    }

    private static ApiProblem taken() {
        return ApiProblem.invalid("name", "TAKEN", say("problem.this-sign-in-name"));
    }

    /** @param first done in the same transaction */
    private SignedIn made(Teacher teacher, Runnable first) {
        return Ownership.as(
                teacher.id(),
                () -> transactions.execute(status -> {
                    first.run();
                    teachers.saveAndFlush(teacher);
                    events.publishEvent(new TeacherJoined(teacher.id()));
                    return signedIn(teacher);
                }));
    }

    /**
     * The teacher of a name and password; what came of it is written down.
     *
     * @param address from where
     * @throws ApiProblem WRONG_SIGN_IN where they do not belong together, DISABLED where they do but nobody is let in
     */
    SignedIn check(String name, String password, String address) {
        Optional<Teacher> teacher = teachers.findBySignInName(plain(name));
        boolean right =
                passwords.matches(password, teacher.map(Teacher::passwordHash).orElse(nobodysHash));
        Outcome outcome = !right
                ? Outcome.WRONG
                : teacher.filter(Teacher::disabled).isPresent() ? Outcome.DISABLED : Outcome.LET_IN;
        signIns.note(teacher.map(Teacher::id).orElse(null), address, outcome);
        return switch (outcome) {
            case LET_IN -> signedIn(teacher.orElseThrow());
            case DISABLED ->
                throw new ApiProblem(HttpStatus.FORBIDDEN, "DISABLED", say("problem.this-account-is-disabled"));
            case WRONG ->
                throw new ApiProblem(HttpStatus.UNAUTHORIZED, "WRONG_SIGN_IN", say("problem.name-or-password-is"));
        };
    }

    /** Changes the password of a teacher who knows it. Other sessions end. */
    SignedIn changePassword(UUID id, String old, String password) {
        return change(id, teacher -> {
            if (!passwords.matches(old, teacher.passwordHash())) {
                throw ApiProblem.invalid("old", "WRONG", say("problem.this-is-not-your"));
            }
            setPassword(teacher, password);
        });
    }

    /** Gives a colleague a new password; their sessions end. */
    void resetPassword(UUID id, String password) {
        change(id, teacher -> setPassword(teacher, password));
    }

    private void setPassword(Teacher teacher, String password) {
        PasswordRules.require(password, teacher.signInName(), teacher.displayName(), "grastel");
        teacher.setPassword(passwords.encode(password));
    }

    /** A disabled account keeps everything and lets nobody in; its sessions end at once. */
    void setDisabled(UUID id, boolean disabled) {
        change(id, teacher -> {
            if (teacher.administrator()) {
                throw ApiProblem.conflict("ADMINISTRATOR", say("problem.the-administrators-account-cannot"));
            }
            teacher.setDisabled(disabled);
        });
    }

    private SignedIn change(UUID id, Consumer<Teacher> change) {
        return transactions.execute(status -> {
            Teacher teacher = teachers.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.teacher")));
            change.accept(teacher);
            events.publishEvent(new AccountChanged(id));
            return signedIn(teacher);
        });
    }

    @EventListener
    void forget(AccountChanged changed) {
        AfterCommit.run(() -> known.invalidate(changed.teacher()));
    }

    @EventListener
    void forget(EventsLost missed) {
        known.invalidateAll();
    }

    /** True while a session may go on: its account is there, not disabled, and its password is the one it was opened with. */
    boolean isCurrent(SignedIn session) {
        return account(session.id())
                .filter(a -> !a.disabled() && a.credentials() == session.credentials())
                .isPresent();
    }

    boolean isAdministrator(UUID id) {
        return account(id).filter(Account::administrator).isPresent();
    }

    /** @throws ApiProblem for everybody else */
    public void requireAdministrator(UUID teacher) {
        if (!isAdministrator(teacher)) {
            throw new ApiProblem(HttpStatus.FORBIDDEN, "ADMINISTRATOR_ONLY", say("problem.only-the-administrator-can"));
        }
    }

    private Optional<Account> account(UUID id) {
        return known.get(id, one -> teachers.findById(one).map(Accounts::account));
    }

    List<Account> accounts() {
        return teachers.findAllByOrderByDisplayName().stream()
                .map(Accounts::account)
                .toList();
    }

    public Optional<SignedIn> byName(String name) {
        return teachers.findBySignInName(plain(name)).map(Accounts::signedIn);
    }

    /** Every teacher, for tasks that run without anyone signed in. */
    public List<SignedIn> all() {
        return teachers.findAll().stream().map(Accounts::signedIn).toList();
    }

    /** The name a teacher is called by; empty where there is no such teacher. */
    public String displayName(UUID id) {
        return account(id).map(Account::displayName).orElse("");
    }

    private static SignedIn signedIn(Teacher teacher) {
        return new SignedIn(teacher.id(), teacher.signInName(), teacher.displayName(), teacher.credentials());
    }

    private static Account account(Teacher t) {
        return new Account(t.id(), t.signInName(), t.displayName(), t.administrator(), t.disabled(), t.credentials());
    }

    /** A sign-in name as it is kept: case, spaces around it and ways of writing the same letter do not count. */
    static String plain(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFKC).strip().toLowerCase(Locale.ROOT);
    }
}
