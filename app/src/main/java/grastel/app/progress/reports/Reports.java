package grastel.app.progress.reports;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.progress.Progress;
import grastel.app.progress.Progress.ClassRecords;
import grastel.app.returns.Crops;
import grastel.core.checks.Require;
import grastel.core.progress.SkillLevel.Try;
import grastel.core.progress.StudentRecord;
import grastel.core.progress.Summary;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One page on each student for families, and one on a class for its teacher. */
@Service
@Transactional(readOnly = true)
class Reports {
    private final Classes classes;
    private final Progress progress;
    private final Crops crops;
    private final Clock clock;

    Reports(Classes classes, Progress progress, Crops crops, Clock clock) {
        this.classes = classes;
        this.progress = progress;
        this.crops = crops;
        this.clock = clock;
    }

    /** What would be said of a student. @param first and latest field of what grew most; both null where none can be shown */
    record Draft(
            StudentInfo student,
            String secure,
            String grew,
            String next,
            @Nullable Seen first,
            @Nullable Seen latest) {}

    /** @param read which reading its picture belongs to */
    record Seen(Try of, Instant read) {}

    /** What a teacher wants said. */
    record Wanted(UUID student, String secure, String grew, String next) {}

    /** Who has nothing confirmed is left out. */
    List<Draft> drafts(UUID schoolClass) {
        ClassInfo of = classes.one(schoolClass);
        ClassRecords records = progress.ofClass(of);
        return of.students().stream()
                .filter(s -> records.byStudent().containsKey(s.id()))
                .map(s -> draft(s, records))
                .toList();
    }

    private static Draft draft(StudentInfo student, ClassRecords records) {
        Summary summary = Summary.of(Require.key(records.byStudent(), student.id()));
        return new Draft(
                student,
                ReportWords.secure(firstName(student.name()), summary),
                ReportWords.grew(summary),
                ReportWords.next(summary),
                summary.pair().map(p -> seen(p.first(), records)).orElse(null),
                summary.pair().map(p -> seen(p.latest(), records)).orElse(null));
    }

    private static Seen seen(Try of, ClassRecords records) {
        return new Seen(of, Require.key(records.readOf(), of.weakest().page()));
    }

    private static String firstName(String name) {
        return name.strip().split("\\s+")[0];
    }

    /** @param named false for a number in place of each name; the number is the place in the class list */
    byte[] pdf(UUID schoolClass, List<Wanted> wanted, boolean named) {
        ClassInfo of = classes.one(schoolClass);
        Map<UUID, Draft> drafts = drafts(schoolClass).stream()
                .collect(Collectors.toMap(d -> d.student().id(), d -> d, (a, b) -> a, LinkedHashMap::new));
        List<StudentReport> reports = new ArrayList<>();
        for (Wanted w : wanted) {
            Draft draft = Optional.ofNullable(drafts.get(w.student()))
                    .orElseThrow(() -> ApiProblem.notFound(say("thing.student-with-confirmed-work-in-this-class")));
            reports.add(report(of, w, draft, named));
        }
        return StudentReport.pdf(of.name(), reports);
    }

    private StudentReport report(ClassInfo of, Wanted w, Draft draft, boolean named) {
        int number = of.students().indexOf(draft.student()) + 1;
        String name = draft.student().name();
        return new StudentReport(
                named ? name : "Student " + number,
                of.name(),
                LocalDate.now(clock),
                named ? w.secure() : nameless(w.secure(), name, number),
                named ? w.grew() : nameless(w.grew(), name, number),
                named ? w.next() : nameless(w.next(), name, number),
                picture(draft.first()),
                picture(draft.latest()));
    }

    /** The name is taken out of the words too. */
    private static String nameless(String words, String name, int number) {
        return words.replace(name, "Student " + number).replace(firstName(name), "Student " + number);
    }

    private StudentReport.@Nullable Pictured picture(@Nullable Seen seen) {
        return seen == null
                ? null
                : new StudentReport.Pictured(
                        crops.of(seen.of().weakest().page(), seen.of().weakest().field()),
                        LocalDate.ofInstant(seen.of().received(), clock.getZone()));
    }

    byte[] ofClass(UUID schoolClass) {
        ClassInfo of = classes.one(schoolClass);
        Map<UUID, StudentRecord> records = new LinkedHashMap<>();
        ClassRecords all = progress.ofClass(of);
        of.students().stream()
                .filter(s -> all.byStudent().containsKey(s.id()))
                .forEach(s -> records.put(s.id(), all.byStudent().get(s.id())));
        if (records.isEmpty()) {
            throw ApiProblem.conflict("NOTHING_CONFIRMED", say("problem.no-work-of-has", of.name()));
        }
        return ClassReport.pdf(of, LocalDate.now(clock), records);
    }
}
