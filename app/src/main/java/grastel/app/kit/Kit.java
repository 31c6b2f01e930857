package grastel.app.kit;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.account.TeacherJoined;
import grastel.app.classes.Classes;
import grastel.app.platform.AfterCommit;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;
import grastel.core.known.Known;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.media.ShippedKit;
import grastel.core.media.Tooth;
import grastel.core.planning.kit.LeadUse;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of the kit. */
@Service
@Transactional
public class Kit {
    private static final int NEW_LEAD_MM = (int) LeadUse.NEW_MM;

    private final OwnedPencils pencils;
    private final OwnedPapers papers;
    private final OwnedSets sets;
    private final Classes classes;
    private final Clock clock;
    /** Pencils by owner: the bench asks for all of them at every touch. Emptied whenever one changes. */
    private final Cache<UUID, List<KitPencil>> known =
            Caffeine.newBuilder().maximumSize(200).build();

    Kit(OwnedPencils pencils, OwnedPapers papers, OwnedSets sets, Classes classes, Clock clock) {
        this.pencils = pencils;
        this.papers = papers;
        this.sets = sets;
        this.classes = classes;
        this.clock = clock;
    }

    /** A pencil of the kit. @param masstone its full-pressure colour; @param leadMm left of each copy when it was last seen */
    public record KitPencil(
            UUID id,
            int revision,
            String range,
            Lab masstone,
            Pencil pencil,
            ColourSource source,
            int copies,
            int leadMm,
            Instant leadSeenAt) {}

    /** A paper of the kit. */
    public record KitPaper(UUID id, int revision, Lab ground, Paper paper) {}

    /** A set. @param users classes that use it and how many of it they have */
    public record KitSet(UUID id, int revision, String name, List<UUID> pencils, Map<UUID, Integer> users) {}

    /** Everything that is kept of a pencil. */
    record PencilData(
            String range,
            String code,
            String name,
            Pencil.Binder binder,
            ColourSource source,
            Lab masstone,
            Optional<Spectrum> spectrum,
            double hiding,
            double softness,
            boolean colourless,
            int copies,
            int leadMm) {}

    record PaperData(String name, Lab ground, Tooth tooth) {}

    public List<KitPencil> pencils() {
        return known.get(
                Ownership.current(),
                owner -> pencils.findAllByOrderByRangeDescCode().stream()
                        .map(Kit::info)
                        .toList());
    }

    /** At once for this change, and again when it is done, for what was asked for in between. */
    private void forgetPencils() {
        UUID owner = Ownership.current();
        known.invalidate(owner);
        AfterCommit.run(() -> known.invalidate(owner));
    }

    public List<KitPaper> papers() {
        return papers.findAllByOrderByToothDepth().stream().map(Kit::info).toList();
    }

    public KitPencil pencil(UUID id) {
        return info(findPencil(id));
    }

    public KitPaper paper(UUID id) {
        return papers.findById(id).map(Kit::info).orElseThrow(() -> ApiProblem.notFound(say("thing.paper")));
    }

    public List<KitSet> sets() {
        return sets.findAllByOrderByName().stream().map(Kit::info).toList();
    }

    /**
     * The pencils classes have at hand and how many of each, by class: those of their sets, so often as they have the set, or
     * so many as there are copies where that is more. Classes no set was given to are left out: nobody said what they have.
     */
    public Map<UUID, Map<Pencil, Integer>> atHand() {
        Map<UUID, KitPencil> byId = pencils().stream().collect(Collectors.toMap(KitPencil::id, p -> p));
        Map<UUID, Map<Pencil, Integer>> all = new LinkedHashMap<>();
        for (KitSet set : sets()) {
            set.users()
                    .forEach((schoolClass, howMany) -> set.pencils()
                            .forEach(id -> all.computeIfAbsent(schoolClass, c -> new LinkedHashMap<>())
                                    .merge(Known.in(byId, id).pencil(), howMany, Integer::sum)));
        }
        all.values()
                .forEach(copies -> byId.values().stream()
                        .filter(p -> p.copies() > 1)
                        .forEach(p -> copies.merge(p.pencil(), p.copies(), Math::max)));
        return all;
    }

    KitPencil add(PencilData data) {
        requireFreeCode(data.range(), data.code());
        requireReachable(data);
        forgetPencils();
        return info(pencils.saveAndFlush(new OwnedPencil(data)));
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
        forgetPencils();
        return info(pencils.saveAndFlush(found));
    }

    /** Somebody has looked at the copies of a pencil. @param leadMm what is left of each */
    public KitPencil seeLead(UUID id, int leadMm) {
        OwnedPencil found = pencilForChange(id);
        found.see(leadMm, clock.instant());
        forgetPencils();
        return info(pencils.saveAndFlush(found));
    }

