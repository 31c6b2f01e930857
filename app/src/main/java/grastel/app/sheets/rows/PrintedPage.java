package grastel.app.sheets.rows;

import grastel.app.platform.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One student's page of a run. */
@Entity
@Table(name = "printed_page")
class PrintedPage extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "run_id", nullable = false, updatable = false)
    private PrintRun run;

    @Column(name = "student_id", nullable = false, updatable = false)
    private UUID student;

    @Column(nullable = false, updatable = false)
    private int number;

    /** Which page of the sheet, from 0. */
    @Column(nullable = false, updatable = false)
    private int part;

    /** The student's own; null for that of the run. */
    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "version_id", updatable = false)
    private @Nullable SheetVersion version;

    protected PrintedPage() {}

    PrintedPage(PrintRun run, @Nullable SheetVersion version, UUID student, int part, int number) {
        this.run = run;
        this.version = version;
        this.student = student;
        this.part = part;
        this.number = number;
    }

    PrintRun run() {
        return run;
    }

    UUID student() {
        return student;
    }

    int number() {
        return number;
    }

    int part() {
        return part;
    }
}
