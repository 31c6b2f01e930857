package grastel.app.bench;

import grastel.app.platform.Now;
import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A stack kept by name. */
@Entity
@Table(name = "bench_stack")
class SavedStack extends Owned {
    @Column(nullable = false, length = 80)
    private String name;

    @Column(nullable = false, length = 600)
    private String note;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private StackData stack;

    @Column(name = "changed_at", nullable = false)
    private Instant changedAt;

    @Version
    @Column(nullable = false)
    private int version;

    protected SavedStack() {}

    SavedStack(String name, String note, StackData stack) {
        set(name, note, stack);
    }

    void set(String newName, String newNote, StackData newStack) {
        name = newName;
        note = newNote;
        stack = newStack;
        changedAt = Now.instant();
    }

    String name() {
        return name;
    }

    String note() {
        return note;
    }

    StackData stack() {
        return stack;
    }

    Instant changedAt() {
        return changedAt;
    }

    int version() {
        return version;
    }
}
