package grastel.app.classes;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.layering.Pressures;
import grastel.core.recipe.Method;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The front door of classes. */
@Service
@Transactional
public class Classes {
    /** Of a class, letters. */
    static final int LONGEST_NAME = 60;

    private final SchoolClasses classes;
    private final FormerStudents formerStudents;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final JsonMapper json;

    Classes(
            SchoolClasses classes,
            FormerStudents formerStudents,
            ApplicationEventPublisher events,
            Clock clock,
            JsonMapper json) {
        this.classes = classes;
        this.formerStudents = formerStudents;
        this.events = events;
        this.clock = clock;
        this.json = json;
    }

    /**
     * A class and its students in the order of the list.
     *
     * @param revision counts its changes
     * @param former students who left it
     * @param calendar when it meets
     * @param namesHidden true where printed pages carry a code in place of the name
     * @param thresholds what new sheets for it multiply the usual thresholds of goals by
     * @param pressures how hard it presses at each grade
     * @param readyShare of those who tried a skill that must be secure in it before a lesson builds on it, 0…1
     */
    public record ClassInfo(
            UUID id,
            int revision,
            String name,
            GradeBand band,
            List<StudentInfo> students,
            List<Former> former,
            CalendarData calendar,
            Method method,
            boolean namesHidden,
            Map<Goal, Double> thresholds,
            Pressures pressures,
            double readyShare) {
        /** What everyone is called who is or was in it. */
        public Map<UUID, String> names() {
            Map<UUID, String> names = new HashMap<>();
            students.forEach(s -> names.put(s.id(), s.name()));
            former.forEach(f -> names.put(f.id(), f.name()));
            return names;
        }

        /** Its students, and behind them those who left and are among some. */
        public List<StudentInfo> withFormer(Set<UUID> some) {
            return Stream.concat(
                            students.stream(),
                            former.stream()
                                    .filter(f -> some.contains(f.id()))
                                    .map(f -> new StudentInfo(f.id(), f.name())))
                    .toList();
        }

        /** All of its students went on: it is kept for what they did in it. */
        public boolean isPast() {
            return students.isEmpty() && !former.isEmpty();
        }
    }

    /**
     * A student who left a class.
     *
     * @param from the class
     * @param at when
     * @param now the student's class now; the same one where the student left the school
     */
    public record Former(UUID from, UUID id, String name, Instant at, UUID now, String nowName) {
        /** Not for another class. */
        public boolean hasLeftSchool() {
            return from.equals(now);
        }
    }

    public record StudentInfo(UUID id, String name) {}

    public record StudentName(UUID id, String name, String className) {}

    public record ClassName(UUID id, String name) {}

    /** Every student of every class, without the rest of the class. */
    public List<StudentName> studentNames() {
        return classes.studentNames();
    }

    public List<ClassName> classNames() {
        return classes.classNames();
    }

    /** Those that are taught; see {@link ClassInfo#isPast}. */
    public List<ClassInfo> all() {
        return withPast().stream().filter(c -> !c.isPast()).toList();
    }

    public List<ClassInfo> withPast() {
        Map<UUID, List<Former>> former = formerStudents.all().stream().collect(Collectors.groupingBy(Former::from));
        return classes.allWithStudents().stream()
                .sorted(Comparator.comparingInt(Classes::leadingNumber).thenComparing(SchoolClass::name))
                .map(c -> info(c, former.getOrDefault(c.id(), List.of())))
                .toList();
    }

    /** 7 before 10, as schools count years; names without a number come last. */
    private static int leadingNumber(SchoolClass c) {
        String digits = c.name().replaceAll("^(\\d{0,4}).*", "$1");
        return digits.isEmpty() ? Integer.MAX_VALUE : Integer.parseInt(digits);
    }

    public ClassInfo one(UUID id) {
        return classes.withStudents(id).map(this::info).orElseThrow(() -> ApiProblem.notFound(say("thing.class")));
    }

    public Optional<ClassInfo> byName(String name) {
        return classes.findByName(name).stream().map(this::info).findFirst();
    }

    /** The class of a student. */
    public ClassInfo ofStudent(UUID student) {
        return classes.ofStudent(student).map(this::one).orElseThrow(() -> ApiProblem.notFound(say("thing.student")));
    }

    public ClassInfo create(String name, GradeBand band, List<String> students, CalendarData calendar) {
        requireFreeName(name.strip());
        SchoolClass made = new SchoolClass(name.strip(), band);
        students.forEach(
                s -> made.students().add(new Student(made, s, made.students().size() + 1)));
        CalendarWords.requireSound(calendar);
        made.meet(calendar, json);
        return info(classes.saveAndFlush(made));
    }

    ClassInfo create(String name, GradeBand band, Roster roster) {
        requireFine(roster);
        return create(name, band, roster.names(), CalendarData.NONE);
    }

    /** @param known the revision the change was made on; null for whichever is there */
    ClassInfo change(UUID id, Integer known, String name, GradeBand band) {
        SchoolClass found = forChange(id, known);
        if (!found.name().equals(name.strip())) {
            requireFreeName(name.strip());
        }
        found.change(name.strip(), band);
        return saved(found);
    }

