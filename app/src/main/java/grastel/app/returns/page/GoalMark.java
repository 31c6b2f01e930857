package grastel.app.returns.page;

import grastel.app.platform.Owned;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.judging.Proposal;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One goal of one page: what was proposed and why, and what the teacher decided. */
@Entity
@Table(name = "goal_mark")
public class GoalMark extends Owned {
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "page_id", nullable = false, updatable = false)
    private ReturnedPage page;

    /** The same without loading it. */
    @Column(name = "page_id", insertable = false, updatable = false)
    private UUID pageId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private Goal goal;

    /** Which exercise of the sheet, from 0. */
    @Column(nullable = false)
    private int exercise;

    /** The kind of that exercise, by its id. */
    @Column(nullable = false, length = 40)
    private String kind;

    @Column(nullable = false)
    private int place;

    @Enumerated(EnumType.ORDINAL)
    @Column(nullable = false, columnDefinition = "integer")
    private Level proposed;

    private @Nullable Double figure;

    @Column(name = "plus_minus")
    private @Nullable Double plusMinus;

    @Column(nullable = false)
    private double nearly;

    @Column(nullable = false)
    private double secure;

    @Column(nullable = false)
    private double beyond;

    /** That the thresholds are for. */
    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private GradeBand band;

    /** What the usual thresholds were multiplied by for this sheet. */
    @Column(nullable = false)
    private double factor;

    @Column(name = "close_call", nullable = false)
    private boolean close;

    @Enumerated(EnumType.STRING)
    @Column(length = 30)
    private @Nullable Cause cause;

    @Column(length = 20)
    private @Nullable String field;

    /** Where along a strip to look, mm from its left end. */
    @Column(name = "at_mm")
    private @Nullable Double atMm;

    @Enumerated(EnumType.ORDINAL)
    @Column(columnDefinition = "integer")
    private @Nullable Level level;

    @Column(name = "decided_at")
    private @Nullable Instant decidedAt;

    @Column(name = "decided_by")
    private @Nullable UUID decidedBy;

    protected GoalMark() {}

    public GoalMark(ReturnedPage page, NewMark made) {
        this.page = page;
        this.pageId = page.id();
        this.exercise = made.exercise();
        this.kind = made.kind();
        this.place = made.place();
        goal = made.proposal().goal();
        propose(made.proposal(), made.band(), made.factor());
    }

    /** Takes a proposal over from a newer reading. */
    public final void propose(Proposal proposal, GradeBand newBand, double newFactor) {
        proposed = proposal.level();
        figure = proposal.figure() == null ? null : proposal.figure().value();
        plusMinus = proposal.figure() == null ? null : proposal.figure().plusMinus();
        nearly = proposal.ladder().nearly();
        secure = proposal.ladder().secure();
        beyond = proposal.ladder().beyond();
        band = newBand;
        factor = newFactor;
        close = proposal.close();
        cause = proposal.cause();
        field = proposal.field();
        atMm = proposal.atMm();
    }

    void decide(Level decided, UUID teacher, Instant when) {
        level = decided;
        decidedBy = teacher;
        decidedAt = when.truncatedTo(ChronoUnit.MICROS);
    }

    /** Takes the decision back. */
    void reopen() {
        level = null;
        decidedBy = null;
        decidedAt = null;
    }

    public UUID page() {
        return pageId;
    }

    public int exercise() {
        return exercise;
    }

    public Goal goal() {
        return goal;
    }

    public Level proposed() {
        return proposed;
    }

    /** The teacher's level, null until decided. */
    public @Nullable Level level() {
        return level;
    }

    /** The teacher's level where decided, else the proposal. */
    public Level standing() {
        return level == null ? proposed : level;
    }

    public @Nullable Double figure() {
        return figure;
    }

    public @Nullable Double plusMinus() {
        return plusMinus;
    }

    public double nearly() {
        return nearly;
    }

    public double secure() {
        return secure;
    }

    public double beyond() {
        return beyond;
    }

    public boolean close() {
        return close;
    }

    public @Nullable Cause cause() {
        return cause;
    }

    public @Nullable String field() {
        return field;
    }

    public @Nullable Double atMm() {
        return atMm;
    }
}
