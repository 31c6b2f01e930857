package grastel.app.returns.page;

import grastel.app.platform.Owned;
import grastel.core.reading.PageFlag;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.DynamicUpdate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One page of a file, from waiting to confirmed. Only what has changed is written, so that changes of other things stand. */
@Entity
@DynamicUpdate
@Table(name = "returned_page")
public class ReturnedPage extends Owned {
    public enum State {
        QUEUED,
        READING,
        READ,
        UNREADABLE,
        /** The back of a sheet: kept, and nothing is to be read there. */
        BACK,
        /** A page of a chart of the kit, which has been given what it tells. */
        CHART,
        CANCELLED
    }

    @Column(name = "file_id", nullable = false, updatable = false)
    private UUID file;

    @Column(name = "page_index", nullable = false, updatable = false)
    private int index;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private State state = State.QUEUED;

    /** How often reading has been begun since it was asked for. */
    @Column(nullable = false)
    private int tries;

    @Column(length = 30)
    private @Nullable String problem;

    @Column(name = "problem_figure")
    private @Nullable Double problemFigure;

    @Embedded
    private @Nullable PageAssignment whose;

    /** Marker centres pointed at by hand, as shares of the picture: x,y of the four from the top left clockwise. */
    @Column(length = 400)
    private @Nullable String corners;

    /** Where its sheet lies in a picture of several, see {@link SheetPosition}; null in a picture of its own. */
    @Column(length = 40)
    private String spot;

    @Column(name = "found_code", length = 20)
    private @Nullable String foundCode;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    private @Nullable String reading;

    /** What to know of the reading, parted by spaces. */
    @Column(nullable = false, length = 200)
    private String flags = "";

    @Column(name = "reader_version")
    private @Nullable Integer readerVersion;

    @Column(name = "read_at")
    private Instant readAt;

    @Column(name = "confirmed_at")
    private @Nullable Instant confirmedAt;

    /** While it is read: until when whoever reads it has it, unless that is put off. */
    @Column(name = "held_until")
    private @Nullable Instant heldUntil;

    /** Put aside for a second look. */
    @Column(nullable = false)
    private boolean flagged;

    /** The teacher's words to the student. */
    @Column(nullable = false, length = 600)
    private String note = "";

    @Column(name = "note_by")
    private @Nullable UUID noteBy;

    @OneToMany(mappedBy = "page", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("place")
    private List<GoalMark> marks = new ArrayList<>();

    /** The last field with pigment, in the order of work; null where there is none, and of pages read before it was kept. */
    @Column(length = 40)
    private @Nullable String furthest;

    /** What was read. @param reading as JSON; @param flags what to know of it; @param furthest the last field begun, or null */
    public record Kept(
            String reading, List<PageFlag> flags, @Nullable String furthest) {}

    protected ReturnedPage() {}

    public ReturnedPage(UUID file, int index) {
        this.file = file;
        this.index = index;
    }

    /** One of several sheets in a picture. */
    public ReturnedPage(UUID file, int index, SheetPosition spot) {
        this(file, index);
        liesAt(spot);
    }

    public void liesAt(SheetPosition where) {
        spot = where.toString();
    }

    /** @param matchedTo the page it was said to be; null to be told by its code */
    public void queueAgain(@Nullable PageAssignment matchedTo, @Nullable String newCorners) {
        state = State.QUEUED;
        tries = 0;
        problem = null;
        problemFigure = null;
        whose = matchedTo;
        corners = newCorners;
        forgetReading();
    }

    /** Somebody begins to read it. */
    public void take() {
        state = State.READING;
        tries++;
    }

    public void cancel() {
        state = State.CANCELLED;
    }

    public void readAs(PageAssignment page, @Nullable String code, Kept kept, int version, Instant when) {
        state = State.READ;
        problem = null;
        problemFigure = null;
        whose = page;
        foundCode = code;
        reading = kept.reading();
        furthest = kept.furthest();
        flags = kept.flags().stream().map(Enum::name).collect(Collectors.joining(" "));
        readerVersion = version;
        readAt = when;
    }

    public void failed(String why, double figure, @Nullable String code, Instant when) {
        state = State.UNREADABLE;
        problem = why;
        problemFigure = figure;
        foundCode = code;
        readAt = when.truncatedTo(ChronoUnit.MICROS);
        forgetReading();
    }

    public void isBack(Instant when) {
        isNoSheet(State.BACK, when);
    }

    public void isOfChart(Instant when) {
        isNoSheet(State.CHART, when);
    }

    private void isNoSheet(State what, Instant when) {
        state = what;
        readAt = when.truncatedTo(ChronoUnit.MICROS);
        forgetReading();
    }

    void confirmed(Instant when) {
        confirmedAt = when.truncatedTo(ChronoUnit.MICROS);
    }

    void reopen() {
        confirmedAt = null;
        marks.forEach(GoalMark::reopen);
    }

    private void forgetReading() {
        reading = null;
        furthest = null;
        flags = "";
        readerVersion = null;
        marks.clear();
    }

    public UUID file() {
        return file;
    }

    public int index() {
        return index;
    }

    public State state() {
        return state;
    }

    public int tries() {
        return tries;
    }

    @Nullable
    String problem() {
        return problem;
    }

    @Nullable
    Double problemFigure() {
        return problemFigure;
    }

    /** Which printed page it is; null while that is not known. */
    public @Nullable PageAssignment whose() {
        return whose;
    }

    public @Nullable UUID printedPage() {
        return whose == null ? null : whose.printedPage();
    }

    public @Nullable String corners() {
        return corners;
    }

    public String spot() {
        return spot;
    }

    @Nullable
    String foundCode() {
        return foundCode;
    }

    public @Nullable String reading() {
        return reading;
    }

    public String note() {
        return note;
    }

    @Nullable
    Integer readerVersion() {
        return readerVersion;
    }

    public Instant readAt() {
        return readAt;
    }

    public @Nullable Instant confirmedAt() {
        return confirmedAt;
    }

    public List<GoalMark> marks() {
        return marks;
    }
}
