package grastel.app.returns;

import grastel.app.platform.Owned;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Lob;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** One page of a file, from waiting to confirmed. */
@Entity
@Table(name = "returned_page")
class ReturnedPage extends Owned {
    enum State {
        QUEUED,
        READING,
        READ,
        UNREADABLE,
        CANCELLED
    }

    @Column(name = "file_id", nullable = false, updatable = false)
    private UUID file;

    @Column(name = "page_index", nullable = false, updatable = false)
    private int index;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private State state = State.QUEUED;

    @Column(length = 30)
    private String problem;

    @Column(name = "problem_figure")
    private Double problemFigure;

    @Column(name = "printed_page_id")
    private UUID printedPage;

    /** Marker centres pointed at by hand, as shares of the picture: x,y of the four from the top left clockwise. */
    @Column(length = 400)
    private String corners;

    @Column(name = "found_code", length = 20)
    private String foundCode;

    @Lob
    private String reading;

    @Column(name = "reader_version")
    private Integer readerVersion;

    @Column(name = "read_at")
    private Instant readAt;

    @Column(name = "confirmed_at")
    private Instant confirmedAt;

    /** Put aside for a second look. */
    @Column(nullable = false)
    private boolean flagged;

    /** The teacher's words to the student. */
    @Column(nullable = false, length = 600)
    private String note = "";

    @OneToMany(mappedBy = "page", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("place")
    private List<GoalMark> marks = new ArrayList<>();

    protected ReturnedPage() {}

    ReturnedPage(UUID file, int index) {
        this.file = file;
        this.index = index;
    }

    void queueAgain(UUID matchedTo, String newCorners) {
        state = State.QUEUED;
        problem = null;
        problemFigure = null;
        printedPage = matchedTo;
        corners = newCorners;
        forgetReading();
    }

    void cancel() {
        state = State.CANCELLED;
    }

    void readAs(UUID printed, String code, String newReading, int version, Instant when) {
        state = State.READ;
        problem = null;
        problemFigure = null;
        printedPage = printed;
        foundCode = code;
        reading = newReading;
        readerVersion = version;
        readAt = when;
    }

    void failed(String why, double figure, String code, Instant when) {
        state = State.UNREADABLE;
        problem = why;
        problemFigure = figure;
        foundCode = code;
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

    void noted(boolean flag, String words) {
        flagged = flag;
        note = words;
    }

    private void forgetReading() {
        reading = null;
        readerVersion = null;
        marks.clear();
    }

    UUID file() {
        return file;
    }

    int index() {
        return index;
    }

    State state() {
        return state;
    }

    String problem() {
        return problem;
    }

    Double problemFigure() {
        return problemFigure;
    }

    UUID printedPage() {
        return printedPage;
    }

    String corners() {
        return corners;
    }

    String foundCode() {
        return foundCode;
    }

    String reading() {
        return reading;
    }

    boolean flagged() {
        return flagged;
    }

    String note() {
        return note;
    }

    Integer readerVersion() {
        return readerVersion;
    }

    Instant readAt() {
        return readAt;
    }

    Instant confirmedAt() {
        return confirmedAt;
    }

    List<GoalMark> marks() {
        return marks;
    }
}
