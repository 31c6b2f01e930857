package grastel.app.returns.intake;

import static grastel.core.words.Words.say;

import grastel.app.decoding.Decoder;
import grastel.app.decoding.ZipOfFiles;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ConstraintViolation;
import grastel.app.platform.Digest;
import grastel.app.platform.storage.Storage;
import grastel.app.platform.storage.StoredFiles;
import grastel.app.returns.api.PagesWait;
import grastel.app.returns.page.ReturnEvents;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.returns.page.ScanFile;
import grastel.app.returns.page.ScanFiles;
import grastel.app.returns.work.ReadAhead;
import grastel.app.returns.work.ReadingSettings;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes files in: looked at, then stored whole with a waiting page for each of their pages. Nothing beyond the limits is decoded. */
@Service
public class Intake {
    static final String ALREADY_HERE = "ALREADY_HERE";

    private final ScanFiles files;
    private final ReturnedPages pages;
    private final ReadingSettings settings;
    private final Decoder decoder;
    private final Storage storage;
    private final StoredFiles stored;
    private final ReadAhead readAhead;
    private final ApplicationEventPublisher news;
    private final ReturnEvents events;
    private final TransactionTemplate transactions;

    Intake(
            ScanFiles files,
            ReturnedPages pages,
            ReadingSettings settings,
            Decoder decoder,
            Storage storage,
            StoredFiles stored,
            ReadAhead readAhead,
            ApplicationEventPublisher news,
            ReturnEvents events,
            TransactionTemplate transactions) {
        this.files = files;
        this.pages = pages;
        this.settings = settings;
        this.decoder = decoder;
        this.storage = storage;
        this.stored = stored;
        this.readAhead = readAhead;
        this.news = news;
        this.events = events;
        this.transactions = transactions;
    }

    /** What became of a file. @param problem code, or null if taken; @param figure belongs to the problem */
    public record Outcome(
            String name, List<UUID> pages, @Nullable String problem, double figure) {
        public boolean taken() {
            return problem == null;
        }
    }

    /**
     * A file, or every file of a ZIP.
     *
     * @param schoolClass the only class whose pages the files may hold; null for any
     * @param told hears what became of each as soon as it is known
     */
    public void accept(
            String name,
            ZipOfFiles.Bytes content,
            ScanFile.Source source,
            @Nullable UUID schoolClass,
            Consumer<Outcome> told)
            throws IOException {
        try {
            if (ZipOfFiles.is(content)) {
                ZipOfFiles.each(content, (inside, bytes) -> told.accept(accept(inside, bytes, source, schoolClass)));
            } else {
                told.accept(accept(name, ZipOfFiles.whole(content), source, schoolClass));
            }
        } catch (UnreadablePage e) {
            told.accept(new Outcome(name, List.of(), e.problem().name(), e.figure()));
        }
    }

    /**
     * @param schoolClass the only class whose pages the file may hold; null for any
     * @throws ApiProblem where the whole intake must stop: disk full, queue full
     */
    private Outcome accept(String name, byte[] content, ScanFile.Source source, @Nullable UUID schoolClass) {
        Outcome outcome;
        try {
            PictureFile.Kind kind = PictureFile.kindOf(content);
            outcome = taken(
                    name,
                    kind,
                    content,
                    new ScanFile(shortened(name), kind.mediaType(), Digest.sha256(content), source, schoolClass));
        } catch (UnreadablePage e) {
            return new Outcome(name, List.of(), e.problem().name(), e.figure());
        }
        outcome.pages().forEach(page -> events.changed(page, null));
        news.publishEvent(new PagesWait());
        return outcome;
    }

    /** Decoding, which looks at the limits itself, begins while the file is looked at and stored. */
    private Outcome taken(String name, PictureFile.Kind kind, byte[] content, ScanFile file) throws UnreadablePage {
        boolean taken = false;
        if (!kind.isPile()) {
            readAhead.begin(file.id(), content);
        }
        try {
            int pages = decoder.inspect(file.id(), content);
            storage.requireRoom(content.length * 2L);
            // On the disk before a row says so; what no row names in the end is swept.
            stored.put(content);
            Outcome outcome = transactions.execute(status -> store(name, file, pages));
            taken = outcome.taken();
            return outcome;
        } catch (DataIntegrityViolationException e) {
            if (ConstraintViolation.of(e) == ConstraintViolation.DUPLICATE) {
                // The very file came in by another way at the same moment.
                return alreadyHere(name);
            }
            throw e;
        } finally {
            if (!taken) {
                readAhead.forget(file.id());
            }
        }
    }

    private Outcome store(String name, ScanFile file, int count) {
        if (files.existsBySha256(file.sha256())) {
            return alreadyHere(name);
        }
        requireRoomInQueue(count);
        files.save(file);
        files.flush();
        // Written here and not when the transaction ends: a full disk is then said as what it is.
        List<ReturnedPage> made = pages.saveAllAndFlush(IntStream.range(0, count)
                .mapToObj(i -> new ReturnedPage(file.id(), i))
                .toList());
        return new Outcome(name, made.stream().map(ReturnedPage::id).toList(), null, 0);
    }

    private static Outcome alreadyHere(String name) {
        return new Outcome(name, List.of(), ALREADY_HERE, 0);
    }

    private void requireRoomInQueue(int more) {
        long waiting = pages.countByStateIn(List.of(ReturnedPage.State.QUEUED, ReturnedPage.State.READING));
        if (waiting + more > settings.mostWaiting()) {
            throw new ApiProblem(
                    HttpStatus.TOO_MANY_REQUESTS, "QUEUE_FULL", say("problem.pages-are-waiting-to", waiting));
        }
    }

    private static String shortened(String name) {
        String last = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1)
                .replaceAll("\\p{Cntrl}", "");
        return last.isBlank() ? "unnamed" : last.substring(0, Math.min(200, last.length()));
    }
}
