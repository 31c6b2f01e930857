package grastel.app.progress.marks;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.returns.Returns;
import grastel.app.returns.api.Confirmed;
import grastel.app.sheets.Printings;
import grastel.core.exercise.plan.ExercisePlan;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Marks of classes by the teacher's own scales. Marks are reckoned from what was confirmed, never kept. */
@Service
@Transactional(readOnly = true)
class Marks {
    private final ClassScales scales;
    private final Classes classes;
    private final Returns returns;
    private final Printings printings;
    private final JsonMapper json;

    Marks(ClassScales scales, Classes classes, Returns returns, Printings printings, JsonMapper json) {
        this.scales = scales;
        this.classes = classes;
        this.returns = returns;
        this.printings = printings;
        this.json = json;
    }

    /** @param revision of the scale, {@value #NO_REVISION} while it is the usual one */
    record Kept(int revision, ScaleData scale) {}

    static final int NO_REVISION = -1;

    Kept scale(UUID schoolClass) {
        return scales.of(schoolClass)
                .map(s -> new Kept(s.revision(), json.readValue(s.scale(), ScaleData.class)))
                .orElse(new Kept(NO_REVISION, ScaleData.USUAL));
    }

    /** @param known the revision the change was made on; null for whichever is there */
    @Transactional
    void keep(UUID schoolClass, Integer known, ScaleData scale) {
        ClassInfo of = classes.one(schoolClass);
        scale.scale();
        ClassScale kept = scales.forChange(schoolClass).orElse(null);
        if (kept == null) {
            scales.saveAndFlush(new ClassScale(schoolClass, json.writeValueAsString(scale)));
        } else {
            kept.requireUnchanged(known, say("thing.the-scale-of", of.name()));
            kept.set(json.writeValueAsString(scale));
            scales.flush();
        }
    }

    Book book(UUID schoolClass, ScaleData scale) {
        ClassInfo of = classes.one(schoolClass);
        List<Confirmed> confirmed = returns.confirmedIn(schoolClass);
        Set<UUID> runs = confirmed.stream().map(Confirmed::run).collect(Collectors.toSet());
        Map<UUID, List<ExercisePlan>> exercises = printings.prints(runs).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, e -> e.getValue().plan().exercises()));
        return Book.of(of, confirmed, printings.runs(runs), exercises, scale.scale());
    }
}
