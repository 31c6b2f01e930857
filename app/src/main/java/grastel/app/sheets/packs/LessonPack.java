package grastel.app.sheets.packs;

import com.fasterxml.jackson.annotation.JsonInclude;
import grastel.app.platform.MeasuredColour;
import grastel.core.colour.Lab;
import grastel.core.media.Pencil;
import grastel.core.page.PageSize;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Sheets to be carried from one Grastel to another, as {@code lesson-pack.schema.json} describes it. Pencils and papers are
 * named by keys of the pack's own.
 */
record LessonPack(int grastelLessonPack, List<PackPencil> pencils, List<PackPaper> papers, List<PackSheet> sheets) {
    static final int VERSION = 1;

    record PackLab(double l, double a, double b) {
        static PackLab of(Lab lab) {
            return new PackLab(tenth(lab.lightness()), tenth(lab.a()), tenth(lab.b()));
        }

        Lab toLab() {
            return MeasuredColour.of(l, a, b);
        }

        private static double tenth(double value) {
            return Math.round(value * 10) / 10.0;
        }
    }

    /** @param medium null for a coloured pencil */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record PackPencil(String key, String range, String code, String name, PackLab lab, Pencil.@Nullable Binder medium) {
        static Pencil.@Nullable Binder mediumOf(Pencil pencil) {
            return pencil.binder().isPencil() ? null : pencil.binder();
        }

        Pencil toPencil() {
            return Pencil.of(code, name, medium == null ? Pencil.Binder.WAX : medium, lab.toLab(), 0.5, 1);
        }
    }

    record PackPaper(String key, String name, PackLab lab, double tooth, double grainMm) {}

    record PackSheet(String title, PageSize pageSize, String paper, List<PackExercise> exercises) {}

    /** @param thresholds what usual thresholds are multiplied by, by goal */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record PackExercise(
            String kind,
            @JsonInclude(JsonInclude.Include.ALWAYS) Map<String, PackValue> values,
            Map<String, Double> thresholds) {
        PackExercise {
            thresholds = thresholds == null ? Map.of() : thresholds;
        }
    }

    /** One of them. @param pencil a key */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record PackValue(
            @Nullable Double number,
            @Nullable String word,
            @Nullable List<String> words,
            @Nullable String pencil) {}
}
