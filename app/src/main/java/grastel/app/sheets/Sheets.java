package grastel.app.sheets;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.classes.Classes;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetTitle;
import grastel.app.sheets.planning.Planner;
import grastel.app.sheets.planning.Planner.Draft;
import grastel.app.sheets.rows.PrintRuns;
import grastel.app.sheets.rows.Sheet;
import grastel.app.sheets.rows.SheetJson;
import grastel.app.sheets.rows.SheetRows;
import grastel.app.sheets.rows.SheetVersion;
import grastel.app.sheets.rows.SheetVersions;
import grastel.app.sheets.rows.StoredSheetVersion;
import grastel.app.sheets.rows.StoredSheets;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.recipe.Method;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of sheets as they are planned; what was printed of them is {@link Printings}. */
@Service
@Transactional
public class Sheets {
    private static final int MOST_REMEMBERED = 200;

    private final SheetRows sheets;
    private final SheetVersions versions;
    private final StoredSheets kept;
    private final PrintRuns runs;
    private final Planner planner;
    private final Classes classes;
    private final SheetJson json;
    /** What sheets are now, by their state. */
    private final Cache<SheetRows.State, Latest> latest =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Sheets(
            SheetRows sheets,
            SheetVersions versions,
            StoredSheets kept,
            PrintRuns runs,
            Planner planner,
            Classes classes,
            SheetJson json) {
        this.sheets = sheets;
        this.versions = versions;
        this.kept = kept;
        this.runs = runs;
        this.planner = planner;
        this.classes = classes;
        this.json = json;
    }

    /** @param revision counts its changes; @param printed true once any version was printed */
    public record SheetInfo(UUID id, String title, int revision, int version, SheetData data, boolean printed) {}

    /** A sheet as it is now. @param parts pages of each student */
    public record Latest(UUID id, String title, SheetPlan plan, UUID paper, int parts) {}

    /** A sheet that a method would change. @param fields how many fields would get another recipe */
    public record Changed(
            UUID sheet, String title, int fields, @Nullable String problem) {}

    public Draft draft(String title, SheetData data) {
        return planner.draft(title, data);
    }

    /** What stands against making a sheet, in words; empty if nothing does. */
    public Optional<String> problem(SheetData data) {
        return planner.draft(null, data).problems().stream()
                .map(ApiProblem.FieldProblem::message)
                .findFirst();
    }

    public SheetInfo create(@Nullable String title, SheetData data) {
        Draft draft = planner.sound(title, data);
        Sheet sheet = sheets.save(new Sheet(Planner.titleOf(title, draft.plan())));
        versions.saveAndFlush(version(sheet, 1, data, draft));
        return one(sheet.id());
    }

    /**
     * Changes a sheet; a printed version stays as it is and a new one begins.
     *
     * @param known the revision the change was made on; null for whichever is there
     */
    public SheetInfo change(UUID id, Integer known, String title, SheetData data) {
        Draft draft = planner.sound(title, data);
        Sheet sheet = sheets.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.sheet")));
        sheet.requireUnchanged(known, "“" + sheet.title() + "”");
        sheet.change(Planner.titleOf(title, draft.plan()));
        SheetVersion latest = kept.latest(id);
        if (runs.existsByVersion(latest)) {
            versions.save(version(sheet, latest.number() + 1, data, draft));
        } else {
            set(latest, data, draft);
        }
        sheets.flush();
        return one(id);
    }

    private SheetVersion version(Sheet sheet, int number, SheetData data, Draft draft) {
        SheetVersion version = new SheetVersion(sheet, number);
        set(version, data, draft);
        return version;
    }

    private void set(SheetVersion version, SheetData data, Draft draft) {
        version.set(data, json.exercises(data.exercises()), json.plan(draft.plan()), json.pages(draft.pages()));
    }

    /** Every sheet's title. */
    public List<SheetTitle> titles() {
        return sheets.titles();
    }

    public List<SheetInfo> all() {
        return sheets.lines().stream().map(this::info).toList();
    }

    public SheetInfo one(UUID id) {
        return sheets.line(id).map(this::info).orElseThrow(() -> ApiProblem.notFound(say("thing.sheet")));
    }

    /** Sheets as they are now, by id; those that are not there are left out. */
    public Map<UUID, Latest> latest(Set<UUID> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        Map<UUID, SheetRows.State> states =
                sheets.states(ids).stream().collect(Collectors.toMap(SheetRows.State::id, s -> s));
        return latest
                .getAll(
                        Set.copyOf(states.values()),
                        missing -> versions
                                .latest(missing.stream()
                                        .map(SheetRows.State::id)
                                        .toList())
                                .stream()
                                .collect(Collectors.toMap(
                                        v -> states.get(v.sheet().id()), this::latest)))
                .values()
                .stream()
                .collect(Collectors.toMap(Latest::id, l -> l));
    }

    private Latest latest(SheetVersion v) {
        StoredSheetVersion settled = kept.settledOrDraft(v);
        return new Latest(
                v.sheet().id(),
                v.sheet().title(),
                settled.plan(),
                v.paper(),
                StoredSheetVersion.drawn(settled.pages()).size());
    }

    /** Which of a class's sheets another method would change. */
    public List<Changed> changedBy(Method method, UUID schoolClass) {
        classes.one(schoolClass);
        return versions.latestFor(schoolClass).stream()
                .map(v -> changed(v, method))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Changed> changed(SheetVersion latest, Method method) {
        Sheet sheet = latest.sheet();
        Draft other = planner.draft(sheet.title(), json.data(latest), method);
        List<ApiProblem.FieldProblem> problems = other.problems();
        if (!problems.isEmpty()) {
            return Optional.of(
                    new Changed(sheet.id(), sheet.title(), 0, problems.get(0).message()));
        }
        SheetPlan before = json.plan(latest.plan());
        int differing = before.differing(other.plan());
        return differing == 0 ? Optional.empty() : Optional.of(new Changed(sheet.id(), sheet.title(), differing, null));
    }

    private SheetInfo info(SheetRows.Line line) {
        SheetData data = new SheetData(
                line.schoolClass(), line.set(), line.paper(), line.pageSize(), json.exercises(line.exercises()));
        return new SheetInfo(line.id(), line.title(), line.revision(), line.version(), data, line.runs() > 0);
    }
}
