package grastel.core.exemplar;

import grastel.core.checks.Require;
import grastel.core.exercise.Evenly;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.judging.Judge;
import grastel.core.judging.Level;
import grastel.core.judging.Proposal;
import grastel.core.media.Paper;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.light.EvenPage;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.FoundPage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How <em>nearly</em>, <em>secure</em> and <em>beyond</em> look in this very sheet: hands with one flaw each draw it, more and
 * more of it; what they drew is read and judged as a student's page is, and shown under the level it was given.
 */
public final class Exemplars {
    /** Fine enough for what is judged, and for pictures half as large as the field. */
    private static final double PX_PER_MM = 6;

    private static final double MM_PER_INCH = 25.4;
    private static final ScanConditions PLAIN =
            new ScanConditions(PX_PER_MM * MM_PER_INCH, 0, 0, 0, 0, 0, 0.5, 0.9, 0, 0);
    private static final List<Level> SHOWN = List.of(Level.NEARLY, Level.SECURE, Level.BEYOND);
    private static final List<Double> MUCH = List.of(0.2, 0.45, 0.7, 1.0);
    /** How often a place is looked for between two hands of which one is too good and the other not good enough. */
    private static final int HALVINGS = 4;
    /** Of a row of fields so many are shown. */
    private static final int MOST_FIELDS = 7;

    private static final double AROUND_MM = 2;
    private static final long SEED = 20260831;

    private final SheetPlan plan;
    private final List<PageLayout> pages;
    private final SimulatedScanner scanner;
    private final List<Judge> judges;
    private final Paper paper;
    /** What hands with a flaw drew, from exact to very wrong. */
    private final Map<Flaw, List<Drawn>> series = new EnumMap<>(Flaw.class);

    private Exemplars(SheetPlan plan, List<PageLayout> pages, Paper paper, GradeBand band) {
        this.plan = plan;
        this.pages = pages;
        this.paper = paper;
        this.scanner = new SimulatedScanner(paper, PX_PER_MM);
        this.judges =
                plan.exercises().stream().map(e -> new Judge(e, band, paper)).toList();
    }

    /** One goal at one level. @param fields what to look at, from left to right */
    public record Exemplar(Goal goal, Level level, List<Picture> fields) {
        public Exemplar {
            fields = List.copyOf(fields);
        }
    }

    /** A sheet that was drawn, read and judged. @param levels by exercise and goal; @param seen by field */
    private record Drawn(double much, Map<Judged, Proposal> levels, Map<String, Picture> seen) {
        Level level(Judged of) {
            Proposal proposal = levels.get(of);
            return proposal == null ? Level.NOT_TRIED : proposal.level();
        }
    }

    /** @param exercise its place on the sheet */
    private record Judged(int exercise, Goal goal) {}

    /**
     * For each exercise of the sheet its goals, each from nearly to beyond. A level that no hand was given is left out.
     *
     * @param pages the sheet as laid out
     */
    public static List<List<Exemplar>> of(SheetPlan plan, List<PageLayout> pages, Paper paper, GradeBand band) {
        return new Exemplars(plan, pages, paper, band).all();
    }

    private List<List<Exemplar>> all() {
        Drawn exact = drawn(Flaw.UNEQUAL, 0);
        for (Flaw flaw : Flaw.values()) {
            series.put(flaw, new ArrayList<>(List.of(exact)));
        }
        draw(plan.exercises().stream()
                .flatMap(e -> e.goals().stream())
                .flatMap(g -> Flaw.against(g.goal()).stream().limit(1))
                .distinct()
                .toList());
        return IntStream.range(0, judges.size())
                .mapToObj(i -> plan.exercises().get(i).goals().stream()
                        .flatMap(goal -> exemplars(i, goal).stream())
                        .toList())
                .toList();
    }

    /** More and more of each flaw that has not been drawn yet, side by side. */
    private void draw(List<Flaw> flaws) {
        flaws.stream()
                .filter(f -> Require.key(series, f).size() == 1)
                .flatMap(f -> MUCH.stream().map(m -> Map.entry(f, m)))
                .toList()
                .parallelStream()
                .map(e -> Map.entry(e.getKey(), drawn(e.getKey(), e.getValue())))
                .toList()
                .forEach(e -> Require.key(series, e.getKey()).add(e.getValue()));
    }

    private List<Exemplar> exemplars(int exercise, GoalPlan goal) {
        Judged judged = new Judged(exercise, goal.goal());
        List<Exemplar> best = List.of();
        for (Flaw flaw : Flaw.against(goal.goal())) {
            draw(List.of(flaw));
            List<Drawn> drawn = Require.key(series, flaw);
            lookBetween(flaw, judged, drawn);
            List<Exemplar> found = shown(goal, judged, drawn);
            best = found.size() > best.size() ? found : best;
            if (best.size() == SHOWN.size()) {
                break;
            }
        }
        return best;
    }

