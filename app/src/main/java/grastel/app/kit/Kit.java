package grastel.app.kit;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.platform.AfterCommit;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.platform.nodes.EventsLost;
import grastel.app.platform.nodes.ForEveryNode;
import grastel.core.checks.Require;
import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.media.Tooth;
import grastel.core.planning.kit.LeadUse;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of the kit: what it holds. What changes it is {@link KitChanges}, what a chart found {@link ChartedKit}. */
@Service
@Transactional(readOnly = true)
public class Kit {
    static final int NEW_LEAD_MM = (int) LeadUse.NEW_MM;

    private final OwnedPencils pencils;
    private final OwnedPapers papers;
    private final OwnedSets sets;
    private final ApplicationEventPublisher events;
    /** Pencils by owner: the bench asks for all of them at every touch. Emptied whenever one changes. */
    private final Cache<UUID, List<KitPencil>> known =
            Caffeine.newBuilder().maximumSize(200).build();

    Kit(OwnedPencils pencils, OwnedPapers papers, OwnedSets sets, ApplicationEventPublisher events) {
        this.pencils = pencils;
        this.papers = papers;
        this.sets = sets;
        this.events = events;
    }

    /**
     * A pencil of the kit.
     *
     * @param masstone its full-pressure colour
     * @param extra copies besides those in sets; negative where so many of the sets' are broken or lost
     * @param leadMm left of each copy when it was last seen
     */
    public record KitPencil(
            UUID id,
            int revision,
            String range,
            Lab masstone,
            Pencil pencil,
            ColourSource source,
            int extra,
            int leadMm,
            Instant leadSeenAt) {}

    /** Pencils of a teacher's kit have changed. */
    record PencilsChanged(UUID owner) implements ForEveryNode {}

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
            int extra,
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
    void forgetPencils() {
        events.publishEvent(new PencilsChanged(Ownership.current()));
    }

    @EventListener
    void forget(PencilsChanged changed) {
        known.invalidate(changed.owner());
        AfterCommit.run(() -> known.invalidate(changed.owner()));
    }

    @EventListener
    void forget(EventsLost missed) {
        known.invalidateAll();
    }

    public List<KitPaper> papers() {
        return papers.findAllByOrderByToothDepth().stream().map(Kit::info).toList();
    }

    public KitPencil pencil(UUID id) {
        return pencils.findById(id).map(Kit::info).orElseThrow(() -> ApiProblem.notFound(say("thing.pencil")));
    }

    public KitPaper paper(UUID id) {
        return papers.findById(id).map(Kit::info).orElseThrow(() -> ApiProblem.notFound(say("thing.paper")));
    }

    public List<KitSet> sets() {
        return sets.findAllByOrderByName().stream().map(Kit::info).toList();
    }

    /**
     * The pencils classes have at hand and how many of each, by class: those of their sets, so often as they have the set, and
     * those besides the sets. Classes no set was given to are left out: nobody said what they have.
     */
    public Map<UUID, Map<Pencil, Integer>> atHand() {
        Map<UUID, KitPencil> byId = pencils().stream().collect(Collectors.toMap(KitPencil::id, p -> p));
        Map<UUID, Map<Pencil, Integer>> all = new LinkedHashMap<>();
        for (KitSet set : sets()) {
            set.users()
                    .forEach((schoolClass, howMany) -> set.pencils()
                            .forEach(id -> all.computeIfAbsent(schoolClass, c -> new LinkedHashMap<>())
                                    .merge(Require.key(byId, id).pencil(), howMany, Integer::sum)));
        }
        for (Map<Pencil, Integer> copies : all.values()) {
            byId.values().stream()
                    .filter(p -> p.extra() != 0)
                    .forEach(p -> copies.merge(p.pencil(), p.extra(), Integer::sum));
            copies.values().removeIf(n -> n <= 0);
        }
        return all;
    }

    /** How many there are of every pencil, by its id: classes use the same sets one after another. */
    public Map<UUID, Integer> copies() {
        Map<UUID, Integer> inSets = inSets();
        return pencils().stream()
                .collect(Collectors.toMap(KitPencil::id, p -> Math.max(0, inSets.getOrDefault(p.id(), 0) + p.extra())));
    }

    /** How many there would be in the sets were none broken or lost. */
    Map<UUID, Integer> inSets() {
        Map<UUID, Integer> copies = new HashMap<>();
        for (KitSet set : sets()) {
            int sets = set.users().values().stream().max(Integer::compare).orElse(0);
            set.pencils().forEach(id -> copies.merge(id, sets, Integer::sum));
        }
        return copies;
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

    private OwnedSet findSet(UUID id) {
        return sets.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.set")));
    }

    static KitPencil info(OwnedPencil p) {
        return new KitPencil(
                p.id(),
                p.revision(),
                p.range(),
                p.masstone(),
                p.toPencil(),
                p.source(),
                p.extra(),
                p.leadMm(),
                p.leadSeenAt());
    }

    static KitPaper info(OwnedPaper p) {
        return new KitPaper(p.id(), p.revision(), p.ground(), p.toPaper());
    }

    static KitSet info(OwnedSet s) {
        return new KitSet(
                s.id(),
                s.revision(),
                s.name(),
                List.copyOf(s.pencils()),
                s.users().stream().collect(Collectors.toMap(ClassSet::schoolClass, ClassSet::howMany)));
    }
}
