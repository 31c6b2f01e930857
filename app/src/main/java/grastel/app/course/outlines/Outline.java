package grastel.app.course.outlines;

import com.fasterxml.jackson.annotation.JsonInclude;
import grastel.app.platform.MeasuredColour;
import grastel.core.colour.Lab;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A course without class or dates, as {@code outline.schema.json} describes it. Pencils are named by keys of its own.
 *
 * @param about one line
 */
public record Outline(
        int grastelOutline, String title, String about, List<OutlinePencil> pencils, List<OutlineLesson> lessons) {
    static final int VERSION = 1;

    record OutlineLab(double l, double a, double b) {
        Lab toLab() {
            return MeasuredColour.of(l, a, b);
        }

        static OutlineLab of(Lab lab) {
            return new OutlineLab(tenth(lab.lightness()), tenth(lab.a()), tenth(lab.b()));
        }

        private static double tenth(double value) {
            return Math.round(value * 10) / 10.0;
        }
    }

    record OutlinePencil(String key, String range, String code, String name, OutlineLab lab) {}

    record OutlineLesson(
            String title,
            String aim,
            @Nullable Integer showMinutes,
            @Nullable Integer lookMinutes,
            @Nullable Integer workMinutes,
            @Nullable String notes,
            List<OutlineSheet> sheets) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record OutlineSheet(@Nullable String title, List<OutlineExercise> exercises) {}

    record OutlineExercise(String kind, Map<String, OutlineValue> values) {}

    /** One of them. @param pencil a key */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record OutlineValue(
            @Nullable Double number,
            @Nullable String word,
            @Nullable List<String> words,
            @Nullable String pencil) {}
}
