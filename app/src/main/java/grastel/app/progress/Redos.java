package grastel.app.progress;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.returns.Hands;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.api.AttemptedExercise;
import grastel.app.returns.api.Confirmed;
import grastel.app.sheets.Printings;
import grastel.app.sheets.RedoSheets;
import grastel.app.sheets.RedoSheets.Given;
import grastel.app.sheets.RedoSheets.RedoItem;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.inversion.MistakeKind;
import grastel.core.judging.Cause;
import grastel.core.judging.FieldsToRedo;
import grastel.core.judging.FieldsToRedo.Missed;
import grastel.core.planning.Skill;
import grastel.core.reading.PageReading;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What students do again: from what they missed to pages of their own. */
@Service
@Transactional
class Redos {
    private static final String AGAIN = say("paper.once-more-of", "");
    private static final int MOST_TITLE = 120;

    private final Returns returns;
    private final Printings printings;
    private final RedoSheets personal;
    private final Classes classes;
    private final Hands hands;

    Redos(Returns returns, Printings printings, RedoSheets personal, Classes classes, Hands hands) {
        this.returns = returns;
        this.printings = printings;
        this.personal = personal;
        this.classes = classes;
        this.hands = hands;
    }

    /**
     * @param students who; all where none is named
     * @param run of which printing, as it stands there; null for the newest that was confirmed of every goal
     * @param field of that printing that all do again, whatever they reached; null for each what it missed
     */
    record Wanted(UUID schoolClass, Set<UUID> students, UUID run, String field) {
        Wanted {
            students = students == null ? Set.of() : Set.copyOf(students);
        }

        boolean isOf(UUID student) {
            return students.isEmpty() || students.contains(student);
        }
    }

    /** @param title of the pages */
    record Look(String title, List<RedoSheets.Page> pages) {}

    /** A goal as it stands. @param page it was judged on */
    private record Stood(AttemptedExercise key, Missed missed, UUID page) {}

    @Transactional(readOnly = true)
    Look look(Wanted wanted) {
        List<RedoItem> asked = asked(wanted);
        String title = title(asked);
        return new Look(title, personal.look(wanted.schoolClass(), title, asked));
    }

    RunInfo print(Wanted wanted) {
        List<RedoItem> asked = asked(wanted);
        return personal.print(wanted.schoolClass(), title(asked), asked);
    }

    private String title(List<RedoItem> asked) {
        Set<UUID> runs = asked.stream()
                .flatMap(a -> a.exercises().stream())
                .map(RedoSheets.Again::run)
                .collect(Collectors.toSet());
        Set<String> titles = printings.runs(runs).values().stream()
                .map(RunInfo::title)
                .map(t -> t.startsWith(AGAIN) ? t.substring(AGAIN.length()) : t)
                .collect(Collectors.toSet());
        String whole = titles.size() == 1 ? AGAIN + titles.iterator().next() : say("paper.once-more");
        return whole.substring(0, Math.min(whole.length(), MOST_TITLE));
    }

    private List<RedoItem> asked(Wanted wanted) {
        ClassInfo to = classes.one(wanted.schoolClass());
        return wanted.field() == null ? missed(wanted) : oneField(wanted, to);
    }

    /** The same field for everyone. */
    private List<RedoItem> oneField(Wanted wanted, ClassInfo to) {
        if (wanted.run() == null) {
            throw ApiProblem.invalid("run", "MISSING", say("problem.which-printing-is-the"));
        }
        Map<UUID, Map<UUID, Given>> given = personal.given(Set.of(wanted.run()));
        return to.students().stream()
                .map(StudentInfo::id)
                .filter(s -> wanted.isOf(s) && given.containsKey(s))
                .flatMap(s -> exerciseWith(wanted.field(), Require.key(given, s).get(wanted.run()))
                        .map(e -> new RedoItem(
                                s, List.of(new RedoSheets.Again(wanted.run(), e, Map.of(wanted.field(), ""))))))
                .toList();
    }

    private static Stream<Integer> exerciseWith(String field, @Nullable Given given) {
        if (given == null) {
            return Stream.empty();
        }
        List<ExercisePlan> all = given.plan().exercises();
        return IntStream.range(0, all.size())
                .filter(e -> all.get(e).fields().stream().anyMatch(f -> f.id().equals(field)))
                .boxed();
    }

