package grastel.app.sheets;

import grastel.app.platform.Owned;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.page.PageSize;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.util.UUID;

/** One state of a sheet. Once printed it never changes; its layout and plan are kept as they were. */
@Entity
@Table(name = "sheet_version")
class SheetVersion extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "sheet_id", nullable = false, updatable = false)
    private Sheet sheet;

    @Column(nullable = false)
    private int number;

    @Column(name = "pencil_id", nullable = false)
    private UUID pencil;

    @Column(name = "paper_id", nullable = false)
    private UUID paper;

    @Enumerated(EnumType.STRING)
    @Column(name = "page_size", nullable = false, length = 10)
    private PageSize pageSize;

    @Column(nullable = false)
    private int steps;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private PressureScale.Direction direction;

    @Column(name = "box_mm", nullable = false)
    private double boxMm;

    @Column(nullable = false)
    @Lob
    private String plan;

    @Column(nullable = false)
    @Lob
    private String layout;

    protected SheetVersion() {}

    SheetVersion(Sheet sheet, int number, Sheets.Parameters parameters, String plan, String layout) {
        this.sheet = sheet;
        this.number = number;
        set(parameters, plan, layout);
    }

    /** Only for a version that was never printed. */
    void set(Sheets.Parameters parameters, String newPlan, String newLayout) {
        pencil = parameters.pencil();
        paper = parameters.paper();
        pageSize = parameters.pageSize();
        steps = parameters.scale().steps();
        direction = parameters.scale().direction();
        boxMm = parameters.scale().boxMm();
        plan = newPlan;
        layout = newLayout;
    }

    Sheets.Parameters parameters() {
        return new Sheets.Parameters(pencil, paper, pageSize, new PressureScale(steps, direction, boxMm));
    }

    Sheet sheet() {
        return sheet;
    }

    int number() {
        return number;
    }

    UUID paper() {
        return paper;
    }

    UUID pencil() {
        return pencil;
    }

    String plan() {
        return plan;
    }

    String layout() {
        return layout;
    }
}
