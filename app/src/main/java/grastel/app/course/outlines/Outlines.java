package grastel.app.course.outlines;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.CourseData;
import grastel.app.course.CourseData.LessonData;
import grastel.app.course.CourseSchedule;
import grastel.app.course.Courses;
import grastel.app.course.outlines.Outline.OutlineExercise;
import grastel.app.course.outlines.Outline.OutlineLab;
import grastel.app.course.outlines.Outline.OutlineLesson;
import grastel.app.course.outlines.Outline.OutlinePencil;
import grastel.app.course.outlines.Outline.OutlineSheet;
import grastel.app.course.outlines.Outline.OutlineValue;
import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.Kit.KitSet;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.SheetInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.checks.Require;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.media.Pencil;
import grastel.core.page.PageSize;
import grastel.core.recipe.Substitutes;
import grastel.core.recipe.Substitutes.Substitute;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fits outlines to a class: its pencils, paper, method and band; and makes outlines of courses. */
@Service
@Transactional
public class Outlines {
    private final OutlineFiles files;
    private final Courses courses;
    private final Classes classes;
    private final Sheets sheets;
    private final Kit kit;

    Outlines(OutlineFiles files, Courses courses, Classes classes, Sheets sheets, Kit kit) {
        this.files = files;
        this.courses = courses;
        this.classes = classes;
        this.sheets = sheets;
        this.kit = kit;
    }

    /** @param set pencils at hand, null for all of the kit; @param paper to draw on */
    public record Materials(UUID set, UUID paper) {}

    public Map<String, Outline> shipped() {
        return files.shipped();
    }

    /** Gives a class the lessons of an outline that ships. @param outline its id; see {@link Materials} */
    public void begin(UUID schoolClass, String outline, UUID set, UUID paper) {
        addShipped(schoolClass, outline, new Materials(set, paper), null);
    }

    /** @param from the day on or after which its first lesson begins; null for the first free period */
    public CourseSchedule addShipped(UUID schoolClass, String id, Materials materials, @Nullable LocalDate from) {
        Outline outline = files.shipped().get(id);
        if (outline == null) {
            throw ApiProblem.notFound(say("thing.outline"));
        }
        return add(schoolClass, outline, materials, from);
    }

    /** @param from as of {@link #addShipped} */
    public CourseSchedule addFile(UUID schoolClass, String text, Materials materials, @Nullable LocalDate from) {
        return add(schoolClass, files.parsed(text), materials, from);
    }

    /** Behind the lessons that are there. */
    private CourseSchedule add(UUID schoolClass, Outline outline, Materials materials, @Nullable LocalDate from) {
        ClassInfo of = classes.one(schoolClass);
        List<LessonData> all =
                new ArrayList<>(courses.dataForChange(schoolClass).lessons());
        if (all.size() + outline.lessons().size() > CourseData.MOST_LESSONS) {
            throw ApiProblem.invalid(
                    "outline",
                    "TOO_MANY",
                    say("problem.with-these-lessons-the", outline.lessons().size(), CourseData.MOST_LESSONS));
        }
        Fitting fitting = new Fitting(of, materials, outline);
        int first = all.size();
        outline.lessons().forEach(lesson -> all.add(fitting.lesson(lesson)));
        CourseSchedule laid = courses.set(schoolClass, null, new CourseData(CourseData.VERSION, all));
        if (from == null || first == all.size()) {
            return laid;
        }
        LocalDateTime earliest = from.atStartOfDay();
        if (laid.begins(all.get(first).id()).filter(earliest::isAfter).isEmpty()) {
            return laid;
        }
        return laid.periods().stream()
                .filter(p -> p.isHeld() && !p.starts().isBefore(earliest))
                .findFirst()
                .map(p -> {
                    courses.pin(schoolClass, first, p.key());
                    return courses.one(schoolClass);
                })
                .orElse(laid);
    }

