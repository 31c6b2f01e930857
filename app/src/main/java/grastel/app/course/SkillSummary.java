package grastel.app.course;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.StudentsDeleted;
import grastel.app.platform.AfterCommit;
import grastel.app.platform.nodes.EventsLost;
import grastel.app.progress.Progress;
import grastel.app.returns.Returns;
import grastel.app.returns.api.ClassPagesChanged;
import grastel.app.returns.api.PageProgress;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.planning.ClassFacts.Secure;
import grastel.core.planning.Skill;
import grastel.core.progress.Readiness;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What a class's pages say: how many students are secure in which skill, and how far they came. Remembered until a page of the class changes.
 */
@Component
class SkillSummary {
    private final Returns returns;
    private final Progress progress;
    private final Cache<UUID, Standing> known = Caffeine.newBuilder()
            .maximumSize(1_000)
            .expireAfterWrite(Duration.ofMinutes(10))
            .build();

    private final AtomicLong changes = new AtomicLong();

    /** @param band of the class, which levels are held against; @param reached the first received first */
    record Standing(GradeBand band, Map<Skill, Secure> secure, List<PageProgress> reached) {}

    SkillSummary(Returns returns, Progress progress) {
        this.returns = returns;
        this.progress = progress;
    }

    /** By class. What was changed while it was asked for is not remembered. */
    Map<UUID, Standing> of(Collection<ClassInfo> classes) {
        Map<UUID, ClassInfo> byId = classes.stream().collect(Collectors.toMap(ClassInfo::id, c -> c));
        long before = changes.get();
        classes.forEach(c -> known.asMap().computeIfPresent(c.id(), (id, old) -> old.band() == c.band() ? old : null));
        Map<UUID, Standing> all = known.getAll(byId.keySet(), missing -> asked(missing, byId));
        if (changes.get() != before) {
            known.invalidateAll(byId.keySet());
        }
        return all;
    }

    private Map<UUID, Standing> asked(Set<? extends UUID> missing, Map<UUID, ClassInfo> byId) {
        Map<UUID, Map<Skill, Readiness>> ready =
                progress.readiness(missing.stream().map(byId::get).toList());
        Map<UUID, List<PageProgress>> reached =
                returns.reached(Set.copyOf(missing)).stream().collect(Collectors.groupingBy(PageProgress::schoolClass));
        return missing.stream()
                .collect(Collectors.toMap(
                        c -> c,
                        c -> new Standing(
                                Require.key(byId, c).band(),
                                secure(Require.key(ready, c)),
                                reached.getOrDefault(c, List.of()))));
    }

    private static Map<Skill, Secure> secure(Map<Skill, Readiness> ready) {
        return ready.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        e -> new Secure(e.getValue().secure(), e.getValue().tried())));
    }

    /** At once for this change, and again when it is done, for what was asked for in between. */
    @EventListener
    void forget(ClassPagesChanged changed) {
        forget(() -> known.invalidate(changed.schoolClass()));
    }

    @EventListener
    void forget(StudentsDeleted deleted) {
        forget(known::invalidateAll);
    }

    @EventListener
    void forget(EventsLost missed) {
        forget(known::invalidateAll);
    }

    private void forget(Runnable what) {
        what.run();
        AfterCommit.run(() -> {
            changes.incrementAndGet();
            what.run();
        });
    }
}
