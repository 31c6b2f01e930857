package grastel.bench;

import grastel.app.GrastelApplication;
import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.WatchedFolder;
import grastel.app.sheets.SheetData;
import grastel.app.sheets.SheetData.ValueData;
import grastel.app.sheets.Sheets;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.scanner.FieldTask;
import grastel.core.scanner.Hand;
import grastel.core.scanner.SimulatedScanner;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * The application itself under load: one page from upload to stored readings against djpeg, thirty pages, sixty queued, two
 * hundred of two teachers.
 */
final class WholeRun {
    private static final int STUDENTS = 60;
    private static final int SINGLES = 30;
    /** Different pages of each of the two teachers, and how often each page is laid in. */
    private static final int DIFFERENT = 20;

    private static final int TIMES = 5;
    private static final String PASSWORD = "gannet-quarry-umbrella-nine";

    private final Path data;
    private ConfigurableApplicationContext context;
    private SignedIn teacher;

    WholeRun(Path data) {
        this.data = data;
    }

    /** All of it. */
    void measure() throws IOException, InterruptedException {
        start();
        piles();
        twoTeachers(drawn());
        context.close();
    }

    /** Only the two teachers. */
    void measureTeachers() throws IOException {
        start();
        twoTeachers(drawn());
        context.close();
    }

    private void start() {
        context = SpringApplication.run(
                GrastelApplication.class, "--server.port=0", "--grastel.data=" + data, "--logging.level.root=error");
        teacher = context.getBean(Accounts.class).join("bench.teacher", "Bench", PASSWORD);
    }

    private Path drawn() throws IOException {
        return Files.createDirectories(data.resolve("drawn"));
    }

    private void piles() throws IOException, InterruptedException {
        System.out.println("drawing " + STUDENTS + " pages of 300 dpi ...");
        Path drawn = drawn();
        List<UUID> runs = List.of(print(), print(), print(), print());
        draw(runs.get(0), drawn, "warm", 30);
        draw(runs.get(1), drawn, "single", SINGLES);
        draw(runs.get(2), drawn, "thirty", 30);
        draw(runs.get(3), drawn, "sixty", STUDENTS);

        pile(drawn, "warm", 30);
        Pile thirty = pile(drawn, "thirty", 30);
        System.out.printf(
                "30 pages: %.1f s, %.1f pages/s with %d processors%n",
                thirty.seconds(), 30 / thirty.seconds(), Runtime.getRuntime().availableProcessors());
        Runtime.getRuntime().gc();
        Pile sixty = pile(drawn, "sixty", STUDENTS);
        System.out.printf(
                "60 at once with a heap of %d MB at most: %.1f s, largest heap seen %d MB%n",
                Runtime.getRuntime().maxMemory() >> 20, sixty.seconds(), sixty.heapMb());
        // Last, when the JVM has compiled what it will.
        single(drawn);
    }

