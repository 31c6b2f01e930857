package grastel.app.sheets.rows;

import grastel.app.platform.Owned;
import grastel.core.exercise.goal.GradeBand;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.Formula;
import org.jspecify.annotations.Nullable;

/** A sheet printed for a class, its pages for each student. */
@Entity
@Table(name = "print_run")
public class PrintRun extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "version_id", nullable = false, updatable = false)
    private SheetVersion version;

    @Column(name = "class_id", nullable = false, updatable = false)
    private UUID schoolClass;

    /** As the class was when it was printed: the goals' thresholds follow it. */
    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private GradeBand band;

    @Column(nullable = false, length = 8)
    private String code;

    /** True where one card serves all and students have labels instead of pages. */
    @Column(nullable = false, updatable = false)
    private boolean card;

    /** Counted by the database: lists of runs must not load every page. */
    @Formula("(select count(*) from printed_page p where p.run_id = id)")
    private int pageCount;

    @Formula("(select coalesce(max(p.part), 0) + 1 from printed_page p where p.run_id = id)")
    private int parts;

    @OneToMany(mappedBy = "run", cascade = CascadeType.ALL)
    @OrderBy("number")
    private List<PrintedPage> pages = new ArrayList<>();

    protected PrintRun() {}

    /**
     * To be filled.
     *
     * @param version that is printed, of personal pages any of theirs
     * @param card true for a card and labels
     */
    public PrintRun(SheetVersion version, UUID schoolClass, GradeBand band, String code, boolean card) {
        this.card = card;
        this.version = version;
        this.schoolClass = schoolClass;
        this.band = band;
        this.code = code;
    }

    /** Gives a student pages. @param own version of this student, null for the run's @param drawn places of the pages */
    public final void add(@Nullable SheetVersion own, UUID student, List<Integer> drawn) {
        for (int part : drawn) {
            pages.add(new PrintedPage(this, own, student, part, pages.size() + 1));
        }
        pageCount = pages.size();
        parts = Math.max(parts, drawn.size());
    }

    SheetVersion version() {
        return version;
    }

    UUID schoolClass() {
        return schoolClass;
    }

    GradeBand band() {
        return band;
    }

    String code() {
        return code;
    }

    public List<PrintedPage> pages() {
        return pages;
    }

    int pageCount() {
        return pageCount;
    }

    /** Pages of each student. */
    int parts() {
        return parts;
    }
}
