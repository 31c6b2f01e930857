package grastel.app.progress;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ForColleagues;
import grastel.app.progress.Progress.ClassRecords;
import grastel.app.returns.Hands;
import grastel.app.returns.Hands.HandView;
import grastel.app.returns.api.CauseView;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.planning.Skill;
import grastel.core.progress.Grouping;
import grastel.core.progress.Readiness;
import grastel.core.progress.SkillChange;
import grastel.core.progress.SkillLevel;
import grastel.core.progress.StudentRecord;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Levels are 0 not tried, 1 beginning, 2 nearly, 3 secure, 4 beyond. */
@RestController
@RequestMapping("/api/progress")
class ProgressController {
    private static final int LAST_PAGES = 3;

    private final Classes classes;
    private final Progress progress;
    private final Hands hands;

    ProgressController(Classes classes, Progress progress, Hands hands) {
        this.classes = classes;
        this.progress = progress;
        this.hands = hands;
    }

    /** @param level of this attempt; @param read which reading its picture belongs to; @param field null for the page */
    record TryView(
            @NotNull Instant received,
            @NotNull double level,
            @NotNull UUID page,
            @NotNull Instant read,
            String field) {}

    /** A figure that grew. @param plusMinus half of the 95 % interval of the change */
    record GrowthView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull String unit,
            @NotNull int digits,
            @NotNull double first,
            @NotNull double latest,
            @NotNull double plusMinus) {}

    /**
     * From the first attempts at the same to the latest.
     *
     * @param levels better on average; @param plusMinus half of its 95 % interval
     * @param clearest the figure that shows it best, where the skill grew
     */
    record ChangeView(
            @NotNull SkillChange.Trend trend,
            @NotNull double levels,
            @NotNull double plusMinus,
            @Nullable GrowthView clearest) {}

    /**
     * Where a student is in a skill.
     *
     * @param secure at 3 or more, with attempts on two days behind it
     * @param tries the first first
     * @param spread levels between the lowest and the highest attempt
     * @param cause of the latest attempt, null at secure
     */
    record StandingView(
            @NotNull Skill skill,
            @NotNull double level,
            @NotNull boolean secure,
            @NotNull ChangeView change,
            @NotNull double spread,
            @NotNull List<TryView> tries,
            @Nullable CauseView cause) {}

    /** @param next the skill to work on, null where there is none */
    record StudentProgressView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull List<StandingView> standings,
            @Nullable Skill next) {}

    /** @param counts students who have reached each level, 0…4, and not the next */
    record SkillSpreadView(
            @NotNull Skill skill,
            @NotNull List<Integer> counts,
            @NotNull int secure,
            @NotNull int tried,
            @NotNull boolean ready) {}

    record GroupView(
            @NotNull Skill skill,
            @Nullable CauseView cause,
            @NotNull List<UUID> students) {}

    /** @param readyShare of those who tried a skill that must be secure in it, 0…1 */
    record ClassProgressView(
            @NotNull UUID schoolClass,
            @NotNull String name,
            @NotNull double readyShare,
            @NotNull List<SkillSpreadView> skills,
            @NotNull List<StudentProgressView> students,
            @NotNull List<GroupView> groups) {}

    /** A class over time: who can do what, since when, and who is taught together what is missing. */
    @ForColleagues(About.CLASS)
    @GetMapping("/classes/{id}")
    ClassProgressView ofClass(@PathVariable UUID id) {
        ClassInfo of = classes.one(id);
        ClassRecords all = progress.ofClass(of);
        Map<UUID, StudentRecord> records = new LinkedHashMap<>();
        of.students().stream()
                .map(StudentInfo::id)
                .filter(all.byStudent()::containsKey)
                .forEach(s -> records.put(s, all.byStudent().get(s)));
        return new ClassProgressView(
                id,
                of.name(),
                of.readyShare(),
                Readiness.of(records.values()).entrySet().stream()
                        .map(e -> spread(e.getKey(), e.getValue(), of.readyShare()))
                        .toList(),
                of.students().stream()
                        .map(s -> student(s, records.get(s.id()), all.readOf()))
                        .toList(),
                Grouping.of(records, Set.of()).stream()
                        .map(g -> new GroupView(
                                g.fault().skill(), CauseView.orNone(g.fault().cause()), g.students()))
                        .toList());
    }

    /** One student: every skill that was shown, with its attempts. */
    @ForColleagues(About.STUDENT)
    @GetMapping("/students/{id}")
    StudentProgressView ofStudent(@PathVariable UUID id) {
        ClassInfo of = classes.ofStudent(id);
        ClassRecords all = progress.ofStudent(of, id);
        StudentInfo student = new StudentInfo(id, Require.key(of.names(), id));
        return student(student, all.byStudent().get(id), all.readOf());
    }

    /** What a student's hand did again and again on the last pages that were confirmed. */
    @ForColleagues(About.STUDENT)
    @GetMapping("/students/{id}/hand")
    HandView hand(@PathVariable UUID id) {
        classes.ofStudent(id);
        return hands.of(progress.lastPages(id, LAST_PAGES));
    }

    private static SkillSpreadView spread(Skill skill, Readiness of, double enough) {
        return new SkillSpreadView(skill, of.reached(), of.secure(), of.tried(), of.isReady(enough));
    }

    private static StudentProgressView student(
            StudentInfo student, @Nullable StudentRecord record, Map<UUID, Instant> readOf) {
        if (record == null) {
            return new StudentProgressView(student.id(), student.name(), List.of(), null);
        }
        return new StudentProgressView(
                student.id(),
                student.name(),
                record.standings().entrySet().stream()
                        .map(e -> standing(e.getKey(), e.getValue(), readOf))
                        .toList(),
                record.next(Set.of()).orElse(null));
    }

    private static ChangeView change(SkillChange change) {
        return new ChangeView(
                change.trend(),
                change.levels(),
                change.plusMinus(),
                change.clearest()
                        .map(g -> new GrowthView(
                                g.goal(),
                                g.goal().label(),
                                g.goal().unit(),
                                g.goal().digits(),
                                g.first().figure(),
                                g.latest().figure(),
                                g.plusMinus()))
                        .orElse(null));
    }

    private static StandingView standing(Skill skill, SkillLevel standing, Map<UUID, Instant> readOf) {
        return new StandingView(
                skill,
                standing.level(),
                standing.isSecure(),
                change(standing.change()),
                standing.spread(),
                standing.tries().stream()
                        .map(t -> new TryView(
                                t.received(),
                                t.level(),
                                t.weakest().page(),
                                Require.key(readOf, t.weakest().page()),
                                t.weakest().field()))
                        .toList(),
                CauseView.orNone(standing.latest().weakest().cause()));
    }
}