    /** A lesson of one exercise as it is suggested for the class. @param at its place, from 0 */
    public CourseSchedule insert(UUID schoolClass, Integer known, String kindId, int at, Materials materials) {
        ExerciseKind kind = ExerciseKinds.of(kindId)
                .orElseThrow(
                        () -> ApiProblem.invalid("kind", "NO_SUCH_KIND", say("problem.there-is-no-exercise", kindId)));
        ClassInfo of = classes.one(schoolClass);
        List<LessonData> all =
                new ArrayList<>(courses.dataForChange(schoolClass).lessons());
        OutlineSheet one = new OutlineSheet(null, List.of(new OutlineExercise(kindId, Map.of())));
        OutlineLesson lesson = new OutlineLesson(kind.name(), kind.teaches(), null, null, null, null, List.of(one));
        Outline outline = new Outline(Outline.VERSION, kind.name(), "", List.of(), List.of(lesson));
        all.add(Math.max(0, Math.min(at, all.size())), new Fitting(of, materials, outline).lesson(lesson));
        return courses.set(schoolClass, known, new CourseData(CourseData.VERSION, all));
    }

    /** A class's course with its sheets, to be given to somebody else. */
    public String export(UUID schoolClass) {
        ClassInfo of = classes.one(schoolClass);
        Map<UUID, KitPencil> owned =
                kit.pencils().stream().collect(Collectors.toMap(KitPencil::id, Function.identity()));
        Map<UUID, OutlinePencil> pencils = new LinkedHashMap<>();
        List<LessonData> lessons = courses.data(schoolClass).lessons();
        if (lessons.isEmpty()) {
            throw ApiProblem.conflict("NO_LESSONS", say("problem.has-no-lessons-to", of.name()));
        }
        Map<UUID, SheetInfo> byId = sheets.all().stream().collect(Collectors.toMap(SheetInfo::id, s -> s));
        List<OutlineLesson> packed = lessons.stream()
                .map(l -> new OutlineLesson(
                        l.title(),
                        l.aim(),
                        l.showMinutes(),
                        l.lookMinutes(),
                        l.workMinutes(),
                        l.notes(),
                        l.sheets().stream()
                                .filter(byId::containsKey)
                                .map(id -> packed(Require.key(byId, id), owned, pencils))
                                .toList()))
                .toList();
        return files.written(new Outline(Outline.VERSION, of.name(), "", List.copyOf(pencils.values()), packed));
    }

    private static OutlineSheet packed(SheetInfo sheet, Map<UUID, KitPencil> owned, Map<UUID, OutlinePencil> pencils) {
        List<OutlineExercise> exercises = sheet.data().exercises().stream()
                .map(e -> {
                    Map<String, OutlineValue> values = new LinkedHashMap<>();
                    e.values().forEach((name, v) -> {
                        String key = v.pencil() == null ? null : key(owned.get(v.pencil()), pencils);
                        if (v.pencil() == null || key != null) {
                            values.put(name, new OutlineValue(v.number(), v.word(), v.words(), key));
                        }
                    });
                    return new OutlineExercise(e.kind(), values);
                })
                .toList();
        return new OutlineSheet(sheet.title(), exercises);
    }

    private static @Nullable String key(@Nullable KitPencil p, Map<UUID, OutlinePencil> pencils) {
        return p == null
                ? null
                : pencils.computeIfAbsent(
                                p.id(),
                                id -> new OutlinePencil(
                                        p.range() + " " + p.pencil().code(),
                                        p.range(),
                                        p.pencil().code(),
                                        p.pencil().name(),
                                        OutlineLab.of(p.masstone())))
                        .key();
    }

    /** One outline on its way to one class. What had to be chosen otherwise is said in the lesson's notes. */
    private final class Fitting {
        private final ClassInfo of;
        private final Materials materials;
        private final Map<String, OutlinePencil> asked;
        private final List<KitPencil> atHand;

        Fitting(ClassInfo of, Materials materials, Outline outline) {
            this.of = of;
            this.materials = materials;
            this.asked = outline.pencils().stream()
                    .collect(Collectors.toMap(OutlinePencil::key, Function.identity(), (first, again) -> first));
            Optional<KitSet> set = kit.sets().stream()
                    .filter(s -> s.id().equals(materials.set()))
                    .findFirst();
            if (materials.set() != null && set.isEmpty()) {
                throw ApiProblem.notFound(say("thing.set"));
            }
            this.atHand = kit.pencils().stream()
                    .filter(p -> set.isEmpty() || set.get().pencils().contains(p.id()))
                    .toList();
        }