    KitPencil calibrate(UUID id, Pencil fitted) {
        OwnedPencil found = pencilForChange(id);
        found.calibrate(fitted);
        forgetPencils();
        return info(pencils.saveAndFlush(found));
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
        forgetPencils();
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
        forgetPencils();
        if (into == null) {
            return new Described(addSet(range, ids, Map.of()).id(), ids);
        }
        OwnedSet set = setForChange(into);
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
                1,
                NEW_LEAD_MM);
    }

    /** @throws ApiProblem where a set of this name, or a pencil of this range and code, is there already */
    public void requireFree(String name, List<String> codes) {
        if (sets.existsByName(name)) {
            throw nameTaken(name);
        }
        requireFreeCodes(name, codes);
    }

    private void requireFreeCodes(String range, List<String> codes) {
        List<String> held = pencils.held(range, codes);
        if (!held.isEmpty()) {
            throw codeTaken(range, String.join(", ", held));
        }
    }

    /** A paper's tooth as a chart found it. */
    public void takeDepth(UUID paper, double depth) {
        OwnedPaper found = papers.forChange(paper).orElseThrow(() -> ApiProblem.notFound(say("thing.paper")));
        KitPaper was = info(found);
        found.set(new PaperData(
                found.name(), was.ground(), new Tooth(depth, was.paper().tooth().grainMm())));
        papers.saveAndFlush(found);
    }

    void removePencil(UUID id) {
        pencils.delete(pencilForChange(id));
        forgetPencils();
    }

    KitPaper addPaper(PaperData data) {
        requireFreePaper(data.name());
        requireReachable(data.name(), data.ground());
        return info(papers.saveAndFlush(new OwnedPaper(data)));
    }

    KitPaper changePaper(UUID id, Integer known, PaperData data) {
        OwnedPaper found = papers.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.paper")));
        found.requireUnchanged(known, found.name());
        if (!found.name().equals(data.name())) {
            requireFreePaper(data.name());
        }
        requireReachable(data.name(), data.ground());
        found.set(data);
        return info(papers.saveAndFlush(found));
    }

    KitSet addSet(String name, List<UUID> members, Map<UUID, Integer> users) {
        if (sets.existsByName(name)) {
            throw nameTaken(name);
        }
        OwnedSet made = new OwnedSet(name, own(members));
        use(made, users);
        return info(sets.saveAndFlush(made));
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
        return info(sets.saveAndFlush(found));
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

    public KitSet set(UUID id) {
        return info(findSet(id));
    }

    /** All pencils as a set. */
    public PencilSet everything() {
        return new PencilSet(
                say("thing.whole-kit"),
                pencils().stream().map(KitPencil::pencil).distinct().toList());
    }

    /** The set as the computation wants it. */
    public PencilSet setOf(UUID id) {
        OwnedSet found = findSet(id);
        List<Pencil> members = pencilsOf(found).stream().map(KitPencil::pencil).toList();
        if (members.isEmpty()) {
            throw ApiProblem.invalid("set", "SET_EMPTY", say("problem.holds-no-pencil-yet", found.name()));
        }
        return new PencilSet(found.name(), members);
    }

    /** Those of a set, in the order of the kit. */
    public List<KitPencil> pencilsOf(UUID set) {
        return pencilsOf(findSet(set));
    }

    private List<KitPencil> pencilsOf(OwnedSet set) {
        return pencils().stream().filter(p -> set.pencils().contains(p.id())).toList();
    }

    /** Whoever joins starts with the shipped ranges, papers, and a set of each range. */
    @EventListener
    void prepare(TeacherJoined joined) {
        Map<String, List<UUID>> byRange = new LinkedHashMap<>();
        List<OwnedPencil> shipped = new ArrayList<>();
        for (ShippedKit.RangePencil p : ShippedKit.pencils()) {
            OwnedPencil owned = new OwnedPencil(new PencilData(
                    p.range(),
                    p.code(),
                    p.name(),
                    p.binder(),
                    p.colourless() ? ColourSource.MEASURED_LAB : ColourSource.MEASURED_SPECTRUM,
                    p.colour(),
                    p.colourless() ? Optional.empty() : Optional.of(p.masstone()),
                    p.hiding(),
                    p.softness(),
                    p.colourless(),
                    1,
                    NEW_LEAD_MM));
            shipped.add(owned);
            if (!p.colourless()) {
                byRange.computeIfAbsent(p.range(), r -> new ArrayList<>()).add(owned.id());
            }
        }
        pencils.saveAllAndFlush(shipped);
        forgetPencils();
        papers.saveAll(ShippedKit.papers().stream()
                .map(p -> new OwnedPaper(new PaperData(p.name(), p.ground(), p.tooth())))
                .toList());
        byRange.forEach((range, ids) -> sets.save(new OwnedSet(range + " " + ids.size(), ids)));
    }

    private List<UUID> own(List<UUID> members) {
        if (pencils.findAllById(members).size() < Set.copyOf(members).size()) {
            throw ApiProblem.notFound(say("thing.pencil"));
        }
        return members;
    }

    private void use(OwnedSet set, Map<UUID, Integer> users) {
        users.forEach((schoolClass, howMany) ->
                set.users().add(new ClassSet(set, classes.one(schoolClass).id(), howMany)));
    }

    private OwnedPencil findPencil(UUID id) {
        return pencils.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.pencil")));
    }

    private OwnedPencil pencilForChange(UUID id) {
        return pencils.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.pencil")));
    }

    private OwnedSet setForChange(UUID id) {
        return sets.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.set")));
    }

    private OwnedSet findSet(UUID id) {
        return sets.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.set")));
    }

    private void requireFreeCode(String range, String code) {
        if (pencils.existsByRangeAndCode(range, code)) {
            throw codeTaken(range, code);
        }
    }

    private static ApiProblem codeTaken(String range, String codes) {
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

    private static ApiProblem nameTaken(String name) {
        return ApiProblem.invalid("name", "NAME_TAKEN", say("problem.there-is-a-already", name));
    }

    private static KitPencil info(OwnedPencil p) {
        return new KitPencil(
                p.id(),
                p.revision(),
                p.range(),
                p.masstone(),
                p.toPencil(),
                p.source(),
                p.copies(),
                p.leadMm(),
                p.leadSeenAt());
    }

    private static KitPaper info(OwnedPaper p) {
        return new KitPaper(p.id(), p.revision(), p.ground(), p.toPaper());
    }

    private static KitSet info(OwnedSet s) {
        return new KitSet(
                s.id(),
                s.revision(),
                s.name(),
                List.copyOf(s.pencils()),
                s.users().stream().collect(Collectors.toMap(ClassSet::schoolClass, ClassSet::howMany)));
    }
}
