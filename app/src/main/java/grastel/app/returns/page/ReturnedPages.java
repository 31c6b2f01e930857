package grastel.app.returns.page;

import grastel.app.returns.api.PageProgress;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import jakarta.persistence.LockModeType;
import jakarta.persistence.QueryHint;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;

public interface ReturnedPages extends JpaRepository<ReturnedPage, UUID> {
    /** Hibernate's: rows that somebody holds are passed over. */
    String SKIP_LOCKED = "-2";

    /**
     * Waiting pages: each teacher's first before anyone's second, so that a pile keeps nobody else waiting; last those whose reading
     * was begun before and did not end.
     */
    @Query(
            "select p.id from ReturnedPage p where p.state = QUEUED"
                    + " order by case when p.tries > 0 then 1 else 0 end, row_number() over (partition by p.owner order by p.createdAt, p.index), p.createdAt, p.index")
    List<UUID> waiting(Limit limit);

    /** One of them, for whoever takes it; empty where somebody else is taking it at this moment, or has. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @QueryHints(@QueryHint(name = "jakarta.persistence.lock.timeout", value = SKIP_LOCKED))
    @Query("select p from ReturnedPage p where p.id = :id and p.state = QUEUED")
    Optional<ReturnedPage> free(UUID id);

    /** Holds pages that are being read, from now on for so long. */
    @Modifying
    @Query(
            "update ReturnedPage p set p.heldUntil = timestampadd(second, :seconds, instant) where p.id in :ids and p.state = READING")
    int hold(Collection<UUID> ids, long seconds);

    /** Puts back what was half-read when the program ended. @param weight tries that this counts as, beyond the one begun */
    @Modifying
    @Query("update ReturnedPage p set p.state = QUEUED, p.tries = p.tries + :weight where p.state = READING")
    int putBack(int weight);

    /** Puts back one whose reading is given up. */
    @Modifying
    @Query("update ReturnedPage p set p.state = QUEUED where p.id = :id and p.state = READING")
    int putBack(UUID id);

    /** Puts back what is being read and held by nobody. */
    @Modifying
    @Query("update ReturnedPage p set p.state = QUEUED"
            + " where p.state = READING and (p.heldUntil is null or p.heldUntil < instant)")
    int putBackForsaken();

    @Query("select p.whose.schoolClass from ReturnedPage p where p.id = :id")
    Optional<UUID> classOf(UUID id);

    /** A page whose state is to change: nobody else changes it until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from ReturnedPage p where p.id = :id")
    Optional<ReturnedPage> forChange(UUID id);

    @Modifying
    @Query("update ReturnedPage p set p.note = :note, p.noteBy = :by"
            + " where p.id = :id and (p.note = :seen or p.note = :note)")
    int note(UUID id, String note, String seen, UUID by);

    /** The words on a page as they are now, whatever of the page was loaded before. */
    @Query("select new grastel.app.returns.page.WrittenNote(p.note, p.noteBy) from ReturnedPage p where p.id = :id")
    Optional<WrittenNote> written(UUID id);

    @Modifying
    @Query("update ReturnedPage p set p.flagged = :flagged where p.id = :id")
    int flag(UUID id, boolean flagged);

    long countByStateIn(Collection<ReturnedPage.State> states);

    String LINE = "select new grastel.app.returns.page.PageLine(p.id, f.name, p.index, p.createdAt, p.state, p.problem,"
            + " p.problemFigure, p.foundCode, p.spot, p.whose.printedPage, p.whose.run, p.whose.student, p.confirmedAt, p.readAt,"
            + " p.flagged, p.flags, p.readerVersion) from ReturnedPage p join ScanFile f on f.id = p.file ";

    @Query(LINE + "where p.id = :id")
    Optional<PageLine> line(UUID id);

    @Query(LINE + "where p.id in :ids order by p.createdAt, p.index")
    List<PageLine> lines(Collection<UUID> ids);