        LessonData lesson(OutlineLesson lesson) {
            Set<String> said = new LinkedHashSet<>();
            if (lesson.notes() != null && !lesson.notes().isBlank()) {
                said.add(lesson.notes());
            }
            List<UUID> made = new ArrayList<>();
            for (OutlineSheet sheet : lesson.sheets()) {
                sheet(sheet, said).ifPresent(made::add);
            }
            return new LessonData(
                    UUID.randomUUID(),
                    lesson.title(),
                    lesson.aim(),
                    made,
                    Objects.requireNonNullElse(lesson.showMinutes(), CourseData.USUAL_SHOW),
                    Objects.requireNonNullElse(lesson.lookMinutes(), CourseData.USUAL_LOOK),
                    Objects.requireNonNullElse(lesson.workMinutes(), 0),
                    null,
                    String.join("\n", said),
                    null,
                    null,
                    null,
                    List.of());
        }

        /** As asked for, else with the pencils that are suggested, else not at all. */
        private Optional<UUID> sheet(OutlineSheet sheet, Set<String> said) {
            List<ExerciseData> asked =
                    sheet.exercises().stream().map(e -> exercise(e, said)).toList();
            List<ExerciseData> suggested = asked.stream()
                    .map(e -> new ExerciseData(e.kind(), withoutPencils(e.values())))
                    .toList();
            String why = "";
            for (List<ExerciseData> exercises : List.of(asked, suggested)) {
                SheetData data = new SheetData(of.id(), materials.set(), materials.paper(), PageSize.A4, exercises);
                Optional<String> problem = sheets.problem(data);
                if (problem.isEmpty()) {
                    return Optional.of(sheets.create(sheet.title(), data).id());
                }
                why = problem.get();
            }
            said.add(say("problem.a-sheet-is-left", why));
            return Optional.empty();
        }

        private static Map<String, ValueData> withoutPencils(Map<String, ValueData> values) {
            return values.entrySet().stream()
                    .filter(e -> e.getValue().pencil() == null)
                    .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        }

        private ExerciseData exercise(OutlineExercise e, Set<String> said) {
            Map<String, ValueData> values = new LinkedHashMap<>();
            e.values().forEach((name, v) -> {
                UUID pencil = v.pencil() == null ? null : pencil(v.pencil(), said);
                if (v.pencil() == null || pencil != null) {
                    values.put(name, new ValueData(v.number(), v.word(), v.words(), pencil));
                }
            });
            return new ExerciseData(e.kind(), values);
        }

        /** The pencil itself, or the one at hand that comes nearest, value first. */
        private @Nullable UUID pencil(String key, Set<String> said) {
            OutlinePencil wanted = asked.get(key);
            if (wanted == null) {
                throw ApiProblem.invalid("outline", "UNKNOWN_KEY", say("problem.the-outline-names-a", key));
            }
            Optional<KitPencil> same = atHand.stream()
                    .filter(p -> p.range().equals(wanted.range())
                            && p.pencil().code().equals(wanted.code()))
                    .findFirst();
            if (same.isPresent()) {
                return same.get().id();
            }
            Pencil missing = Pencil.of(
                    wanted.code(),
                    wanted.name(),
                    Pencil.Binder.WAX,
                    wanted.lab().toLab(),
                    0.5,
                    1);
            List<Pencil> among = atHand.stream().map(KitPencil::pencil).toList();
            Optional<Substitute> nearest =
                    Substitutes.of(missing, among, 1).stream().findFirst();
            nearest.ifPresent(s -> said.add(
                    say("problem.is-not-at-hand", wanted.name(), s.pencil().name(), s.deltaValue(), s.deltaHue())));
            if (nearest.isEmpty()) {
                said.add(say("problem.is-not-at-hand-nothing-near", wanted.name()));
            }
            return nearest.map(s -> atHand.get(among.indexOf(s.pencil())).id()).orElse(null);
        }
    }
}
