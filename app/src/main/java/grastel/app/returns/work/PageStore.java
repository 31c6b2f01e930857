package grastel.app.returns.work;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.returns.api.ClassPagesChanged;
import grastel.app.returns.api.PagesWait;
import grastel.app.returns.page.Archive;
import grastel.app.returns.page.GoalMark;
import grastel.app.returns.page.NewImage;
import grastel.app.returns.page.NewMark;
import grastel.app.returns.page.PageAssignment;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.returns.page.ScanFiles;
import grastel.app.returns.page.SheetPosition;
import grastel.app.sheets.Printings;
import grastel.app.stored.StoredJson;
import grastel.core.reading.PageReading;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The steps of reading that touch the database, each whole or not at all. */
@Service
class PageStore {
    /** Looked at, so that some are left where others take the first at the same moment. */
    private static final int MOST_AT_ONCE = 5;
    /** Tries that a crash counts as; being killed or switched off counts as the one that was begun. */
    private static final int CRASH_WEIGHT = 4;

    private final ReturnedPages pages;
    private final ScanFiles files;
    private final Archive archive;
    private final Printings printings;
    private final StoredJson json;
    private final ReadingSettings settings;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    PageStore(
            ReturnedPages pages,
            ScanFiles files,
            Archive archive,
            Printings printings,
            StoredJson json,
            ReadingSettings settings,
            Clock clock,
            ApplicationEventPublisher events) {
        this.pages = pages;
        this.files = files;
        this.archive = archive;
        this.printings = printings;
        this.json = json;
        this.settings = settings;
        this.clock = clock;
        this.events = events;
    }

    /**
     * A page that a worker has taken.
     *
     * @param spot where in its picture it lies; null where that is not known or all of it
     * @param onlyClass whose page it may be; null for any
     * @param tries this one counted
     */
    record Taken(
            UUID id,
            UUID owner,
            UUID file,
            int index,
            @Nullable UUID printedPage,
            @Nullable String corners,
            String spot,
            @Nullable UUID onlyClass,
            int tries) {
        static Taken of(ReturnedPage p, @Nullable UUID onlyClass) {
            return new Taken(
                    p.id(),
                    p.owner(),
                    p.file(),
                    p.index(),
                    p.printedPage(),
                    p.corners(),
                    p.spot(),
                    onlyClass,
                    p.tries());
        }
    }

    /** What a page's goals come to beside what was read of the student's other pages of the sheet. */
    interface Judging {
        List<NewMark> beside(List<PageReading> siblings);
    }

    /**
     * What was read.
     *
     * @param whose the printed page it is
     * @param judging judges it; called when nobody else judges a page of the same student and sheet
     * @param siblings the student's other printed pages of the sheet
     */
    record Result(
            PageAssignment whose,
            @Nullable String code,
            ReturnedPage.Kept kept,
            int readerVersion,
            Instant readAt,
            Judging judging,
            List<UUID> siblings) {
        private Collection<UUID> together() {
            return Stream.concat(Stream.of(whose.printedPage()), siblings.stream())
                    .toList();
        }
    }

    /** Takes the next waiting page of any teacher and holds it. Call as the system. */
    @Transactional
    Optional<Taken> takeNext() {
        for (UUID id : pages.waiting(Limit.of(MOST_AT_ONCE))) {
            ReturnedPage page = pages.free(id).orElse(null);
            if (page != null && page.tries() > 0 && settings.alone() && isAnyRead()) {
                // begun before: read with no other beside it, so that only its own reader's end counts against it
                return Optional.empty();
            }
            if (page != null) {
                page.take();
                pages.flush();
                pages.hold(List.of(id), settings.hold().toSeconds());
                return Optional.of(Taken.of(page, files.onlyClass(page.file()).orElse(null)));
            }
        }
        return Optional.empty();
    }

    private boolean isAnyRead() {
        return pages.countByStateIn(List.of(ReturnedPage.State.READING)) > 0;
    }

    /** Pages that are being read are held for longer. Call as the system. */
    @Transactional
    void hold(Collection<UUID> inWork) {
        if (!inWork.isEmpty()) {
            pages.hold(inWork, settings.hold().toSeconds());
        }
    }

    /** How many pages wait. Call as the system. */
    @Transactional(readOnly = true)
    long waiting() {
        return pages.countByStateIn(List.of(ReturnedPage.State.QUEUED));
    }

    /** Puts back pages left half-read. Call as the system. @param crashed true where the program crashed while reading them */
    @Transactional
    int putBack(boolean crashed) {
        return pages.putBack(crashed ? CRASH_WEIGHT : 0);
    }

    /** Puts back a page whose reading was given up; it has been tried once more. Call as the system. */
    @Transactional
    void putBack(UUID id) {
        pages.putBack(id);
    }

    /** Puts back pages that nobody holds any more. Call as the system. */
    @Transactional
    int putBackForsaken() {
        return pages.putBackForsaken();
    }

    @Transactional(readOnly = true)
    byte[] content(UUID file) {
        return archive.file(file).orElseThrow(() -> ApiProblem.notFound(say("thing.file")));
    }

    /** What has been read of printed pages. */
    @Transactional(readOnly = true)
    List<PageReading> readings(List<UUID> printedPages) {
        return printedPages.isEmpty()
                ? List.of()
                : pages.readings(printedPages).stream().map(json::reading).toList();
    }

