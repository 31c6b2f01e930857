package grastel.app.account;

import grastel.app.platform.Now;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** An account. The only row without an owner: it is one. */
@Entity
@Table(name = "teacher")
class Teacher {
    @Id
    private UUID id = UUID.randomUUID();

    @Column(name = "sign_in_name", nullable = false, length = 80)
    private String signInName;

    @Column(name = "display_name", nullable = false, length = 120)
    private String displayName;

    @Column(name = "password_hash", nullable = false, length = 200)
    private String passwordHash;

    /** May add, disable and reset other accounts. */
    @Column(nullable = false)
    private boolean administrator;

    @Column(nullable = false)
    private boolean disabled;

    /** True for the one account made on the first start and null for all others: only one row can have it. */
    @Column(name = "first_of_all", updatable = false)
    private Boolean firstOfAll;

    /** Counts changes of the password; sessions opened before are over. */
    @Column(nullable = false)
    private int credentials;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt = Now.instant();

    protected Teacher() {}

    Teacher(String signInName, String displayName, String passwordHash) {
        this.signInName = signInName;
        this.displayName = displayName;
        this.passwordHash = passwordHash;
    }

    /** The account of the first start. */
    static Teacher first(String signInName, String displayName, String passwordHash) {
        Teacher first = new Teacher(signInName, displayName, passwordHash);
        first.administrator = true;
        first.firstOfAll = true;
        return first;
    }

    void setPassword(String hash) {
        passwordHash = hash;
        credentials++;
    }

    void setDisabled(boolean now) {
        disabled = now;
    }

    boolean administrator() {
        return administrator;
    }

    boolean disabled() {
        return disabled;
    }

    int credentials() {
        return credentials;
    }

    UUID id() {
        return id;
    }

    String signInName() {
        return signInName;
    }

    String displayName() {
        return displayName;
    }

    String passwordHash() {
        return passwordHash;
    }
}
