package grastel.app.classes;

import grastel.app.platform.Revised;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.layering.Pressures;
import grastel.core.planning.ClassFacts;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

@Entity
@Table(name = "school_class")
class SchoolClass extends Revised {
    @Column(nullable = false, length = 60)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false, length = 20)
    private GradeBand band;

    /** Names of schools, parted by spaces; questions left out have their first answer. */
    @Column(nullable = false, length = 600)
    private String method = "";

    @Column(name = "names_hidden", nullable = false)
    private boolean namesHidden;

    /** What the usual thresholds are multiplied by, as {@code GOAL=factor} parted by spaces; goals left out keep theirs. */
    @Column(nullable = false, length = 1200)
    private String thresholds = "";

    /** Five shares of full force parted by spaces, see {@link Pressures}; empty for those that are taught. */
    @Column(nullable = false, length = 120)
    private String pressures = "";

    /** Share of those who tried a skill that must be secure in it before a lesson builds on it. */
    @Column(name = "ready_share", nullable = false)
    private double readyShare = ClassFacts.USUALLY_READY;

    @OneToMany(mappedBy = "schoolClass", cascade = CascadeType.ALL, orphanRemoval = true)
    @OrderBy("place")
    private List<Student> students = new ArrayList<>();

    /** When it meets, see {@link CalendarData}; null where nothing was said. */
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    private @Nullable String calendar;

    protected SchoolClass() {}

    SchoolClass(String name, GradeBand band) {
        this.name = name;
        this.band = band;
    }

    String name() {
        return name;
    }

    GradeBand band() {
        return band;
    }

    void change(String newName, GradeBand newBand) {
        name = newName;
        band = newBand;
        touch();
    }

    Method method() {
        return new Method(
                method.isEmpty()
                        ? List.of()
                        : Arrays.stream(method.split(" "))
                                .map(MethodAnswer::valueOf)
                                .toList());
    }

    boolean namesHidden() {
        return namesHidden;
    }

    void teach(Method answers, boolean hideNames) {
        method = answers.answers().stream().map(MethodAnswer::name).collect(Collectors.joining(" "));
        namesHidden = hideNames;
        touch();
    }

    Map<Goal, Double> thresholds() {
        return Arrays.stream(thresholds.split(" "))
                .filter(one -> !one.isEmpty())
                .map(one -> one.split("=", 2))
                .collect(Collectors.toMap(one -> Goal.valueOf(one[0]), one -> Double.valueOf(one[1])));
    }

    void hold(Map<Goal, Double> factors) {
        thresholds = new TreeMap<>(factors)
                .entrySet().stream()
                        .map(e -> e.getKey() + "=" + Math.round(e.getValue() * 10_000) / 10_000.0)
                        .collect(Collectors.joining(" "));
        touch();
    }

    Pressures pressures() {
        return pressures.isEmpty()
                ? Pressures.TAUGHT
                : new Pressures(
                        Arrays.stream(pressures.split(" ")).map(Double::valueOf).toList());
    }

    void press(Pressures other) {
        pressures = other.equals(Pressures.TAUGHT)
                ? ""
                : other.shares().stream()
                        .map(s -> String.valueOf(Math.round(s * 10_000) / 10_000.0))
                        .collect(Collectors.joining(" "));
        touch();
    }

    /** Goes on as another class was taught. */
    void takeOver(SchoolClass before, CalendarData calendarNow, JsonMapper json) {
        method = before.method;
        namesHidden = before.namesHidden;
        thresholds = before.thresholds;
        pressures = before.pressures;
        readyShare = before.readyShare;
        meet(calendarNow, json);
    }

    double readyShare() {
        return readyShare;
    }

    void readyAt(double share) {
        readyShare = share;
        touch();
    }

    /** Those who left the school too. */
    List<Student> students() {
        return students;
    }

    /** Somebody came or left. */
    void studentsMoved() {
        touch();
    }

    void rename(String newName) {
        name = newName;
        touch();
    }

    void add(Student student) {
        students.add(student);
        touch();
    }

    void rename(Student student, String name) {
        touch();
        student.rename(name);
    }

    /** True if the student was one of this class. */
    boolean remove(UUID student) {
        touch();
        return students.removeIf(s -> s.id().equals(student));
    }

    CalendarData calendar(JsonMapper json) {
        return calendar == null ? CalendarData.NONE : json.readValue(calendar, CalendarData.class);
    }

    void meet(CalendarData data, JsonMapper json) {
        calendar = json.writeValueAsString(data);
        touch();
    }
}
