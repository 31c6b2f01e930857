package grastel.app.progress.drawn;

import grastel.app.returns.Returns;
import grastel.app.returns.api.AttemptedExercise;
import grastel.app.returns.api.Confirmed;
import grastel.app.sheets.RedoSheets;
import grastel.app.sheets.RedoSheets.Given;
import grastel.core.checks.Require;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.media.Paper;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What a class's students drew of one kind of exercise, as it was confirmed. */
@Component
class Drawings {
    private final Returns returns;
    private final RedoSheets sheets;

    Drawings(Returns returns, RedoSheets sheets) {
        this.returns = returns;
        this.sheets = sheets;
    }

    /** A field as it was drawn. @param read when the reading was made that its picture belongs to */
    record Field(UUID page, Instant read, FieldPlan plan, FieldReading reading) {}

    /** An exercise as one student drew it. @param fields in the order of the sheet; @param goals that were confirmed */
    record Drawing(
            UUID student,
            Instant received,
            Paper paper,
            ExercisePlan plan,
            List<Field> fields,
            List<Confirmed> goals) {}

    /** Of one kind, the first received first. @param confirmed of the class */
    List<Drawing> of(List<Confirmed> confirmed, String kind) {
        Map<AttemptedExercise, List<Confirmed>> byKey = confirmed.stream()
                .filter(c -> c.kind().equals(kind))
                .collect(Collectors.groupingBy(Confirmed::attempt, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, Map<UUID, Given>> given =
                sheets.given(byKey.keySet().stream().map(AttemptedExercise::run).collect(Collectors.toSet()));
        Map<UUID, PageReading> readings = returns.readings(byKey.values().stream()
                .flatMap(Collection::stream)
                .map(Confirmed::page)
                .collect(Collectors.toSet()));
        return byKey.entrySet().stream()
                .flatMap(e -> drawing(
                        e.getKey(), e.getValue(), given.getOrDefault(e.getKey().student(), Map.of()), readings))
                .toList();
    }

    private static Stream<Drawing> drawing(
            AttemptedExercise key, List<Confirmed> goals, Map<UUID, Given> byRun, Map<UUID, PageReading> readings) {
        Given given = byRun.get(key.run());
        if (given == null || key.exercise() >= given.plan().exercises().size()) {
            return Stream.of();
        }
        ExercisePlan plan = given.plan().exercises().get(key.exercise());
        Map<String, Field> read = new LinkedHashMap<>();
        for (Confirmed goal : goals) {
            PageReading page = readings.get(goal.page());
            if (page != null) {
                fields(goal, page, plan).forEach(f -> read.put(f.plan().id(), f));
            }
        }
        Set<String> asked = plan.fields().stream()
                .filter(f -> f.ask() != FieldPlan.Ask.NOTHING)
                .map(FieldPlan::id)
                .collect(Collectors.toSet());
        List<Field> inOrder = plan.fields().stream()
                .map(FieldPlan::id)
                .filter(id -> asked.contains(id) && read.containsKey(id))
                .map(read::get)
                .toList();
        return Stream.of(new Drawing(key.student(), goals.get(0).received(), given.paper(), plan, inOrder, goals));
    }

    private static Stream<Field> fields(Confirmed goal, PageReading page, ExercisePlan plan) {
        Map<String, FieldPlan> planned = plan.fields().stream().collect(Collectors.toMap(FieldPlan::id, f -> f));
        return page.fields().stream()
                .filter(f -> planned.containsKey(f.field()))
                .map(f -> new Field(goal.page(), goal.read(), Require.key(planned, f.field()), f));
    }
}
