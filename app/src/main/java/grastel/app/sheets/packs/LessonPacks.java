package grastel.app.sheets.packs;

import static grastel.core.words.Words.say;

import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPaper;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.JsonFormat;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.SheetInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.app.sheets.packs.LessonPack.PackExercise;
import grastel.app.sheets.packs.LessonPack.PackLab;
import grastel.app.sheets.packs.LessonPack.PackPaper;
import grastel.app.sheets.packs.LessonPack.PackPencil;
import grastel.app.sheets.packs.LessonPack.PackSheet;
import grastel.app.sheets.packs.LessonPack.PackValue;
import grastel.core.colour.ColourDifference;
import grastel.core.exercise.goal.Goal;
import grastel.core.media.Pencil;
import grastel.core.recipe.Substitutes;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Writes lesson packs and takes them in: all of a pack or nothing. */
@Service
@Transactional
class LessonPacks {
    private static final int MOST_SUBSTITUTES = 4;
    /** What has the same name is the same when its colour is this near, ΔE00: two measurements of one thing. */
    private static final double SAME = 4;
    /** Whatever its name, a pencil this near is as good, ΔE00. */
    private static final double EQUAL = 1.5;
    /** Papers whose teeth differ by less than a quarter take colour alike, natural logarithm. */
    private static final double SAME_TOOTH = Math.log(1.25);

    private final Sheets sheets;
    private final Kit kit;
    private final JsonFormat<LessonPack> format;

    LessonPacks(Sheets sheets, Kit kit, JsonMapper json) {
        this.sheets = sheets;
        this.kit = kit;
        this.format = new JsonFormat<>(
                json,
                LessonPack.class,
                "lesson-pack.schema.json",
                "pack",
                say("thing.a-lesson-pack"),
                "grastelLessonPack",
                LessonPack.VERSION);
    }

    /** A pencil of the pack that the kit does not hold. */
    record Missing(PackPencil pencil, List<Substitutes.Substitute> substitutes) {}

    /** What a pack holds and lacks here. @param papers of the pack that the kit does not hold */
    record Preview(LessonPack pack, List<Missing> pencils, List<PackPaper> papers) {}

    String export(List<UUID> ids) {
        Map<UUID, KitPencil> owned =
                kit.pencils().stream().collect(Collectors.toMap(KitPencil::id, Function.identity()));
        Map<UUID, PackPencil> pencils = new LinkedHashMap<>();
        Map<UUID, PackPaper> papers = new LinkedHashMap<>();
        List<PackSheet> packed = new ArrayList<>();
        for (UUID id : ids) {
            SheetInfo sheet = sheets.one(id);
            SheetData data = sheet.data();
            papers.computeIfAbsent(data.paper(), paper -> packed(kit.paper(paper), "paper " + (papers.size() + 1)));
            packed.add(new PackSheet(
                    sheet.title(),
                    data.pageSize(),
                    papers.get(data.paper()).key(),
                    data.exercises().stream()
                            .map(e -> packed(e, owned, pencils))
                            .toList()));
        }
        return format.written(new LessonPack(
                LessonPack.VERSION, List.copyOf(pencils.values()), List.copyOf(papers.values()), packed));
    }

    private static PackPaper packed(KitPaper p, String key) {
        return new PackPaper(
                key,
                p.paper().name(),
                PackLab.of(p.ground()),
                p.paper().tooth().depth(),
                p.paper().tooth().grainMm());
    }

    private static PackExercise packed(
            ExerciseData exercise, Map<UUID, KitPencil> owned, Map<UUID, PackPencil> pencils) {
        Map<String, PackValue> values = new LinkedHashMap<>();
        exercise.values().forEach((name, v) -> {
            String key = null;
            if (v.pencil() != null && owned.containsKey(v.pencil())) {
                KitPencil p = owned.get(v.pencil());
                key = pencils.computeIfAbsent(
                                p.id(),
                                id -> new PackPencil(
                                        p.range() + " " + p.pencil().code(),
                                        p.range(),
                                        p.pencil().code(),
                                        p.pencil().name(),
                                        PackLab.of(p.masstone()),
                                        PackPencil.mediumOf(p.pencil())))
                        .key();
            }
            if (v.pencil() == null || key != null) {
                values.put(name, new PackValue(v.number(), v.word(), v.words(), key));
            }
        });
        Map<String, Double> thresholds = new TreeMap<>();
        exercise.thresholds().forEach((goal, factor) -> thresholds.put(goal.name(), factor));
        return new PackExercise(exercise.kind(), values, thresholds);
    }

