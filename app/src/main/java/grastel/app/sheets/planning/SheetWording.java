package grastel.app.sheets.planning;

import static grastel.core.words.Words.say;

import grastel.core.checks.Require;
import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.exercise.plan.Span;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.FieldSpec;
import grastel.core.page.FieldSpec.Inside;
import grastel.core.page.Section;
import grastel.core.page.SheetWords;
import grastel.core.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The words on printed sheets. */
public final class SheetWording {
    private static final int MOST_CAUTIONS = 3;

    private SheetWording() {}

    static String title(SheetPlan plan) {
        return plan.exercises().stream().map(ExercisePlan::title).limit(2).collect(Collectors.joining(" · "));
    }

    public static SheetWords words(String title, SheetPlan plan, Paper paper) {
        String goal = plan.exercises().size() == 1 ? plan.exercises().get(0).goal() : "";
        return words(title, goal, plan, plan.palette(), paper, plan.minutes());
    }

    /** @param pencils that are needed; @param minutes of work */
    public static SheetWords words(
            String title, String goal, SheetPlan plan, List<Pencil> pencils, Paper paper, double minutes) {
        String needed = pencils.stream().map(Pencil::title).collect(Collectors.joining(", "));
        List<String> footer = new ArrayList<>();
        footer.add(say("paper.about-min", needed, paper.name(), Math.round(minutes)));
        plan.exercises().stream()
                .flatMap(e -> e.cautions().stream())
                .distinct()
                .limit(MOST_CAUTIONS)
                .forEach(footer::add);
        return new SheetWords(
                title,
                goal,
                say("paper.name"),
                say("paper.class"),
                say("paper.date"),
                say("paper.try-your-pressures-here"),
                say("paper.key-each-pencil-as"),
                footer);
    }

    static List<Section> sections(SheetPlan plan) {
        boolean several = plan.exercises().size() > 1;
        return plan.exercises().stream()
                .map(e -> new Section(
                        several ? e.title() : "",
                        e.goal(),
                        e.fields().stream().map(f -> field(e, f)).toList(),
                        e.steps()))
                .toList();
    }

    /** Some fields of an exercise, with what to do differently. @param advice by field, empty where there is none */
    public static Section again(ExercisePlan plan, Map<String, String> advice) {
        Map<String, List<String>> fields = new LinkedHashMap<>();
        advice.forEach((field, words) ->
                fields.computeIfAbsent(words, w -> new ArrayList<>()).add(field));
        fields.remove("");
        return new Section(
                plan.title(),
                plan.goal(),
                plan.fields().stream()
                        .filter(f -> advice.containsKey(f.id()))
                        .map(f -> field(plan, f))
                        .toList(),
                fields.entrySet().stream()
                        .map(e -> String.join(", ", e.getValue()) + ": " + e.getKey())
                        .toList());
    }

    private static FieldSpec field(ExercisePlan plan, FieldPlan field) {
        boolean patch = field.ask() == Ask.VALUE
                || field.ask() == Ask.COLOUR && field.asked().size() == 1;
        return new FieldSpec(
                field.id(),
                field.group(),
                field.widthMm(),
                field.heightMm(),
                field.outline(),
                patch ? field.askedLightness() : null,
                asked(field),
                field.hasPicture() ? legend(plan, field) : recipe(plan, field),
                field.hasPicture()
                        ? new Inside(
                                field.ownPicture().gridColumns(),
                                field.ownPicture().gridRows(),
                                field.ownPicture().guide())
                        : Inside.NOTHING);
    }

    /** What each numbered part is drawn with, from its dark end to its light one. */
    private static List<String> legend(ExercisePlan plan, FieldPlan field) {
        Map<Integer, Set<String>> pencils = new LinkedHashMap<>();
        List<PicturePlan.Tone> tones = field.ownPicture().tones();
        for (int i = tones.size() - 1; i >= 0; i--) {
            Set<String> of = pencils.computeIfAbsent(tones.get(i).zone(), z -> new LinkedHashSet<>());
            List<Step> steps = tones.get(i).recipe().steps();
            for (int s = steps.size() - 1; s >= 0; s--) {
                of.add(plan.palette().get(steps.get(s).pencil()).code());
            }
        }
        String words = field.ownPicture().showsSurface()
                ? ladder(plan, field)
                : field.ownPicture().guide().marks().stream()
                        .map(m -> m.words() + ": " + String.join(" into ", pencils.get(Integer.valueOf(m.words()))))
                        .collect(Collectors.joining(", "));
        return words.isEmpty() ? List.of() : List.of(words);
    }

    /** Tones from light to dark with what each is laid with. */
    private static String ladder(ExercisePlan plan, FieldPlan field) {
        return say(
                "paper.light-to-dark",
                field.ownPicture().tones().stream()
                        .map(t -> t.recipe().steps().stream()
                                .map(s -> line(s, plan.palette(), false, field))
                                .collect(Collectors.joining(" + ")))
                        .map(words -> words.isEmpty() ? say("paper.bare-paper") : words)
                        .collect(Collectors.joining(" · ")));
    }

    private static String asked(FieldPlan field) {
        if (field.ask() == Ask.VALUE && field.asked().size() == 1) {
            double value = MunsellValue.of(Lab.luminanceOf(field.askedLightness()));
            String words = say("paper.value", value);
            return field.label().isEmpty() ? words : field.label() + ", " + words;
        }
        return field.label();
    }

    /** One line a layer, in the order of use. */
    public static List<String> recipe(ExercisePlan plan, FieldPlan field) {
        if (field.hasPicture()) {
            String pencils = plan.palette().size() == 1
                    ? say("paper.one-pencil")
                    : say("paper.pencils", plan.palette().size());
            return List.of(
                    field.ownPicture().showsSurface()
                            ? say("paper.base-and-detail-see", pencils)
                            : field.ownPicture().guide().marks().isEmpty()
                                    ? say("paper.zone-by-zone-see", pencils)
                                    : say("paper.part-by-part-see", pencils));
        }
        boolean onePencil = plan.palette().size() == 1;
        return field.recipe().steps().stream()
                .map(step -> line(step, plan.palette(), onePencil, field))
                .toList();
    }

    private static String line(Step step, List<Pencil> palette, boolean onePencil, FieldPlan field) {
        String words = switch (step.technique()) {
            case SOLVENT -> say("paper.solvent-let-it-dry");
            case BURNISH -> say("paper.burnish", palette.get(step.pencil()).code());
            case COLOUR ->
                (onePencil ? "" : palette.get(step.pencil()).code() + " ")
                        + Words.called(Require.present(step.grade(), "how hard"));
        };
        String passes = step.passes() > 1 ? " ×" + step.passes() : "";
        return words + passes + where(step.span(), field.widthMm());
    }

    private static String where(Span span, double lengthMm) {
        if (span.equals(Span.WHOLE)) {
            return "";
        }
        if (span.from() == 0) {
            return say("paper.mm-fading-to", span.fullTo() * lengthMm, span.to() * lengthMm);
        }
        return span.to() == 1
                ? say("paper.from-mm-full-at", span.from() * lengthMm, span.full() * lengthMm)
                : say("paper.to-mm", span.from() * lengthMm, span.to() * lengthMm);
    }
}
