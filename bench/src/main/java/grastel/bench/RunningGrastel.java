package grastel.bench;

import grastel.app.GrastelApplication;
import grastel.app.account.Accounts;
import grastel.app.classes.CalendarData;
import grastel.app.classes.CalendarData.DatesData;
import grastel.app.classes.CalendarData.SlotData;
import grastel.app.classes.Classes;
import grastel.app.course.outlines.Outlines;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.projects.Projects;
import grastel.app.projects.Rights;
import grastel.app.returns.Returns;
import grastel.app.returns.intake.WatchedFolder;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.page.PageSize;
import grastel.core.planning.calendar.Turn;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.stilllife.HarbourFind;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** The application itself, with one teacher signed in, as benchmarks use it. */
final class RunningGrastel implements AutoCloseable {
    /** A school scanner, JPEG quality 0.85. */
    private static final ScanConditions FLATBED_300 = new ScanConditions(300, 1, 0, 0, 0.06, 0, 1.5, 0.85, 0, 2);

    private static final String PASSWORD = "gannet-quarry-umbrella-nine";

    final SignedIn teacher;
    /** Where drawn pages lie. */
    final Path drawn;

    private final Path data;

    private final ConfigurableApplicationContext context;

    RunningGrastel() throws IOException {
        data = Files.createTempDirectory("grastel-bench").toAbsolutePath();
        drawn = Files.createDirectories(data.resolve("drawn"));
        context = SpringApplication.run(
                GrastelApplication.class, "--server.port=0", "--grastel.data=" + data, "--logging.level.root=error");
        teacher = join("bench.teacher");
    }

    SignedIn join(String name) {
        return context.getBean(Accounts.class).join(name, name, PASSWORD);
    }

    /** H2's own file, or PostgreSQL's tables: without scans and pictures, MB. */
    double databaseMb() throws IOException {
        if (context.getEnvironment().matchesProfiles("postgres")) {
            return jdbc().queryForObject(
                                    "select pg_database_size(current_database()) - pg_total_relation_size('stored_file')",
                                    Long.class)
                    / 1e6;
        }
        jdbc().execute("checkpoint sync");
        return Files.size(data.resolve("grastel.mv.db")) / 1e6;
    }

    @Override
    public void close() {
        context.close();
    }

    List<Kit.KitPaper> papers(SignedIn owner) {
        return Ownership.as(owner.id(), () -> context.getBean(Kit.class).papers());
    }

    /** Prints a pressure scale of seven steps. */
    UUID printScale(SignedIn owner, int students) {
        UUID pencil = Ownership.as(
                owner.id(), () -> context.getBean(Kit.class).pencils().get(6).id());
        Map<String, ValueData> values = Map.of("pencil", ValueData.of(pencil), "steps", ValueData.of(7));
        return print(owner, papers(owner).get(1).id(), new ExerciseData(PressureScale.ID, values), students);
    }

