package grastel.app.account;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The front door of accounts. */
@Service
public class Accounts {
    private final Teachers teachers;
    private final PasswordEncoder passwords;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    /** Checked against when the name is unknown, so that the answer takes as long. */
    private final String nobodysHash;

    Accounts(
            Teachers teachers,
            PasswordEncoder passwords,
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.teachers = teachers;
        this.passwords = passwords;
        this.events = events;
        this.transactions = transactions;
        this.nobodysHash = passwords.encode(UUID.randomUUID().toString());
    }

    /** True until the first account is made. */
    public boolean isFirstStart() {
        return teachers.count() == 0;
    }

    /** Makes an account and everything a new teacher starts with; all or nothing. */
    public SignedIn join(String name, String displayName, String password) {
        String plain = plain(name);
        PasswordRules.require(password, plain, displayName, "grastel");
        if (teachers.findBySignInName(plain).isPresent()) {
            throw ApiProblem.invalid("name", "TAKEN", "This sign-in name is taken.");
        }
        Teacher teacher = new Teacher(plain, displayName.strip(), passwords.encode(password));
        return Ownership.as(
                teacher.id(),
                () -> transactions.execute(status -> {
                    teachers.saveAndFlush(teacher);
                    events.publishEvent(new TeacherJoined(teacher.id()));
                    return signedIn(teacher);
                }));
    }

    Optional<SignedIn> check(String name, String password) {
        Optional<Teacher> teacher = teachers.findBySignInName(plain(name));
        boolean right =
                passwords.matches(password, teacher.map(Teacher::passwordHash).orElse(nobodysHash));
        return right ? teacher.map(Accounts::signedIn) : Optional.empty();
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
        return teachers.findById(id).map(Teacher::displayName).orElse("");
    }

    private static SignedIn signedIn(Teacher teacher) {
        return new SignedIn(teacher.id(), teacher.signInName(), teacher.displayName());
    }

    private static String plain(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }
}