    /** What a page's goals come to as its siblings are now; nothing is kept. */
    @Transactional(readOnly = true)
    List<NewMark> marks(Result result) {
        return result.judging().beside(readings(result.siblings()));
    }

    /**
     * A picture turned out to hold several sheets: the page becomes the first, and each other one waits to be read. Nothing
     * happens where that was found before or the page is gone.
     */
    @Transactional
    List<UUID> part(UUID id, List<SheetPosition> spots) {
        ReturnedPage page = pages.forChange(id).orElse(null);
        if (page == null || page.state() != ReturnedPage.State.READING || page.spot() != null) {
            return List.of();
        }
        page.liesAt(spots.get(0));
        events.publishEvent(new PagesWait());
        return pages
                .saveAll(spots.stream()
                        .skip(1)
                        .map(spot -> new ReturnedPage(page.file(), page.index(), spot))
                        .toList())
                .stream()
                .map(ReturnedPage::id)
                .toList();
    }

    /** Keeps a result, unless the page was cancelled or deleted meanwhile. */
    @Transactional
    void keep(UUID id, Result result) {
        Map<UUID, ReturnedPage> taken = forChange(id, result);
        ReturnedPage page = taken.remove(id);
        if (page != null && page.state() == ReturnedPage.State.READING) {
            put(page, taken.values(), result);
            // with the figures, not with their pictures, which come later
            events.publishEvent(new ClassPagesChanged(result.whose().schoolClass()));
        }
    }

    /** Keeps a newer reading of a page that has been read. */
    @Transactional
    void renew(UUID id, Result result) {
        Map<UUID, ReturnedPage> taken = forChange(id, result);
        ReturnedPage page = taken.remove(id);
        if (page == null) {
            throw ApiProblem.notFound(say("thing.page"));
        }
        if (page.state() != ReturnedPage.State.READ || !result.whose().equals(page.whose())) {
            throw ApiProblem.conflict("CHANGED_ELSEWHERE", say("problem.this-page-was-changed"));
        }
        put(page, taken.values(), result);
    }

    /**
     * A page and what was read of the student's other pages of the sheet, taken always in the same order, so that two who take
     * the same pages do not wait for one another for ever. Pages that are being read elsewhere at this moment are not among
     * them: whoever keeps one of those waits for the printed pages first, and then sees this one.
     */
    private Map<UUID, ReturnedPage> forChange(UUID id, Result result) {
        printings.hold(result.together());
        Set<UUID> ids = new TreeSet<>(result.siblings().isEmpty() ? List.of() : pages.readOf(result.siblings()));
        ids.add(id);
        Map<UUID, ReturnedPage> taken = new HashMap<>();
        ids.forEach(one -> pages.forChange(one).ifPresent(p -> taken.put(one, p)));
        return taken;
    }

    /** Marks that are there take the new proposal over; what a teacher has decided stays decided. */
    private void put(ReturnedPage page, Collection<ReturnedPage> others, Result result) {
        page.readAs(result.whose(), result.code(), result.kept(), result.readerVersion(), result.readAt());
        archive.forgetPictures(page.id());
        for (NewMark mark : marks(result)) {
            page.marks().stream()
                    .filter(mark::isOf)
                    .findFirst()
                    .ifPresentOrElse(m -> m.propose(mark.proposal(), mark.band(), mark.factor()), () -> {
                        if (takeOver(others, mark)) {
                            page.marks().add(new GoalMark(page, mark));
                        }
                    });
        }
    }

    @Transactional(readOnly = true)
    boolean hasPicture(UUID page, String part) {
        return archive.hasPicture(page, part);
    }

    @Transactional(readOnly = true)
    Optional<byte[]> picture(UUID page, String part) {
        return archive.picture(page, part);
    }

    /** Keeps the pictures of a reading, unless the page has been read anew or is gone. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void keepPictures(UUID id, Instant readAt, List<NewImage> pictures) {
        pages.forChange(id)
                .filter(p -> p.state() == ReturnedPage.State.READ && readAt.equals(p.readAt()))
                .ifPresent(p -> archive.keep(id, pictures));
    }

    /**
     * A goal whose fields lie on several pages is kept once: with the page that was read last, unless the teacher has decided
     * about it on another. True where it is to be kept here.
     */
    private static boolean takeOver(Collection<ReturnedPage> others, NewMark mark) {
        for (ReturnedPage other : others) {
            if (other.state() != ReturnedPage.State.READ) {
                continue;
            }
            for (GoalMark there : List.copyOf(other.marks())) {
                if (mark.isOf(there)) {
                    if (there.level() != null) {
                        return false;
                    }
                    other.marks().remove(there);
                }
            }
        }
        return true;
    }

    @Transactional
    void fail(UUID id, String problem, double figure, @Nullable String code) {
        pages.forChange(id)
                .filter(p -> p.state() == ReturnedPage.State.READING)
                .ifPresent(p -> p.failed(problem, figure, code, clock.instant()));
    }

    @Transactional
    void back(UUID id) {
        pages.forChange(id)
                .filter(p -> p.state() == ReturnedPage.State.READING)
                .ifPresent(p -> p.isBack(clock.instant()));
    }

    @Transactional
    void chart(UUID id) {
        pages.forChange(id)
                .filter(p -> p.state() == ReturnedPage.State.READING)
                .ifPresent(p -> p.isOfChart(clock.instant()));
    }
}