    /** Where a level is jumped over from one hand to the next, hands between them are tried. */
    private void lookBetween(Flaw flaw, Judged judged, List<Drawn> drawn) {
        for (int halving = 0; halving < HALVINGS; halving++) {
            List<Double> between = IntStream.range(0, drawn.size() - 1)
                    .filter(i ->
                            jumps(drawn.get(i).level(judged), drawn.get(i + 1).level(judged), judged, drawn))
                    .mapToObj(i -> (drawn.get(i).much() + drawn.get(i + 1).much()) / 2)
                    .toList();
            if (between.isEmpty()) {
                return;
            }
            drawn.addAll(between.parallelStream().map(m -> drawn(flaw, m)).toList());
            drawn.sort(Comparator.comparingDouble(Drawn::much));
        }
    }

    private static boolean jumps(Level one, Level next, Judged judged, List<Drawn> drawn) {
        return SHOWN.stream()
                .filter(level -> drawn.stream().noneMatch(d -> d.level(judged) == level))
                .anyMatch(level -> level.compareTo(one) < 0 && level.compareTo(next) > 0);
    }

    /** One of those that were given a level, at every level the same fields. */
    private List<Exemplar> shown(GoalPlan goal, Judged judged, List<Drawn> drawn) {
        Map<Level, List<Drawn>> byLevel = drawn.stream().collect(Collectors.groupingBy(d -> d.level(judged)));
        List<Drawn> nearly = byLevel.getOrDefault(Level.NEARLY, List.of());
        String worst = nearly.isEmpty()
                ? null
                : Require.key(middle(nearly).levels(), judged).field();
        List<String> fields = toLookAt(goal.of(), worst);
        return SHOWN.stream()
                .filter(byLevel::containsKey)
                .map(level -> new Exemplar(
                        goal.goal(),
                        level,
                        fields.stream()
                                .map(f -> typical(level, Require.key(byLevel, level))
                                        .seen()
                                        .get(f))
                                .filter(Objects::nonNull)
                                .toList()))
                .toList();
    }

    /** Beyond is what to aim for: the best there is. */
    private static Drawn typical(Level level, List<Drawn> drawn) {
        return level == Level.BEYOND ? drawn.get(0) : middle(drawn);
    }

    /** What a goal is seen in. @param worst field at nearly, null where it is all of them */
    private static List<String> toLookAt(GoalFields of, @Nullable String worst) {
        if (of instanceof GoalFields.Each && worst != null) {
            return List.of(worst);
        }
        if (of instanceof GoalFields.Families families) {
            return holding(worst, families.families().stream().map(GoalFields.Family::fields));
        }
        if (of instanceof GoalFields.Changes changes) {
            return holding(worst, changes.changes().stream().map(GoalFields.Change::fields));
        }
        return Evenly.picked(of.all(), MOST_FIELDS);
    }

    private static List<String> holding(@Nullable String field, Stream<Stream<String>> groups) {
        List<List<String>> all = groups.map(Stream::toList).toList();
        return all.stream().filter(g -> g.contains(field)).findFirst().orElse(all.get(0));
    }

    private static Drawn middle(List<Drawn> drawn) {
        return drawn.get(drawn.size() / 2);
    }

    private Drawn drawn(Flaw flaw, double much) {
        Hand hand = flaw.hand(much);
        List<PageReading> readings = new ArrayList<>();
        Map<String, Picture> seen = new HashMap<>();
        for (PageLayout page : pages) {
            List<FieldTask> tasks = FieldTask.of(plan, page).stream()
                    .map(t -> flaw.task(t, plan.palette(), much))
                    .toList();
            PageReader.Measures read = read(page, tasks, hand);
            readings.add(read.reading());
            page.fields().forEach(f -> seen.put(f.id(), cut(read.straightened(), f.rect())));
        }
        Map<Judged, Proposal> levels = new HashMap<>();
        for (int i = 0; i < readings.size(); i++) {
            List<PageReading> others = new ArrayList<>(readings);
            PageReading here = others.remove(i);
            for (int exercise = 0; exercise < judges.size(); exercise++) {
                for (Proposal p : proposals(judges.get(exercise), here, others)) {
                    levels.put(new Judged(exercise, p.goal()), p);
                }
            }
        }
        return new Drawn(much, levels, seen);
    }

    /** A judge works for one at a time. */
    private static List<Proposal> proposals(Judge judge, PageReading here, List<PageReading> others) {
        synchronized (judge) {
            return judge.judge(here, others);
        }
    }

    private PageReader.Measures read(PageLayout page, List<FieldTask> tasks, Hand hand) {
        Picture picture = Picture.of(scanner.picture(page, tasks, plan.palette(), hand, PLAIN, SEED));
        List<double[]> markers = IntStream.range(0, PageFurniture.MARKER_IDS.size())
                .mapToObj(corner -> PageFurniture.marker(page.size(), corner))
                .map(m -> new double[] {(m.x() + m.width() / 2) * PX_PER_MM, (m.y() + m.height() / 2) * PX_PER_MM})
                .toList();
        try {
            return PageReader.measure(
                    picture, FoundPage.pointedAt(markers), page, paper, PageReader.KeyColours.UNKNOWN);
        } catch (UnreadablePage e) {
            throw new IllegalStateException("A page drawn here cannot be read", e);
        }
    }

    private static Picture cut(EvenPage page, Rect field) {
        return page.part(field.inset(-AROUND_MM), PX_PER_MM);
    }
}
