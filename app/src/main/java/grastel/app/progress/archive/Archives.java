package grastel.app.progress.archive;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.JsonFormat;
import grastel.app.returns.Crops;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Puts all there is of a class into one file. Pictures are taken one after another, so that a year of them needs no room. */
@Service
class Archives {
    private final Classes classes;
    private final Printings printings;
    private final Returns returns;
    private final Crops crops;
    private final JsonFormat<ClassArchive> format;
    private final Clock clock;

    Archives(Classes classes, Printings printings, Returns returns, Crops crops, JsonMapper json, Clock clock) {
        this.classes = classes;
        this.printings = printings;
        this.returns = returns;
        this.crops = crops;
        this.clock = clock;
        this.format = new JsonFormat<>(
                json,
                ClassArchive.class,
                "class-archive.schema.json",
                "archive",
                say("thing.an-archive-of-a-class"),
                "grastelClassArchive",
                ClassArchive.VERSION);
    }

    ClassArchive of(UUID schoolClass) {
        ClassInfo of = classes.one(schoolClass);
        List<RunInfo> runs = printings.runs().stream()
                .filter(r -> r.schoolClass().equals(schoolClass))
                .toList();
        Map<UUID, List<Attempt>> attempts = returns.standings(runs).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().attempts()));
        List<ClassArchive.Student> students = of.names().entrySet().stream()
                .map(s -> new ClassArchive.Student(s.getKey(), s.getValue()))
                .sorted(Comparator.comparing(ClassArchive.Student::name))
                .toList();
        return ClassArchive.of(of, clock.instant(), students, runs, attempts);
    }

    /** The same of one student alone, in whatever class the pages were printed. */
    ClassArchive ofStudent(UUID student) {
        ClassInfo of = classes.ofStudent(student);
        Map<UUID, List<Attempt>> attempts =
                returns.attemptsOf(student).stream().collect(Collectors.groupingBy(Attempt::run));
        return ClassArchive.of(
                of,
                clock.instant(),
                List.of(new ClassArchive.Student(student, Require.key(of.names(), student))),
                printings.runsOfStudent(student),
                attempts);
    }

    /** When the term of a class ended, if that is past. */
    Optional<LocalDate> ended(UUID schoolClass) {
        return Optional.ofNullable(classes.one(schoolClass).calendar().term())
                .map(t -> t.to())
                .filter(to -> to.isBefore(LocalDate.now(clock)));
    }

    void write(ClassArchive archive, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        zip.putNextEntry(new ZipEntry("class.json"));
        zip.write(format.written(archive).getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
        for (ClassArchive.Page page : archive.pages()) {
            zip.putNextEntry(new ZipEntry(page.file()));
            zip.write(crops.page(page.id()));
            zip.closeEntry();
        }
        zip.finish();
    }
}
