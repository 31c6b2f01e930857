package grastel.app.course;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.classes.StudentsDeleted;
import grastel.app.platform.AfterCommit;
import grastel.app.returns.ClassPagesChanged;
import grastel.app.returns.Returns;
import grastel.app.returns.Returns.Decided;
import grastel.app.returns.Returns.Reach;
import grastel.core.judging.Level;
import grastel.core.planning.ClassFacts.Secure;
import grastel.core.planning.Skill;
import java.time.Duration;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What a class's pages say: how many students are secure in which skill, by what was decided last of each goal that shows it
 * (secure is who is in all of these), and how far they came. Remembered until a page of the class changes.
 */
@Component
class Standings {
    private final Returns returns;
    private final Cache<UUID, Known> known = Caffeine.newBuilder()
            .maximumSize(1_000)
            .expireAfterWrite(Duration.ofMinutes(10))
            .build();

    private final AtomicLong changes = new AtomicLong();

    /** @param reached the first received first */
    record Known(Map<Skill, Secure> secure, List<Reach> reached) {}

    Standings(Returns returns) {
        this.returns = returns;
    }

    /** By class. What was changed while it was asked for is not remembered. */
    Map<UUID, Known> of(Collection<UUID> classes) {
        long before = changes.get();
        Map<UUID, Known> all = known.getAll(Set.copyOf(classes), this::asked);
        if (changes.get() != before) {
            known.invalidateAll(classes);
        }
        return all;
    }

    private Map<UUID, Known> asked(Set<? extends UUID> missing) {
        Map<UUID, List<Decided>> decided =
                returns.decided(Set.copyOf(missing)).stream().collect(Collectors.groupingBy(Decided::schoolClass));
        Map<UUID, List<Reach>> reached =
                returns.reached(Set.copyOf(missing)).stream().collect(Collectors.groupingBy(Reach::schoolClass));
        return missing.stream()
                .collect(Collectors.toMap(
                        c -> c,
                        c -> new Known(
                                secure(decided.getOrDefault(c, List.of())), reached.getOrDefault(c, List.of()))));
    }

    private static Map<Skill, Secure> secure(List<Decided> decided) {
        Map<Skill, Set<UUID>> tried = new EnumMap<>(Skill.class);
        Map<Skill, Set<UUID>> weak = new HashMap<>();
        for (Decided one : decided) {
            if (one.level() == Level.NOT_TRIED) {
                continue;
            }
            for (Skill skill : Skill.seenIn(one.kind(), one.goal())) {
                tried.computeIfAbsent(skill, s -> new HashSet<>()).add(one.student());
                if (one.level().compareTo(Level.SECURE) < 0) {
                    weak.computeIfAbsent(skill, s -> new HashSet<>()).add(one.student());
                }
            }
        }
        Map<Skill, Secure> secure = new EnumMap<>(Skill.class);
        tried.forEach((skill, students) -> secure.put(
                skill,
                new Secure(students.size() - weak.getOrDefault(skill, Set.of()).size(), students.size())));
        return secure;
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

    private void forget(Runnable what) {
        what.run();
        AfterCommit.run(() -> {
            changes.incrementAndGet();
            what.run();
        });
    }
}
