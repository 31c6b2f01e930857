package grastel.app.projects;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.projects.ProjectPictures.Zoned;
import grastel.core.exercise.Piece.Work;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.project.Mixtures;
import grastel.core.project.Palette;
import grastel.core.project.ReferencePiece;
import grastel.core.project.SharedTint;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.recipe.Method;
import grastel.core.reference.Reference;
import grastel.core.reference.Zones;
import grastel.core.reference.Zones.Zone;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What pencils make of the zones of projects. What was found last is remembered: it takes seconds. */
@Component
class ProjectColours {
    private static final int MOST_PAIRED = 6;
    private static final int MOST_REMEMBERED = 24;

    private final ProjectPictures pictures;
    private final Kit kit;
    private final Classes classes;
    private final Cache<Found, List<List<Mixed>>> found =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final Cache<Found, Optional<SharedTint>> tints =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final Cache<Few, List<Pencil>> few =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    private final Cache<Pairs, Mixtures> mixtures =
            Caffeine.newBuilder().maximumSize(MOST_PAIRED).build();

    ProjectColours(ProjectPictures pictures, Kit kit, Classes classes) {
        this.pictures = pictures;
        this.kit = kit;
        this.classes = classes;
    }

    /** What a project is drawn with. @param set its name */
    record With(String set, Paper paper, List<Pencil> pencils, Method method) {}

    /** What a project is drawn with where few pencils are to do. */
    private record Few(Zoned zones, With from, int most) {}

    private record Pairs(Paper paper, List<Pencil> pencils) {}

    private record Found(Zoned zones, With with) {}

    /** @param schoolClass whose method it is drawn by; null for the usual */
    With with(UUID project, UUID schoolClass, ProjectData settings) {
        var set = settings.set() == null ? kit.everything() : kit.setOf(settings.set());
        return limited(
                project,
                settings,
                new With(
                        set.name(),
                        kit.paper(paper(settings)).paper(),
                        Pencil.ofOneSort(set.pencils()).stream()
                                .filter(p -> !p.colourless())
                                .toList(),
                        schoolClass == null
                                ? Method.USUAL
                                : classes.one(schoolClass).method()));
    }

    /** With as few pencils as a project is to do with. */
    With limited(UUID project, ProjectData settings, With all) {
        if (settings.pencils() == null || settings.pencils() >= all.pencils().size()) {
            return all;
        }
        List<Zone> zones = pictures.zones(project, settings).zones();
        List<Pencil> best = few.get(
                new Few(ProjectPictures.zoned(project, settings), all, settings.pencils()),
                f -> Palette.of(zones, mixtures(all), all.method().closeness(), f.most()));
        return new With(all.set(), all.paper(), best, all.method());
    }

    private Mixtures mixtures(With all) {
        return mixtures.get(new Pairs(all.paper(), all.pencils()), p -> Mixtures.of(p.paper(), p.pencils()));
    }

    /** Which paper of the kit it is drawn on. */
    UUID paper(ProjectData settings) {
        return settings.paper() == null ? kit.papers().get(0).id() : settings.paper();
    }

    /** Of each zone what it is made of. */
    List<List<Mixed>> of(UUID project, ProjectData settings, With with) {
        List<List<Mixed>> mixed = mixed(project, settings, with);
        return settings.glazed()
                ? tint(project, settings, with)
                        .map(t -> t.over(mixed, with.paper()))
                        .orElse(mixed)
                : mixed;
    }

    /** The glaze that would tie most of the picture. */
    Optional<SharedTint> tint(UUID project, ProjectData settings, With with) {
        List<List<Mixed>> mixed = mixed(project, settings, with);
        List<Double> areas = pictures.zones(project, settings).zones().stream()
                .map(Zone::areaMm2)
                .toList();
        return tints.get(
                new Found(ProjectPictures.zoned(project, settings), with),
                f -> SharedTint.of(mixed, areas, with.paper(), with.pencils()));
    }

    private List<List<Mixed>> mixed(UUID project, ProjectData settings, With with) {
        Zones zones = pictures.zones(project, settings);
        return found.get(
                new Found(ProjectPictures.zoned(project, settings), with),
                f -> ReferencePiece.mixed(zones, with.paper(), with.pencils(), with.method()));
    }

    /** As a picture to be drawn. */
    Work drawn(UUID project, ProjectData settings, With with) {
        return work(project, settings, with, ReferencePiece.CELL_MM).with(settings.focused(), settings.light());
    }

    /** As fine as the reference is measured. */
    Work fine(UUID project, ProjectData settings, With with) {
        return work(project, settings, with, reference(project, settings).mmPerPx());
    }

    Reference reference(UUID project, ProjectData settings) {
        return pictures.reference(project, settings);
    }

    private Work work(UUID project, ProjectData settings, With with, double cellMm) {
        return ReferencePiece.work(
                reference(project, settings),
                pictures.zones(project, settings),
                settings.frame(),
                with.paper(),
                of(project, settings, with),
                cellMm,
                settings.columns(),
                settings.rows());
    }
}