    /** A picture to draw from, 150 × 200 mm. */
    void takePicture(SignedIn of) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(HarbourFind.GLASS_FLOAT.picture(1500, 1), "jpeg", out);
            Ownership.as(
                    of.id(),
                    () -> context.getBean(Projects.class)
                            .create("Glass float", null, Rights.SET_UP_FROM_LIFE, "", out.toByteArray()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Prints a sheet of one exercise for a class of its own, which may use solvent. */
    UUID print(SignedIn owner, UUID paper, ExerciseData exercise, int students) {
        return Ownership.as(owner.id(), () -> {
            Sheets sheets = context.getBean(Sheets.class);
            Classes classes = context.getBean(Classes.class);
            List<String> names = IntStream.rangeClosed(1, students)
                    .mapToObj(i -> "Student " + i)
                    .toList();
            UUID schoolClass = classes.create(
                            UUID.randomUUID().toString().substring(0, 8), GradeBand.ADVANCED, names, CalendarData.NONE)
                    .id();
            classes.teach(schoolClass, null, Method.USUAL.with(MethodAnswer.SOLVENT_SPARING), false);
            SheetData data = new SheetData(schoolClass, null, paper, PageSize.A4, List.of(exercise));
            return context.getBean(Printings.class)
                    .print(sheets.create(null, data).id(), schoolClass)
                    .id();
        });
    }

    /** Draws and scans the first pages of a run at 300 dpi, as name1.jpg and so on. */
    void draw(SignedIn owner, UUID run, String name, int count) {
        printed(owner, run, count).parallelStream().forEach(sheet -> {
            byte[] jpeg = new SimulatedScanner(sheet.paper())
                    .scan(
                            sheet.layout(),
                            FieldTask.of(sheet.plan(), sheet.layout()),
                            sheet.plan().palette(),
                            Hand.EXACT,
                            FLATBED_300,
                            sheet.page().number())
                    .jpeg();
            try {
                Files.write(page(name, sheet.page().number()), jpeg);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    /** The first pages of a run. */
    List<Printings.PrintedSheet> printed(SignedIn owner, UUID run, int count) {
        Printings printings = context.getBean(Printings.class);
        return Ownership.as(
                owner.id(),
                () -> printings.pages(run).stream()
                        .limit(count)
                        .map(page -> printings.printed(page.id()))
                        .toList());
    }

    Path page(String name, int number) {
        return drawn.resolve(name + number + ".jpg");
    }

    Path inbox(SignedIn owner) throws IOException {
        return context.getBean(WatchedFolder.class).of(owner);
    }

    /** @param seconds until all were read; @param heapMb the largest seen */
    record Pile(double seconds, long heapMb) {}

    /** Lays drawn pages into the inbox at once and waits until all are read. */
    Pile pile(SignedIn owner, String name, int count) throws IOException {
        Path inbox = inbox(owner);
        int before = read();
        for (int i = 1; i <= count; i++) {
            Files.move(page(name, i), inbox.resolve(name + i + ".jpg"));
        }
        while (Files.exists(inbox.resolve(name + "1.jpg"))) {
            LockSupport.parkNanos(5_000_000);
        }
        long start = System.nanoTime();
        long heap = 0;
        while (read() < before + count) {
            heap = Math.max(heap, heapMb());
            LockSupport.parkNanos(20_000_000);
        }
        return new Pile((System.nanoTime() - start) / 1e9, heap);
    }

    static long heapMb() {
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory() >> 20;
    }

    /** Medians in ms over single pages: from the upload to the stored readings, to the stored pictures, and djpeg's. */
    record Singles(double readings, double pictures, double djpeg) {
        double ratio() {
            return readings / djpeg;
        }
    }

    /** Uploads drawn pages one after another, djpeg before each. */
    Singles singles(String name, int count) throws IOException, InterruptedException {
        List<Double> readings = new ArrayList<>();
        List<Double> pictures = new ArrayList<>();
        List<Double> djpeg = new ArrayList<>();
        int port = ((WebServerApplicationContext) context).getWebServer().getPort();
        Uploader uploader = new Uploader(port, teacher.name(), PASSWORD);
        for (int i = 1; i <= count; i++) {
            Path file = page(name, i);
            djpeg.add(Djpeg.millis(file));
            byte[] bytes = Files.readAllBytes(file);
            long start = System.nanoTime();
            uploader.upload("single.jpg", bytes);
            UUID page = newest();
            await("select count(*) from returned_page where id = ? and state not in ('QUEUED', 'READING')", page);
            readings.add((System.nanoTime() - start) / 1e6);
            requireRead(file, page);
            await("select count(*) from page_image where page_id = ? and part = 'page'", page);
            pictures.add((System.nanoTime() - start) / 1e6);
        }
        return new Singles(Djpeg.median(readings), Djpeg.median(pictures), Djpeg.median(djpeg));
    }

    private void requireRead(Path file, UUID page) {
        String problem = context.getBean(JdbcTemplate.class)
                .queryForObject("select problem from returned_page where id = ?", String.class, page);
        if (problem != null) {
            throw new IllegalStateException(file + " could not be read: " + problem);
        }
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

    JdbcTemplate jdbc() {
        return context.getBean(JdbcTemplate.class);
    }

    /** The teacher at a browser. */
    Uploader client() throws IOException, InterruptedException {
        return new Uploader(
                ((WebServerApplicationContext) context).getWebServer().getPort(), teacher.name(), PASSWORD);
    }

    void confirmAll(SignedIn owner, UUID run) {
        Ownership.as(owner.id(), () -> {
            Returns returns = context.getBean(Returns.class);
            returns.attempts(run).forEach(a -> returns.confirm(a.page(), Map.of()));
            return null;
        });
    }

    /** Gives a class a term of which it is the tenth week, periods today, and a course from an outline that ships. */
    void course(SignedIn owner, UUID schoolClass, int period) {
        LocalDate monday =
                LocalDate.now(ZoneId.systemDefault()).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        CalendarData calendar = new CalendarData(
                null,
                new DatesData(monday.minusWeeks(9), monday.plusWeeks(10), "Term"),
                Turn.EVERY,
                List.of(
                        new SlotData(
                                LocalDate.now(ZoneId.systemDefault()).getDayOfWeek(),
                                LocalTime.of(8 + period, 0),
                                50,
                                "",
                                Turn.EVERY),
                        new SlotData(
                                LocalDate.now(ZoneId.systemDefault())
                                        .getDayOfWeek()
                                        .plus(1),
                                LocalTime.of(8 + period, 0),
                                50,
                                "",
                                Turn.EVERY)),
                List.of(),
                List.of(),
                null,
                null,
                List.of());
        Ownership.as(owner.id(), () -> {
            Kit kit = context.getBean(Kit.class);
            context.getBean(Classes.class).meet(schoolClass, null, calendar);
            context.getBean(Outlines.class)
                    .begin(
                            schoolClass,
                            "colour-in-depth",
                            kit.sets().get(0).id(),
                            kit.papers().get(1).id());
            return null;
        });
    }

    /** So many more students, thirty a class. */
    void moreStudents(int count) {
        Ownership.as(teacher.id(), () -> {
            Classes classes = context.getBean(Classes.class);
            for (int i = 0; i < count / 30; i++) {
                int first = 30 * i;
                classes.create(
                        "Year " + i,
                        GradeBand.DEVELOPING,
                        IntStream.range(first, first + 30)
                                .mapToObj(n -> "Pupil " + Integer.toString(n * 7919, 36))
                                .toList(),
                        CalendarData.NONE);
            }
            return null;
        });
    }

    UUID classOf(UUID run) {
        return jdbc().queryForObject("select class_id from print_run where id = ?", UUID.class, run);
    }

    /** Dates a printing before all others of its class. @return the newest of them */
    UUID makeOldest(UUID run) {
        jdbc().update("update print_run set created_at = created_at - interval '2' year where id = ?", run);
        return jdbc().queryForList(
                        "select id from print_run where class_id = ? order by created_at desc",
                        UUID.class,
                        classOf(run))
                .get(0);
    }

    UUID newestOf(UUID run) {
        return jdbc().queryForList(
                        "select id from returned_page where run_id = ? order by created_at desc", UUID.class, run)
                .get(0);
    }

    UUID studentOf(UUID page) {
        return jdbc().queryForObject("select student_id from returned_page where id = ?", UUID.class, page);
    }

    /** Pages read so far. */
    int read() {
        return count("state = 'READ'");
    }

    int readOf(SignedIn owner) {
        return count("state = 'READ' and owner_id = '" + owner.id() + "'");
    }

    /** Pages that are read or never will be. */
    int done() {
        return count("state in ('READ', 'UNREADABLE')");
    }

    private int count(String where) {
        return context.getBean(JdbcTemplate.class)
                .queryForObject("select count(*) from returned_page where " + where, Integer.class);
    }
}