    /** Two teachers lay a hundred pages each into their folders, by turns. */
    private void twoTeachers(Path drawn) throws IOException {
        SignedIn first = teacher;
        SignedIn second = context.getBean(Accounts.class).join("bench.colleague", "Colleague", PASSWORD);
        List<List<byte[]>> piles = new ArrayList<>();
        for (SignedIn one : List.of(first, second)) {
            teacher = one;
            draw(print(), drawn, one.name(), DIFFERENT);
            piles.add(pile(drawn, one.name()));
        }
        Runtime.getRuntime().gc();
        int ofFirstBefore = readOf(first);
        int before = done();
        int missedBefore = before - read();
        long start = System.nanoTime();
        for (int i = 0; i < DIFFERENT * TIMES; i++) {
            layIn(first, piles.get(0).get(i), i);
            layIn(second, piles.get(1).get(i), i);
        }
        long heap = 0;
        int lead = 0;
        while (done() < before + 2 * DIFFERENT * TIMES) {
            heap = Math.max(
                    heap,
                    Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory());
            lead = Math.max(lead, Math.abs(readOf(first) - ofFirstBefore - readOf(second)));
            LockSupport.parkNanos(20_000_000);
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        System.out.printf(
                "200 pages of two teachers: %.1f s, %.1f pages/s, %d not read, largest heap seen %d MB; neither more than %d"
                        + " pages ahead%n",
                seconds, 2 * DIFFERENT * TIMES / seconds, done() - read() - missedBefore, heap >> 20, lead);
    }

    /** Each drawn page several times over, made a file of its own by a byte after its end. */
    private static List<byte[]> pile(Path drawn, String name) throws IOException {
        List<byte[]> pile = new ArrayList<>();
        for (int i = 1; i <= DIFFERENT; i++) {
            byte[] page = Files.readAllBytes(drawn.resolve(name + i + ".jpg"));
            for (int k = 0; k < TIMES; k++) {
                byte[] another = Arrays.copyOf(page, page.length + 1);
                another[page.length] = (byte) k;
                pile.add(another);
            }
        }
        return pile;
    }

    private void layIn(SignedIn to, byte[] file, int number) throws IOException {
        Path inbox = context.getBean(WatchedFolder.class).of(to);
        Path beside = inbox.resolveSibling(to.name() + "-" + number + ".part");
        Files.write(beside, file);
        Files.move(beside, inbox.resolve("pile" + number + ".jpg"));
    }

    private int readOf(SignedIn owner) {
        return context.getBean(JdbcTemplate.class)
                .queryForObject(
                        "select count(*) from returned_page where state = 'READ' and owner_id = ?",
                        Integer.class,
                        owner.id());
    }

    /** Pages that are read or never will be. */
    private int done() {
        return context.getBean(JdbcTemplate.class)
                .queryForObject(
                        "select count(*) from returned_page where state in ('READ', 'UNREADABLE')", Integer.class);
    }

    private record Pile(double seconds, long heapMb) {}

    /** Lays files into the inbox at once and waits until all are read. */
    private Pile pile(Path drawn, String name, int count) throws IOException {
        Path inbox = context.getBean(WatchedFolder.class).of(teacher);
        int before = read();
        for (int i = 1; i <= count; i++) {
            Files.move(drawn.resolve(name + i + ".jpg"), inbox.resolve(name + i + ".jpg"));
        }
        while (waiting(inbox) == count) {
            LockSupport.parkNanos(5_000_000);
        }
        long start = System.nanoTime();
        long heap = 0;
        while (read() < before + count) {
            heap = Math.max(
                    heap,
                    Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory());
            LockSupport.parkNanos(20_000_000);
        }
        return new Pile((System.nanoTime() - start) / 1e9, heap >> 20);
    }

    private static long waiting(Path inbox) throws IOException {
        try (Stream<Path> files = Files.list(inbox)) {
            return files.filter(Files::isRegularFile).count();
        }
    }

    /** Medians over single pages of the time from the upload to the stored readings and to the stored pictures, and djpeg's. */
    private void single(Path drawn) throws IOException, InterruptedException {
        List<Double> own = new ArrayList<>();
        List<Double> pictures = new ArrayList<>();
        List<Double> djpeg = new ArrayList<>();
        int port = ((WebServerApplicationContext) context).getWebServer().getPort();
        Uploader uploader = new Uploader(port, teacher.name(), PASSWORD);
        for (int i = 1; i <= SINGLES; i++) {
            Path file = drawn.resolve("single" + i + ".jpg");
            djpeg.add(Djpeg.millis(file));
            byte[] bytes = Files.readAllBytes(file);
            long start = System.nanoTime();
            uploader.upload("single.jpg", bytes);
            UUID page = newest();
            await("select count(*) from returned_page where id = ? and state = 'READ'", page);
            own.add((System.nanoTime() - start) / 1e6);
            await("select count(*) from page_image where page_id = ? and part = 'page'", page);
            pictures.add((System.nanoTime() - start) / 1e6);
        }
        double ownMedian = Djpeg.median(own);
        double djpegMedian = Djpeg.median(djpeg);
        System.out.printf(
                "one 300 dpi A4 page (%d kB), upload to stored readings: median %.0f ms; djpeg %.0f ms; ratio %.2f;"
                        + " to stored pictures: median %.0f ms%n",
                Files.size(drawn.resolve("single1.jpg")) / 1000,
                ownMedian,
                djpegMedian,
                ownMedian / djpegMedian,
                Djpeg.median(pictures));
    }

    private UUID newest() {
        return context.getBean(JdbcTemplate.class)
                .queryForObject("select id from returned_page order by created_at desc limit 1", UUID.class);
    }

    /** Asks by a key only, and seldom, which takes next to nothing from the reading. */
    private void await(String count, UUID page) {
        JdbcTemplate jdbc = context.getBean(JdbcTemplate.class);
        while (jdbc.queryForObject(count, Integer.class, page) == 0) {
            LockSupport.parkNanos(4_000_000);
        }
    }

    /** Pages read so far, asked in the way that disturbs the reading least. */
    private int read() {
        return context.getBean(JdbcTemplate.class)
                .queryForObject("select count(*) from returned_page where state = 'READ'", Integer.class);
    }

    private UUID print() {
        return Ownership.as(teacher.id(), () -> {
            Sheets sheets = context.getBean(Sheets.class);
            Kit kit = context.getBean(Kit.class);
            List<String> names = IntStream.rangeClosed(1, STUDENTS)
                    .mapToObj(i -> "Student " + i)
                    .toList();
            UUID schoolClass = context.getBean(Classes.class)
                    .create(UUID.randomUUID().toString().substring(0, 8), GradeBand.DEVELOPING, names, List.of())
                    .id();
            UUID sheet = sheets.create(
                            null,
                            SheetData.of(
                                    kit.papers().get(1).id(),
                                    PressureScale.ID,
                                    Map.of(
                                            "pencil",
                                                    ValueData.of(
                                                            kit.pencils().get(6).id()),
                                            "steps", ValueData.of(7))))
                    .id();
            return sheets.print(sheet, schoolClass).id();
        });
    }

    private void draw(UUID run, Path folder, String name, int count) {
        List<Sheets.PrintedSheet> pages = Ownership.as(teacher.id(), () -> {
            Sheets sheets = context.getBean(Sheets.class);
            return sheets.pages(run).stream()
                    .limit(count)
                    .map(page -> sheets.printed(page.id()))
                    .toList();
        });
        pages.parallelStream().forEach(sheet -> {
            byte[] jpeg = new SimulatedScanner(sheet.paper())
                    .scan(
                            sheet.layout(),
                            FieldTask.of(sheet.plan(), sheet.layout()),
                            sheet.plan().palette(),
                            Hand.EXACT,
                            BenchSheet.FLATBED_300,
                            sheet.page().number())
                    .jpeg();
            try {
                Files.write(folder.resolve(name + sheet.page().number() + ".jpg"), jpeg);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }
}