    /** Says when a class meets. */
    public ClassInfo meet(UUID id, Integer known, CalendarData calendar) {
        CalendarWords.requireSound(calendar);
        SchoolClass found = forChange(id, known);
        found.meet(calendar, json);
        return saved(found);
    }

    /** Answers the method's questions anew. */
    public ClassInfo teach(UUID id, Integer known, Method method, boolean namesHidden) {
        SchoolClass found = forChange(id, known);
        found.teach(method, namesHidden);
        return saved(found);
    }

    /** Judges a class by thresholds of its own in sheets planned from now on; those left out are the usual ones. */
    ClassInfo hold(UUID id, Integer known, Map<Goal, Double> thresholds) {
        SchoolClass found = forChange(id, known);
        found.hold(thresholds);
        return saved(found);
    }

    /** Plans for a class from now on by pressures of its own, or as they are taught. */
    public ClassInfo press(UUID id, Pressures pressures) {
        SchoolClass found = forChange(id, null);
        found.press(pressures);
        return saved(found);
    }

    /** @param share of those who tried a skill that makes the class ready for what builds on it, 0…1 */
    ClassInfo readyAt(UUID id, Integer known, double share) {
        SchoolClass found = forChange(id, known);
        found.readyAt(share);
        return saved(found);
    }

    /** Adds the names of a list that the class does not have yet; refuses those it has. */
    ClassInfo add(UUID id, Roster roster) {
        requireFine(roster);
        SchoolClass found = forChange(id, null);
        for (String name : roster.names()) {
            if (present(found).anyMatch(s -> s.name().equalsIgnoreCase(name))) {
                throw ApiProblem.invalid("names", "DUPLICATE", say("problem.is-in-the-class", name));
            }
            int place = found.students().stream().mapToInt(Student::place).max().orElse(0) + 1;
            found.add(new Student(found, name, place));
        }
        if (present(found).count() > Roster.MOST_STUDENTS) {
            throw ApiProblem.invalid("names", "TOO_MANY", say("problem.a-class-has-at", Roster.MOST_STUDENTS));
        }
        return saved(found);
    }

    /** Calls a student otherwise; its work stays. @param seen the name it was changed from */
    ClassInfo rename(UUID id, UUID student, String seen, Roster one) {
        requireFine(one);
        if (one.names().size() != 1) {
            throw ApiProblem.invalid("name", "NOT_ONE", say("problem.one-name"));
        }
        SchoolClass found = forChange(id, null);
        Student of = found.students().stream()
                .filter(s -> s.id().equals(student))
                .findFirst()
                .orElseThrow(() -> ApiProblem.notFound(say("thing.student")));
        if (!of.name().equals(seen)) {
            throw ApiProblem.conflict("CHANGED_ELSEWHERE", say("problem.student-renamed-meanwhile", of.name()));
        }
        String name = one.names().get(0);
        if (present(found).anyMatch(s -> s != of && s.name().equalsIgnoreCase(name))) {
            throw ApiProblem.invalid("name", "DUPLICATE", say("problem.is-in-the-class", name));
        }
        found.rename(of, name);
        return saved(found);
    }

    /** A student leaves the school: printed no more pages, in no list, and what was done stays. */
    ClassInfo leave(UUID id, UUID student) {
        SchoolClass found = forChange(id, null);
        requireHere(found, Set.of(student));
        formerStudents.saveAndFlush(new FormerStudent(id, student));
        return touched(found);
    }

    /** A student who left the school is back. */
    ClassInfo comeBack(UUID id, UUID student) {
        SchoolClass found = forChange(id, null);
        requireRoom(
                found,
                List.of(found.students().stream()
                        .filter(s -> s.id().equals(student))
                        .findFirst()
                        .orElseThrow(() -> ApiProblem.notFound(say("thing.student")))));
        formerStudents.forget(id, Set.of(student));
        return touched(found);
    }

    /** Students go to another class with all that they did. @return the class they are in now */
    ClassInfo move(UUID id, UUID to, Set<UUID> students) {
        if (id.equals(to)) {
            throw ApiProblem.invalid("to", "SAME_CLASS", say("problem.they-are-in-that"));
        }
        // always in the same order, so that two who move students to and fro wait for each other
        boolean first = id.compareTo(to) < 0;
        SchoolClass one = forChange(first ? id : to, null);
        SchoolClass other = forChange(first ? to : id, null);
        return moved(first ? one : other, first ? other : one, students);
    }

    /**
     * Students go on as a class of the next school year, which is taught as this one was; this one stays for what they did in it.
     *
     * @param name of the new class; this one gets the year behind its name where nobody stays, so that the next class can have it
     */
    ClassInfo promote(UUID id, int known, Set<UUID> students, String name, GradeBand band) {
        SchoolClass before = forChange(id, known);
        String called = name.strip();
        boolean nobodyStays = present(before).allMatch(s -> students.contains(s.id()));
        if (nobodyStays) {
            before.rename(pastName(before.name()));
            classes.flush();
        }
        requireFreeName(called);
        SchoolClass now = new SchoolClass(called, band);
        now.takeOver(before, before.calendar(json).withoutDates(), json);
        classes.saveAndFlush(now);
        if (nobodyStays) {
            events.publishEvent(new ClassPromoted(id, now.id()));
        }
        return moved(before, now, students);
    }

