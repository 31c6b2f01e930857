package grastel.app.kit;

import static grastel.core.words.Words.say;

import grastel.app.classes.ClassPromoted;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit.KitPaper;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.Kit.KitSet;
import grastel.app.kit.Kit.PaperData;
import grastel.app.kit.Kit.PencilData;
import grastel.app.platform.ApiProblem;
import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pencils, papers and sets as their teacher adds, changes and removes them. */
@Service
@Transactional
public class KitChanges {
    private final Kit kit;
    private final OwnedPencils pencils;
    private final OwnedPapers papers;
    private final OwnedSets sets;
    private final Classes classes;
    private final Clock clock;

    KitChanges(Kit kit, OwnedPencils pencils, OwnedPapers papers, OwnedSets sets, Classes classes, Clock clock) {
        this.kit = kit;
        this.pencils = pencils;
        this.papers = papers;
        this.sets = sets;
        this.classes = classes;
        this.clock = clock;
    }

    KitPencil add(PencilData data) {
        requireFreeCode(data.range(), data.code());
        requireReachable(data);
        kit.forgetPencils();
        return Kit.info(pencils.saveAndFlush(new OwnedPencil(data)));
    }

    /** All or none. */
    List<KitPencil> addAll(List<PencilData> all) {
        return all.stream().map(this::add).toList();
    }

    /** @param known the revision the change was made on; null for whichever is there */
    KitPencil change(UUID id, Integer known, PencilData data) {
        OwnedPencil found = pencilForChange(id);
        found.requireUnchanged(known, found.toPencil().name());
        if (!found.range().equals(data.range()) || !found.code().equals(data.code())) {
            requireFreeCode(data.range(), data.code());
        }
        requireReachable(data);
        found.set(data);
        kit.forgetPencils();
        return Kit.info(pencils.saveAndFlush(found));
    }

    /** Somebody has looked at the copies of a pencil. @param leadMm what is left of each */
    public KitPencil seeLead(UUID id, int leadMm) {
        OwnedPencil found = pencilForChange(id);
        found.see(leadMm, clock.instant());
        kit.forgetPencils();
        return Kit.info(pencils.saveAndFlush(found));
    }

    /** Somebody has counted the copies of a pencil. */
    KitPencil count(UUID id, int copies) {
        OwnedPencil found = pencilForChange(id);
        found.count(copies - kit.inSets().getOrDefault(id, 0));
        kit.forgetPencils();
        return Kit.info(pencils.saveAndFlush(found));
    }

    void removePencil(UUID id) {
        pencils.delete(pencilForChange(id));
        kit.forgetPencils();
    }

    KitPaper addPaper(PaperData data) {
        requireFreePaper(data.name());
        requireReachable(data.name(), data.ground());
        return Kit.info(papers.saveAndFlush(new OwnedPaper(data)));
    }

    KitPaper changePaper(UUID id, Integer known, PaperData data) {
        OwnedPaper found = papers.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.paper")));
        found.requireUnchanged(known, found.name());
        if (!found.name().equals(data.name())) {
            requireFreePaper(data.name());
        }
        requireReachable(data.name(), data.ground());
        found.set(data);
        return Kit.info(papers.saveAndFlush(found));
    }

    KitSet addSet(String name, List<UUID> members, Map<UUID, Integer> users) {
        if (sets.existsByName(name)) {
            throw nameTaken(name);
        }
        OwnedSet made = new OwnedSet(name, own(members));
        use(made, users);
        return Kit.info(sets.saveAndFlush(made));
    }

    KitSet changeSet(UUID id, Integer known, String name, List<UUID> members, Map<UUID, Integer> users) {
        OwnedSet found = setForChange(id);
        found.requireUnchanged(known, found.name());
        if (!found.name().equals(name) && sets.existsByName(name)) {
            throw nameTaken(name);
        }
        found.set(name, own(members));
        found.users().clear();
        sets.flush();
        use(found, users);
        return Kit.info(sets.saveAndFlush(found));
    }

    /** Puts out so many of a set for a class. */
    public void give(UUID set, UUID schoolClass, int howMany) {
        OwnedSet found = setForChange(set);
        use(found, Map.of(schoolClass, howMany));
        sets.saveAndFlush(found);
    }

    void removeSet(UUID id) {
        sets.delete(setForChange(id));
    }

    private List<UUID> own(List<UUID> members) {
        if (pencils.findAllById(members).size() < Set.copyOf(members).size()) {
            throw ApiProblem.notFound(say("thing.pencil"));
        }
        return members;
    }

    /** The sets of a class go on with it. */
    @EventListener
    void goOn(ClassPromoted continued) {
        sets.goOn(continued.before(), continued.now());
    }

    private void use(OwnedSet set, Map<UUID, Integer> users) {
        users.forEach((schoolClass, howMany) ->
                set.users().add(new ClassSet(set, classes.one(schoolClass).id(), howMany)));
    }

    OwnedPencil pencilForChange(UUID id) {
        return pencils.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.pencil")));
    }

    OwnedSet setForChange(UUID id) {
        return sets.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.set")));
    }

    private void requireFreeCode(String range, String code) {
        if (pencils.existsByRangeAndCode(range, code)) {
            throw codeTaken(range, code);
        }
    }

    static ApiProblem codeTaken(String range, String codes) {
        return ApiProblem.invalid("code", "CODE_TAKEN", say("problem.holds-a-pencil-already", range, codes));
    }

    private void requireFreePaper(String name) {
        if (papers.existsByName(name)) {
            throw nameTaken(name);
        }
    }

    private static void requireReachable(PencilData data) {
        if (data.spectrum().isEmpty()) {
            requireReachable(data.name(), data.masstone());
        }
    }

    /** Predictions reckon with light that is given back: another colour than was said would be taken without a word. */
    private static void requireReachable(String what, Lab colour) {
        Lab reachable = SmoothReflectance.reachable(colour);
        if (!reachable.equals(colour)) {
            throw ApiProblem.invalid(
                    "lab",
                    "NO_SURFACE",
                    say("problem.no-surface-that-only", what, reachable.lightness(), reachable.a(), reachable.b()));
        }
    }

    static ApiProblem nameTaken(String name) {
        return ApiProblem.invalid("name", "NAME_TAKEN", say("problem.there-is-a-already", name));
    }
}
