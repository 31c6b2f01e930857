package grastel.app.projects;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.classes.StudentsDeleted;
import grastel.app.decoding.Decoder;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.nodes.EventsLost;
import grastel.app.platform.storage.StoredFiles;
import grastel.core.reading.picture.Picture;
import grastel.core.reference.Frame;
import grastel.core.reference.Patches;
import grastel.core.reference.Reference;
import grastel.core.reference.ValueMap;
import grastel.core.reference.ValueMap.Wanted;
import grastel.core.reference.View;
import grastel.core.reference.Zones;
import grastel.core.reference.Zones.Join;
import grastel.core.reference.Zones.Split;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Pictures of projects as they are measured. What was worked out last is remembered: a slider asks again and again. Every
 * way in looks the project up first, so that nobody is answered from memory about what is not theirs.
 */
@Component
class ProjectPictures {
    /** Of decoded pictures, bytes: three of 12 megapixels; what is larger alone is decoded each time. */
    private static final long MOST_DECODED = 120_000_000;

    private static final int MOST_MEASURED = 24;
    /** Some dozen megabytes each. */
    private static final int MOST_PATCHED = 4;

    private final ProjectRows projects;
    private final Decoder decoder;
    private final StoredFiles files;
    private final Cache<UUID, Picture> decoded = Caffeine.newBuilder()
            .maximumWeight(MOST_DECODED)
            .weigher((UUID id, Picture picture) -> 3 * picture.width() * picture.height())
            .build();
    private final Cache<Lying, Reference> references =
            Caffeine.newBuilder().maximumSize(MOST_MEASURED).build();
    private final Cache<Lying, Patches> patches =
            Caffeine.newBuilder().maximumSize(MOST_PATCHED).build();
    private final Cache<Measured, ValueMap> values =
            Caffeine.newBuilder().maximumSize(MOST_MEASURED).build();

    private final Cache<Zoned, Zones> zones =
            Caffeine.newBuilder().maximumSize(MOST_MEASURED).build();

    ProjectPictures(ProjectRows projects, Decoder decoder, StoredFiles files) {
        this.projects = projects;
        this.decoder = decoder;
        this.files = files;
    }

    record Lying(UUID project, View view, Frame frame) {}

    private record Measured(Lying lying, Wanted wanted) {}

    /** All that zones depend on. */
    record Zoned(Lying lying, int count, double leastMm2, List<Split> splits, List<Join> joins) {}

    /** @throws ApiProblem where it is no picture that can be taken, and why */
    Picture decoded(UUID known, byte[] file) {
        return decoder.taken(known, file);
    }

    Reference reference(UUID project, ProjectData settings) {
        if (projects.line(project).isEmpty()) {
            throw ApiProblem.notFound(say("thing.project"));
        }
        return references.get(new Lying(project, settings.view(), settings.frame()), lying -> {
            Picture picture = decoded.get(
                    project,
                    id -> decoded(
                            id,
                            projects.picture(id)
                                    .flatMap(files::get)
                                    .orElseThrow(() -> ApiProblem.notFound(say("thing.project")))));
            return ApiProblem.taken("zoom", () -> Reference.of(picture, lying.view(), lying.frame()));
        });
    }

    ValueMap values(UUID project, ProjectData settings) {
        Reference reference = reference(project, settings);
        Measured measured = new Measured(new Lying(project, settings.view(), settings.frame()), settings.wanted());
        return values.get(measured, m -> ValueMap.of(reference, m.wanted()));
    }

    static Zoned zoned(UUID project, ProjectData settings) {
        return new Zoned(
                new Lying(project, settings.view(), settings.frame()),
                settings.zones(),
                settings.islandMm2(),
                settings.splitsByHand(),
                settings.joinsByHand());
    }

    Zones zones(UUID project, ProjectData settings) {
        Reference reference = reference(project, settings);
        return zones.get(
                zoned(project, settings),
                z -> Zones.of(patches.get(z.lying(), l -> Patches.of(reference)), z.count(), z.leastMm2())
                        .split(z.splits())
                        .joined(z.joins()));
    }

    /** Pictures of students who are gone go too. */
    @EventListener
    void forget(StudentsDeleted deleted) {
        forgetAll();
    }

    @EventListener
    void forget(EventsLost missed) {
        forgetAll();
    }

    private void forgetAll() {
        List.of(decoded, references, patches, values, zones).forEach(Cache::invalidateAll);
    }

    void forget(UUID project) {
        zones.asMap().keySet().removeIf(z -> z.lying().project().equals(project));
        decoded.invalidate(project);
        patches.asMap().keySet().removeIf(l -> l.project().equals(project));
        references.asMap().keySet().removeIf(l -> l.project().equals(project));
        values.asMap().keySet().removeIf(m -> m.lying().project().equals(project));
    }
}