    /** A name that is free, with the year in which the class was left. */
    private String pastName(String name) {
        String year = String.valueOf(LocalDate.now(clock).getYear());
        String suffix = say("thing.past-class", "", year);
        String past = name.substring(0, Math.min(name.length(), LONGEST_NAME - suffix.length() - 4)) + suffix;
        String free = past;
        for (int i = 2; classes.existsByName(free); i++) {
            free = past + " (" + i + ")";
        }
        return free;
    }

    private ClassInfo moved(SchoolClass from, SchoolClass to, Set<UUID> ids) {
        requireHere(from, ids);
        List<Student> students =
                from.students().stream().filter(s -> ids.contains(s.id())).toList();
        requireRoom(to, students);
        int place = to.students().stream().mapToInt(Student::place).max().orElse(0);
        formerStudents.saveAllAndFlush(
                students.stream().map(s -> new FormerStudent(from.id(), s.id())).toList());
        // who comes back is no longer one who left
        formerStudents.forget(to.id(), ids);
        from.studentsMoved();
        to.studentsMoved();
        for (Student student : students) {
            place++;
            classes.moveStudent(student.id(), to, place);
        }
        return one(to.id());
    }

    /** Who did not leave. */
    private Stream<Student> present(SchoolClass in) {
        Set<UUID> gone = formerStudents.of(in.id()).stream().map(Former::id).collect(Collectors.toSet());
        return in.students().stream().filter(s -> !gone.contains(s.id()));
    }

    private ClassInfo touched(SchoolClass changed) {
        changed.studentsMoved();
        return saved(changed);
    }

    private void requireHere(SchoolClass in, Set<UUID> students) {
        Set<UUID> here = present(in).map(Student::id).collect(Collectors.toSet());
        if (!here.containsAll(students)) {
            throw ApiProblem.conflict("CHANGED_ELSEWHERE", say("problem.student-not-here-now"));
        }
    }

    /** Nobody else there is called so, and there are not too many. */
    private void requireRoom(SchoolClass in, List<Student> coming) {
        List<Student> here = present(in).toList();
        for (Student student : coming) {
            if (here.stream()
                    .anyMatch(s -> !s.id().equals(student.id()) && s.name().equalsIgnoreCase(student.name()))) {
                throw ApiProblem.conflict("DUPLICATE", say("problem.is-in-the-class", student.name()));
            }
        }
        if (here.size() + coming.size() > Roster.MOST_STUDENTS) {
            throw ApiProblem.conflict("TOO_MANY", say("problem.a-class-has-at", Roster.MOST_STUDENTS));
        }
    }

    /** Deletes a student with every sheet, picture and mark. */
    ClassInfo remove(UUID id, UUID student) {
        SchoolClass found = forChange(id, null);
        if (!found.remove(student)) {
            throw ApiProblem.notFound(say("thing.student"));
        }
        classes.flush();
        events.publishEvent(new StudentsDeleted());
        return info(found);
    }

    /** Deletes a class with every student, sheet run, picture and mark. */
    void delete(UUID id) {
        classes.delete(forChange(id, null));
        classes.flush();
        events.publishEvent(new StudentsDeleted());
    }

    /** One change at a time: a second waits here and then sees the first. */
    private SchoolClass forChange(UUID id, @Nullable Integer known) {
        SchoolClass found = classes.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.class")));
        found.requireUnchanged(known, found.name());
        return found;
    }

    private ClassInfo saved(SchoolClass changed) {
        classes.flush();
        return info(changed);
    }

    private void requireFreeName(String name) {
        if (classes.existsByName(name)) {
            throw ApiProblem.invalid("name", "TAKEN", say("problem.you-have-a-class"));
        }
    }

    private static void requireFine(Roster roster) {
        if (!roster.problems().isEmpty()) {
            List<FieldProblem> problems = roster.problems();
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT, "ROSTER", say("problem.the-list-cannot-be"), problems);
        }
    }

    private ClassInfo info(SchoolClass c) {
        return info(c, formerStudents.of(c.id()));
    }

    private ClassInfo info(SchoolClass c, List<Former> former) {
        Set<UUID> gone = former.stream().map(Former::id).collect(Collectors.toSet());
        return new ClassInfo(
                c.id(),
                c.revision(),
                c.name(),
                c.band(),
                c.students().stream()
                        .filter(s -> !gone.contains(s.id()))
                        .map(s -> new StudentInfo(s.id(), s.name()))
                        .toList(),
                former,
                c.calendar(json),
                c.method(),
                c.namesHidden(),
                c.thresholds(),
                c.pressures(),
                c.readyShare());
    }
}