    /** To each what it missed, what is taught first before the rest. */
    private List<RedoItem> missed(Wanted wanted) {
        Map<AttemptedExercise, List<Stood>> stood = (wanted.run() == null ? confirmed(wanted) : ofRun(wanted))
                .collect(Collectors.groupingBy(Stood::key, LinkedHashMap::new, Collectors.toList()));
        Set<UUID> runs = stood.keySet().stream().map(AttemptedExercise::run).collect(Collectors.toSet());
        Map<UUID, Map<UUID, Given>> given = personal.given(runs);
        Map<UUID, RunInfo> infos = printings.runs(runs);
        Map<UUID, PageReading> readings = returns.readings(stood.values().stream()
                .flatMap(Collection::stream)
                .map(Stood::page)
                .collect(Collectors.toSet()));
        Map<UUID, MistakeKind> habits = hands.habits(readings.keySet());
        Map<UUID, List<Found>> found = new LinkedHashMap<>();
        stood.forEach((key, goals) -> {
            Given of = given.getOrDefault(key.student(), Map.of()).get(key.run());
            if (of != null) {
                found.computeIfAbsent(key.student(), s -> new ArrayList<>())
                        .add(found(
                                key,
                                goals,
                                of,
                                Require.key(infos, key.run()),
                                readings,
                                words(habits.get(key.student()))));
            }
        });
        List<RedoItem> asked = new ArrayList<>();
        found.forEach((student, exercises) -> asked.add(new RedoItem(
                student,
                exercises.stream()
                        .filter(f -> !f.again().advice().isEmpty())
                        .sorted(Comparator.comparing(Found::first))
                        .map(Found::again)
                        .toList())));
        return asked;
    }

    /** @param first skill in the order of teaching that it is for */
    private record Found(Skill first, RedoSheets.Again again) {}

    /** What to do differently where a habit is known; empty where none is. */
    private static String words(@Nullable MistakeKind habit) {
        if (habit == null) {
            return "";
        }
        return switch (habit) {
            case AS_ASKED -> "";
            case TOO_LITTLE -> say("paper.press-a-little-more");
            case TOO_MUCH -> say("paper.lighter-than-last-time");
            case FOUNDATION -> say("paper.what-lies-underneath-stays");
            case LAYER_MISSING -> say("paper.tick-off-each-layer");
            case WRONG_PENCIL -> say("paper.read-the-code-on");
        };
    }

    /** @param habit what to do differently where no cause says why: that a mixture is off its target does not */
    private static Found found(
            AttemptedExercise key,
            List<Stood> goals,
            Given of,
            RunInfo run,
            Map<UUID, PageReading> readings,
            String habit) {
        ExercisePlan plan = of.plan().exercises().get(key.exercise());
        List<PageReading> pages = goals.stream()
                .map(Stood::page)
                .distinct()
                .map(readings::get)
                .filter(Objects::nonNull)
                .toList();
        Map<String, String> advice = new LinkedHashMap<>();
        new FieldsToRedo(plan, run.band(), of.paper())
                .fields(goals.stream().map(Stood::missed).toList(), pages)
                .forEach((field, cause) -> advice.put(
                        field,
                        cause.filter(c -> c != Cause.OFF_TARGET || habit.isEmpty())
                                .map(Cause::next)
                                .orElse(habit)));
        Skill first = goals.stream()
                .flatMap(g -> Skill.seenIn(plan.kind(), g.missed().goal()).stream())
                .min(Comparator.naturalOrder())
                .orElse(Skill.FINISHING);
        return new Found(first, new RedoSheets.Again(key.run(), key.exercise(), advice));
    }

    /** Every goal of each kind as it was confirmed last. */
    private Stream<Stood> confirmed(Wanted wanted) {
        record Of(UUID student, String kind, Goal goal) {}
        Map<Of, Confirmed> newest = new LinkedHashMap<>();
        for (Confirmed c : returns.confirmed(List.of(wanted.schoolClass()))) {
            if (wanted.isOf(c.student())) {
                newest.put(new Of(c.student(), c.kind(), c.goal()), c);
            }
        }
        return new LinkedHashSet<>(newest.values())
                .stream()
                        .map(c -> new Stood(
                                c.attempt(),
                                new Missed(c.goal(), c.level(), c.cause(), c.cause() == null ? null : c.field()),
                                c.page()));
    }

    /** Every goal of a printing as it stands, confirmed or proposed. */
    private Stream<Stood> ofRun(Wanted wanted) {
        return returns.attempts(wanted.run()).stream()
                .filter(a -> wanted.isOf(a.student()))
                .flatMap(a -> stood(a, wanted.run()));
    }

    private static Stream<Stood> stood(Attempt a, UUID run) {
        return a.marks().stream()
                .map(m -> new Stood(
                        new AttemptedExercise(a.student(), run, m.exercise()),
                        new Missed(m.goal(), m.level(), m.cause(), m.field()),
                        a.page()));
    }
}
