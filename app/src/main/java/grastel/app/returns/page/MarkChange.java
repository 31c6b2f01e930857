package grastel.app.returns.page;

import grastel.app.platform.Owned;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One decision about one goal of a page; they are only ever added. It does not name the mark: a page that is read anew gets
 * new ones, and what was decided before stays known.
 */
@Entity
@Table(name = "mark_change")
public class MarkChange extends Owned {
    @Column(name = "page_id", nullable = false, updatable = false)
    private UUID page;

    /** Which exercise of the sheet, from 0. */
    @Column(nullable = false, updatable = false)
    private int exercise;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, updatable = false, length = 20)
    private Goal goal;

    @Enumerated(EnumType.ORDINAL)
    @Column(nullable = false, updatable = false, columnDefinition = "integer")
    private Level proposed;

    @Enumerated(EnumType.ORDINAL)
    @Column(name = "from_level", columnDefinition = "integer")
    private @Nullable Level from;

    @Enumerated(EnumType.ORDINAL)
    @Column(name = "to_level", columnDefinition = "integer")
    private @Nullable Level to;

    @Column(name = "changed_by", nullable = false, updatable = false)
    private UUID by;

    protected MarkChange() {}

    /** @param to null where the decision is taken back; what stood before is the mark's level */
    MarkChange(GoalMark mark, @Nullable Level to, UUID by) {
        this.page = mark.page();
        this.exercise = mark.exercise();
        this.goal = mark.goal();
        this.proposed = mark.proposed();
        this.from = mark.level();
        this.to = to;
        this.by = by;
    }

    public int exercise() {
        return exercise;
    }

    public Goal goal() {
        return goal;
    }

    /** What was proposed when it was decided. */
    public Level proposed() {
        return proposed;
    }

    /** Null where nothing was decided before. */
    public @Nullable Level from() {
        return from;
    }

    /** Null where the decision was taken back. */
    public @Nullable Level to() {
        return to;
    }

    public UUID by() {
        return by;
    }
}
