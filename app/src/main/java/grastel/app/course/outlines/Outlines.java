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
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
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

    private CourseSchedule add(UUID schoolClass, Outline outline, Materials materials, @Nullable LocalDate from) {
        Fitting fitting = new Fitting(classes.one(schoolClass), materials.set(), outline.pencils());
        return append(
                schoolClass,
                outline.lessons().size(),
                () -> outline.lessons().stream()
                        .map(l -> fitting.lesson(l, materials.paper()))
                        .toList(),
                from);
    }

    /** A course as it was copied. @param changes what is otherwise than in the class it comes from, one sentence each */
    public record Copied(CourseSchedule course, List<String> changes) {}

    /**
     * Gives a class the course of another one, behind the lessons that it has, with sheets of its own.
     *
     * @param materials for all its sheets; null for those that each sheet has
     * @param from as of {@link #addShipped}
     */
    public Copied copy(UUID schoolClass, UUID other, @Nullable Materials materials, @Nullable LocalDate from) {
        ClassInfo of = classes.one(schoolClass);
        ClassInfo source = classes.one(other);
        List<LessonData> lessons = courses.data(other).lessons();
        if (lessons.isEmpty()) {
            throw ApiProblem.conflict("NO_LESSONS", say("problem.has-no-lessons-to", source.name()));
        }
        CourseCopy copy = new CourseCopy(of, source, lessons, materials);
        CourseSchedule course = append(schoolClass, copy.lessons.size(), copy::made, from);
        return new Copied(course, copy.changes());
    }

    /** Behind the lessons that are there. @param count of those that are made */
    private CourseSchedule append(
            UUID schoolClass, int count, Supplier<List<LessonData>> made, @Nullable LocalDate from) {
        List<LessonData> all =
                new ArrayList<>(courses.dataForChange(schoolClass).lessons());
        if (all.size() + count > CourseData.MOST_LESSONS) {
            throw ApiProblem.invalid(
                    "outline", "TOO_MANY", say("problem.with-these-lessons-the", count, CourseData.MOST_LESSONS));
        }
        int first = all.size();
        all.addAll(made.get());
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
        all.add(
                Math.max(0, Math.min(at, all.size())),
                new Fitting(of, materials.set(), List.of()).lesson(lesson, materials.paper()));
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
        private final @Nullable UUID set;
        private final Map<String, OutlinePencil> asked;
        private final List<KitPencil> owned = kit.pencils();
        private final List<KitPencil> atHand;

        Fitting(ClassInfo of, @Nullable UUID set, List<OutlinePencil> pencils) {
            this.of = of;
            this.set = set;
            this.asked = pencils.stream()
                    .collect(Collectors.toMap(OutlinePencil::key, Function.identity(), (first, again) -> first));
            Optional<KitSet> chosen =
                    kit.sets().stream().filter(s -> s.id().equals(set)).findFirst();
            if (set != null && chosen.isEmpty()) {
                throw ApiProblem.notFound(say("thing.set"));
            }
            this.atHand = owned.stream()
                    .filter(p -> chosen.isEmpty() || chosen.get().pencils().contains(p.id()))
                    .toList();
        }

        LessonData lesson(OutlineLesson lesson, UUID paper) {
            Set<String> said = new LinkedHashSet<>();
            if (lesson.notes() != null && !lesson.notes().isBlank()) {
                said.add(lesson.notes());
            }
            List<UUID> made = new ArrayList<>();
            for (OutlineSheet sheet : lesson.sheets()) {
                List<ExerciseData> exercises =
                        sheet.exercises().stream().map(e -> exercise(e, said)).toList();
                sheet(sheet.title(), exercises, paper, PageSize.A4, said).ifPresent(made::add);
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
        Optional<UUID> sheet(
                @Nullable String title, List<ExerciseData> wanted, UUID paper, PageSize size, Set<String> said) {
            List<ExerciseData> suggested = wanted.stream()
                    .map(e -> new ExerciseData(e.kind(), withoutPencils(e.values())))
                    .toList();
            String why = "";
            for (List<ExerciseData> exercises : List.of(wanted, suggested)) {
                SheetData data = new SheetData(of.id(), set, paper, size, exercises);
                Optional<String> problem = sheets.problem(data);
                if (problem.isEmpty()) {
                    return Optional.of(sheets.create(title, data).id());
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
            return nearest(missing, said);
        }

        /** The exercise with the pencils that are at hand. */
        ExerciseData exercise(ExerciseData e, Set<String> said) {
            Map<String, ValueData> values = new LinkedHashMap<>();
            e.values().forEach((name, v) -> {
                UUID pencil = v.pencil() == null ? null : atHand(v.pencil(), said);
                if (v.pencil() == null || pencil != null) {
                    values.put(name, new ValueData(v.number(), v.word(), v.words(), pencil));
                }
            });
            return new ExerciseData(e.kind(), values);
        }

        private @Nullable UUID atHand(UUID pencil, Set<String> said) {
            if (atHand.stream().anyMatch(p -> p.id().equals(pencil))) {
                return pencil;
            }
            return owned.stream()
                    .filter(p -> p.id().equals(pencil))
                    .findFirst()
                    .map(p -> nearest(p.pencil(), said))
                    .orElse(null);
        }

        /** The pencil at hand that comes nearest. */
        private @Nullable UUID nearest(Pencil missing, Set<String> said) {
            List<Pencil> among = atHand.stream().map(KitPencil::pencil).toList();
            Optional<Substitute> nearest =
                    Substitutes.of(missing, among, 1).stream().findFirst();
            nearest.ifPresent(s -> said.add(
                    say("problem.is-not-at-hand", missing.name(), s.pencil().name(), s.deltaValue(), s.deltaHue())));
            if (nearest.isEmpty()) {
                said.add(say("problem.is-not-at-hand-nothing-near", missing.name()));
            }
            return nearest.map(s -> atHand.get(among.indexOf(s.pencil())).id()).orElse(null);
        }
    }

    /** One class's course on its way to another class. Every sheet is made anew, once, however many lessons work on it. */
    private final class CourseCopy {
        private final ClassInfo to;
        private final ClassInfo source;
        private final List<LessonData> lessons;
        private final int retaught;
        private final @Nullable Materials materials;
        private final Map<UUID, SheetInfo> there =
                sheets.all().stream().collect(Collectors.toMap(SheetInfo::id, Function.identity()));
        private final Map<UUID, Optional<UUID>> made = new HashMap<>();
        private final Set<String> changes = new LinkedHashSet<>();

        CourseCopy(ClassInfo to, ClassInfo source, List<LessonData> all, @Nullable Materials materials) {
            this.to = to;
            this.source = source;
            this.materials = materials;
            lessons = all.stream().filter(l -> l.again() == null).toList();
            retaught = all.size() - lessons.size();
        }

        List<LessonData> made() {
            return lessons.stream().map(this::lesson).toList();
        }

        private LessonData lesson(LessonData l) {
            List<UUID> copied = l.sheets().stream()
                    .filter(there::containsKey)
                    .map(id -> made.computeIfAbsent(id, this::sheet))
                    .flatMap(Optional::stream)
                    .toList();
            // a part of a lesson is named by its place on the sheets: it holds only where they are all there
            boolean whole = copied.size() == l.sheets().size();
            if (!whole && (l.from() != null || l.until() != null)) {
                changes.add(say("problem.copy-not-split", l.title()));
            }
            return new LessonData(
                    UUID.randomUUID(),
                    l.title(),
                    l.aim(),
                    copied,
                    l.showMinutes(),
                    l.lookMinutes(),
                    l.workMinutes(),
                    null,
                    l.notes(),
                    whole ? l.from() : null,
                    whole ? l.until() : null,
                    null,
                    List.of());
        }

        private Optional<UUID> sheet(UUID id) {
            SheetInfo sheet = Require.key(there, id);
            SheetData data = sheet.data();
            Set<String> said = new LinkedHashSet<>();
            Fitting fitting = new Fitting(to, materials == null ? data.set() : materials.set(), List.of());
            List<ExerciseData> exercises = data.exercises().stream()
                    .map(e -> fitting.exercise(e, said))
                    .toList();
            UUID paper = materials == null ? data.paper() : materials.paper();
            Optional<UUID> copied = fitting.sheet(sheet.title(), exercises, paper, data.pageSize(), said);
            said.forEach(words -> changes.add(say("problem.copy-sheet", sheet.title(), words)));
            return copied;
        }

        List<String> changes() {
            List<String> all = new ArrayList<>(changes);
            if (to.band() != source.band()) {
                all.add(say("problem.copy-band", to.name(), source.name()));
            }
            if (!to.method().equals(source.method())) {
                all.add(say("problem.copy-method", to.name()));
            }
            long pinned = lessons.stream().filter(l -> l.pin() != null).count();
            if (pinned > 0) {
                all.add(say("problem.copy-pins", pinned));
            }
            if (retaught > 0) {
                all.add(say("problem.copy-retaught", retaught));
            }
            if (lessons.stream().anyMatch(l -> !l.beside().isEmpty())) {
                all.add(say("problem.copy-groups", source.name()));
            }
            return List.copyOf(all);
        }
    }
}