    @Query(LINE + "where p.whose.run in :runs order by p.createdAt, p.index")
    List<PageLine> ofRuns(Collection<UUID> runs);

    @Query(LINE + "where p.whose.printedPage in :printedPages order by p.createdAt, p.index")
    List<PageLine> ofPrintedPages(Collection<UUID> printedPages);

    @Query(LINE + "where p.whose.student = :student order by p.createdAt, p.index")
    List<PageLine> ofStudent(UUID student);

    @Query(LINE + "where p.whose.printedPage is null and p.state not in (BACK, CHART) order by p.createdAt, p.index")
    List<PageLine> withoutSheet();

    @Query("select count(p) from ReturnedPage p where p.whose.printedPage is null and p.state = UNREADABLE")
    int countUnplaced();

    /** What a student gave in of one page of a sheet before a moment, of whatever printing, the newest first. */
    @Query("select p from ReturnedPage p where p.whose.student = :student and p.whose.sheet = :sheet"
            + " and p.whose.part = :part and p.state = READ and p.createdAt < :before order by p.createdAt desc")
    List<ReturnedPage> readBefore(UUID student, UUID sheet, int part, Instant before, Limit limit);

    @Query("select count(p) > 0 from ReturnedPage p where p.whose.printedPage = :printedPage and p.state = READ"
            + " and p.id <> :but")
    boolean isReadTwice(UUID printedPage, UUID but);

    /** Ids of the pages read of printed pages, in the order in which to lock them. */
    @Query(
            "select p.id from ReturnedPage p where p.whose.printedPage in :printedPages and p.state = READ order by p.id")
    List<UUID> readOf(Collection<UUID> printedPages);

    @Query("select p.reading from ReturnedPage p where p.whose.printedPage in :printedPages and p.state = READ"
            + " order by p.createdAt")
    List<String> readings(Collection<UUID> printedPages);

    /** What was read on pages. */
    @Query(
            "select new grastel.app.returns.page.ReturnedPages$Reading(p.id, p.reading) from ReturnedPage p where p.id in :ids")
    List<Reading> readingsOf(Collection<UUID> ids);

    record Reading(UUID page, String reading) {}

    /** How far students of classes came on pages that were read, the first received first. */
    @Query("select new grastel.app.returns.api.PageProgress(p.whose.schoolClass, p.whose.sheet, p.whose.run,"
            + " p.whose.student, p.furthest, p.createdAt) from ReturnedPage p"
            + " where p.whose.schoolClass in :classes and p.state = READ and p.furthest is not null"
            + " order by p.createdAt, p.index")
    List<PageProgress> reached(Collection<UUID> classes);

    /** What a teacher has decided about goals that have a figure. @param factor the usual thresholds were multiplied by it */
    record Decided(
            Goal goal,
            double figure,
            double nearly,
            double secure,
            double beyond,
            double factor,
            Level proposed,
            Level level) {}

    String DECIDED =
            "select new grastel.app.returns.page.ReturnedPages$Decided(m.goal, m.figure, m.nearly, m.secure, m.beyond,"
                    + " m.factor, m.proposed, m.level) from GoalMark m join m.page p"
                    + " where p.confirmedAt is not null and m.figure is not null and m.level is not null ";

    @Query(DECIDED)
    List<Decided> decided();

    @Query(DECIDED + "and p.whose.schoolClass = :schoolClass")
    List<Decided> decided(UUID schoolClass);

    /** Words written to a page. */
    record Note(UUID page, String words) {}

    @Query("select new grastel.app.returns.page.ReturnedPages$Note(p.id, p.note) from ReturnedPage p"
            + " where p.id in :pages and p.note <> ''")
    List<Note> notes(Collection<UUID> pages);

    /** Of runs those that something has come back of and was read. */
    @Query("select distinct p.whose.run from ReturnedPage p where p.whose.run in :runs"
            + " and p.state = grastel.app.returns.page.ReturnedPage.State.READ")
    Set<UUID> back(Collection<UUID> runs);
}
