package grastel.core.exercise;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.layering.Pressures;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.media.ShippedKit;
import grastel.core.recipe.Method;
import java.util.List;

/** The shipped kit as settings for tests. */
public final class Shipped {
    public static final List<Pencil> ALL =
            ShippedKit.pencils().stream().map(ShippedKit.RangePencil::toPencil).toList();
    public static final Paper CARTRIDGE = paper("Harbour Cartridge");
    public static final Paper BROWN = paper("Drift Brown");
    public static final Setting WHITE_PAPER = on(CARTRIDGE, Method.USUAL);
    public static final Setting BROWN_PAPER = on(BROWN, Method.USUAL);

    private Shipped() {}

    public static Setting on(Paper paper, Method method) {
        return new Setting(
                new PencilSet("All", ALL),
                paper,
                method,
                GradeBand.DEVELOPING,
                Pressures.TAUGHT,
                List.of(Pieces.FLOAT));
    }

    public static Setting with(String... codes) {
        return new Setting(
                new PencilSet(
                        "Few", List.of(codes).stream().map(Shipped::pencil).toList()),
                CARTRIDGE,
                Method.USUAL,
                GradeBand.DEVELOPING);
    }

    /** The colourless one. */
    public static Pencil blender() {
        return ALL.stream().filter(Pencil::colourless).findFirst().orElseThrow();
    }

    public static Pencil pencil(String code) {
        return ALL.stream().filter(p -> p.code().equals(code)).findFirst().orElseThrow();
    }

    public static Paper paper(String name) {
        return ShippedKit.papers().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow()
                .toPaper();
    }

    /** A plan with suggestions for whatever is not chosen. */
    public static ExercisePlan plan(String kind, ChosenValues values, Setting setting) {
        ExerciseKind made = ExerciseKinds.of(kind).orElseThrow();
        return made.plan(values.orSuggested(made.parameters(setting)), setting);
    }
}