    /** @throws ApiProblem naming every place where the text is not a lesson pack */
    Preview preview(String text) {
        LessonPack pack = format.parsed(text);
        List<Pencil> all = kit.pencils().stream().map(KitPencil::pencil).toList();
        List<Missing> missing = pack.pencils().stream()
                .filter(p -> owned(p).isEmpty())
                .map(p -> new Missing(p, Substitutes.of(p.toPencil(), all, MOST_SUBSTITUTES)))
                .toList();
        List<PackPaper> papers =
                pack.papers().stream().filter(p -> owned(p).isEmpty()).toList();
        return new Preview(pack, missing, papers);
    }

    /** @param pencils, papers what stands in for those the kit does not hold, by the pack's keys */
    List<SheetInfo> take(String text, Map<String, UUID> pencils, Map<String, UUID> papers) {
        LessonPack pack = format.parsed(text);
        Map<String, UUID> pencilOf = new LinkedHashMap<>();
        for (PackPencil p : pack.pencils()) {
            pencilOf.put(p.key(), owned(p).orElseGet(() -> chosen(pencils, p.key(), "pencil " + p.name())));
        }
        Map<String, UUID> paperOf = new LinkedHashMap<>();
        for (PackPaper p : pack.papers()) {
            paperOf.put(p.key(), owned(p).orElseGet(() -> chosen(papers, p.key(), "paper " + p.name())));
        }
        return pack.sheets().stream()
                .map(s -> sheets.create(
                        s.title(),
                        new SheetData(
                                null,
                                null,
                                known(paperOf, s.paper(), "paper"),
                                s.pageSize(),
                                s.exercises().stream()
                                        .map(e -> unpacked(e, pencilOf))
                                        .toList())))
                .toList();
    }

    private static UUID chosen(Map<String, UUID> stands, String key, String what) {
        return Optional.ofNullable(stands.get(key))
                .orElseThrow(
                        () -> ApiProblem.invalid("pencils." + key, "MISSING", say("problem.your-kit-does-not", what)));
    }

    private static UUID known(Map<String, UUID> by, String key, String what) {
        return Optional.ofNullable(by.get(key))
                .orElseThrow(
                        () -> ApiProblem.invalid("pack", "UNKNOWN_KEY", say("problem.the-pack-names-a", what, key)));
    }

    private static ExerciseData unpacked(PackExercise e, Map<String, UUID> pencilOf) {
        Map<String, ValueData> values = new LinkedHashMap<>();
        e.values()
                .forEach((name, v) -> values.put(
                        name,
                        new ValueData(
                                v.number(),
                                v.word(),
                                v.words(),
                                v.pencil() == null ? null : known(pencilOf, v.pencil(), "pencil"))));
        Map<Goal, Double> thresholds = new EnumMap<>(Goal.class);
        e.thresholds().forEach((name, factor) -> thresholds.put(goal(name), factor));
        return new ExerciseData(e.kind(), values, thresholds);
    }

    private static Goal goal(String name) {
        return Arrays.stream(Goal.values())
                .filter(g -> g.name().equals(name))
                .findFirst()
                .orElseThrow(() ->
                        ApiProblem.invalid("pack", "UNKNOWN_GOAL", say("problem.the-pack-moves-thresholds", name)));
    }

    /** A pencil of the kit that is the pack's: by code or name and colour, or by its colour alone where that is as good as equal. */
    private Optional<UUID> owned(PackPencil p) {
        return kit.pencils().stream()
                .filter(k -> PackPencil.mediumOf(k.pencil()) == p.medium())
                .filter(k -> {
                    double apart =
                            ColourDifference.ciede2000(k.masstone(), p.lab().toLab());
                    return apart < (isNamed(k, p) ? SAME : EQUAL);
                })
                .min(Comparator.comparing((KitPencil k) -> !isNamed(k, p))
                        .thenComparing(k ->
                                ColourDifference.ciede2000(k.masstone(), p.lab().toLab())))
                .map(KitPencil::id);
    }

    private static boolean isNamed(KitPencil k, PackPencil p) {
        return k.range().equals(p.range()) && k.pencil().code().equals(p.code())
                || k.pencil().name().equals(p.name());
    }

    /** A paper of the kit that takes colour as the pack's does and is of its colour; where several are, that of its name. */
    private Optional<UUID> owned(PackPaper p) {
        return kit.papers().stream()
                .filter(k -> Math.abs(Math.log(k.paper().tooth().depth() / p.tooth())) < SAME_TOOTH)
                .filter(k -> ColourDifference.ciede2000(k.ground(), p.lab().toLab()) < SAME)
                .min(Comparator.comparing((KitPaper k) -> !k.paper().name().equals(p.name()))
                        .thenComparing(k ->
                                ColourDifference.ciede2000(k.ground(), p.lab().toLab())))
                .map(KitPaper::id);
    }
}
