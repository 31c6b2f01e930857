package grastel.app.kit;

import static grastel.core.words.Words.say;

import grastel.app.kit.Kit.KitPaper;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.Kit.PaperData;
import grastel.app.kit.Kit.PencilData;
import grastel.app.platform.ApiProblem;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What swatches and charts found of pencils and papers, and the sets that a chart described for the first time. */
@Service
@Transactional
public class ChartedKit {

    private final Kit kit;
    private final KitChanges changes;
    private final OwnedPencils pencils;
    private final OwnedPapers papers;
    private final OwnedSets sets;

    ChartedKit(Kit kit, KitChanges changes, OwnedPencils pencils, OwnedPapers papers, OwnedSets sets) {
        this.kit = kit;
        this.changes = changes;
        this.pencils = pencils;
        this.papers = papers;
        this.sets = sets;
    }

    KitPencil calibrate(UUID id, Pencil fitted) {
        OwnedPencil found = changes.pencilForChange(id);
        found.calibrate(fitted);
        kit.forgetPencils();
        return Kit.info(pencils.saveAndFlush(found));
    }

    /** What a chart found a pencil to be. @param known the revision it was looked at; null for whichever is there */
    public record Charted(UUID pencil, Integer known, Pencil found) {}

    /** All or none. */
    public void takeCharted(List<Charted> all) {
        Map<UUID, OwnedPencil> owned = all.isEmpty()
                ? Map.of()
                : pencils.allForChange(all.stream().map(Charted::pencil).toList()).stream()
                        .collect(Collectors.toMap(OwnedPencil::id, p -> p));
        for (Charted one : all) {
            OwnedPencil pencil = owned.get(one.pencil());
            if (pencil == null) {
                throw ApiProblem.notFound(say("thing.pencil"));
            }
            pencil.requireUnchanged(one.known(), pencil.toPencil().title());
            pencil.charted(one.found());
        }
        pencils.flush();
        kit.forgetPencils();
    }

    /**
     * Pencils that a chart described for the first time, as a set.
     *
     * @param into the set they belong to; null for a new one named like their range
     * @return the set, and its new pencils in their order
     */
    public Described describe(UUID into, String range, List<Pencil> found) {
        requireFreeCodes(range, found.stream().map(Pencil::code).toList());
        List<UUID> ids =
                pencils
                        .saveAllAndFlush(found.stream()
                                .map(p -> new OwnedPencil(charted(range, p)))
                                .toList())
                        .stream()
                        .map(OwnedPencil::id)
                        .toList();
        kit.forgetPencils();
        if (into == null) {
            return new Described(changes.addSet(range, ids, Map.of()).id(), ids);
        }
        OwnedSet set = changes.setForChange(into);
        set.set(set.name(), Stream.concat(set.pencils().stream(), ids.stream()).toList());
        sets.saveAndFlush(set);
        return new Described(into, ids);
    }

    public record Described(UUID set, List<UUID> pencils) {}

    private static PencilData charted(String range, Pencil p) {
        return new PencilData(
                range,
                p.code(),
                p.name(),
                p.binder(),
                ColourSource.CHART,
                p.masstone().toLab(),
                Optional.of(p.masstone()),
                p.hiding(),
                p.softness(),
                false,
                0,
                Kit.NEW_LEAD_MM);
    }

    /** @throws ApiProblem where a set of this name, or a pencil of this range and code, is there already */
    public void requireFree(String name, List<String> codes) {
        if (sets.existsByName(name)) {
            throw KitChanges.nameTaken(name);
        }
        requireFreeCodes(name, codes);
    }

    private void requireFreeCodes(String range, List<String> codes) {
        List<String> held = pencils.held(range, codes);
        if (!held.isEmpty()) {
            throw KitChanges.codeTaken(range, String.join(", ", held));
        }
    }

    /** A paper's tooth as a chart found it. */
    public void takeDepth(UUID paper, double depth) {
        OwnedPaper found = papers.forChange(paper).orElseThrow(() -> ApiProblem.notFound(say("thing.paper")));
        KitPaper was = Kit.info(found);
        found.set(new PaperData(
                found.name(), was.ground(), new Tooth(depth, was.paper().tooth().grainMm())));
        papers.saveAndFlush(found);
    }
}
