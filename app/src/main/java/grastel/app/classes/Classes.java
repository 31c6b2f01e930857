package grastel.app.classes;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.layering.Pressures;
import grastel.core.recipe.Method;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
    private final SchoolClasses classes;
    private final ApplicationEventPublisher events;
    private final JsonMapper json;

    Classes(SchoolClasses classes, ApplicationEventPublisher events, JsonMapper json) {
        this.classes = classes;
        this.events = events;
        this.json = json;
    }

    /**
     * A class and its students in the order of the list.
     *
     * @param revision counts its changes
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
            CalendarData calendar,
            Method method,
            boolean namesHidden,
            Map<Goal, Double> thresholds,
            Pressures pressures,
            double readyShare) {}

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

    public List<ClassInfo> all() {
        return classes.findAll().stream()
                .sorted(Comparator.comparingInt(Classes::leadingNumber).thenComparing(SchoolClass::name))
                .map(this::info)
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
            if (found.students().stream().anyMatch(s -> s.name().equalsIgnoreCase(name))) {
                throw ApiProblem.invalid("names", "DUPLICATE", say("problem.is-in-the-class", name));
            }
            int place = found.students().stream().mapToInt(Student::place).max().orElse(0) + 1;
            found.add(new Student(found, name, place));
        }
        if (found.students().size() > Roster.MOST_STUDENTS) {
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
        if (found.students().stream().anyMatch(s -> s != of && s.name().equalsIgnoreCase(name))) {
            throw ApiProblem.invalid("name", "DUPLICATE", say("problem.is-in-the-class", name));
        }
        found.rename(of, name);
        return saved(found);
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
        return new ClassInfo(
                c.id(),
                c.revision(),
                c.name(),
                c.band(),
                c.students().stream()
                        .map(s -> new StudentInfo(s.id(), s.name()))
                        .toList(),
                c.calendar(json),
                c.method(),
                c.namesHidden(),
                c.thresholds(),
                c.pressures(),
                c.readyShare());
    }
}
