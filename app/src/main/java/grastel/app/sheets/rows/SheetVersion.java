package grastel.app.sheets.rows;

import grastel.app.platform.Owned;
import grastel.app.sheets.api.SheetData;
import grastel.core.page.PageSize;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One state of a sheet. Once printed it never changes; its layout and plan are kept as they were. */
@Entity
@Table(name = "sheet_version")
public class SheetVersion extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "sheet_id", nullable = false, updatable = false)
    private Sheet sheet;

    @Column(nullable = false)
    private int number;

    @Column(name = "class_id")
    private @Nullable UUID schoolClass;

    @Column(name = "set_id")
    private @Nullable UUID set;

    @Column(name = "paper_id", nullable = false)
    private UUID paper;

    @Enumerated(EnumType.STRING)
    @Column(name = "page_size", nullable = false, length = 10)
    private PageSize pageSize;

    /** JSON, see {@link SheetJson}. */
    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    private String exercises;

    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    private String plan;

    @Column(nullable = false)
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    private String layout;

    /** JSON, see {@link FirstTry}; null where nothing of it was done before. */
    @Column(name = "first_tries")
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    private String firstTries;

    protected SheetVersion() {}

    public SheetVersion(Sheet sheet, int number) {
        this.sheet = sheet;
        this.number = number;
    }

    /** Only for a version that was never printed. */
    public void set(SheetData data, String newExercises, String newPlan, String newLayout) {
        schoolClass = data.schoolClass();
        set = data.set();
        paper = data.paper();
        pageSize = data.pageSize();
        exercises = newExercises;
        plan = newPlan;
        layout = newLayout;
    }

    public void triedBefore(String tries) {
        firstTries = tries;
    }

    String firstTries() {
        return firstTries;
    }

    public Sheet sheet() {
        return sheet;
    }

    public int number() {
        return number;
    }

    public @Nullable UUID schoolClass() {
        return schoolClass;
    }

    public @Nullable UUID pencilSet() {
        return set;
    }

    public UUID paper() {
        return paper;
    }

    public PageSize pageSize() {
        return pageSize;
    }

    public String exercises() {
        return exercises;
    }

    public String plan() {
        return plan;
    }

    public String layout() {
        return layout;
    }
}
