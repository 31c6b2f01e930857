package grastel.app.returns;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.returns.page.PageLine;
import grastel.app.returns.page.PageRows;
import grastel.app.sheets.RedoSheets;
import grastel.app.sheets.RedoSheets.Given;
import grastel.core.checks.Require;
import grastel.core.colour.Srgb;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.inversion.Habit;
import grastel.core.inversion.MistakeKind;
import grastel.core.inversion.PlannedFields;
import grastel.core.inversion.PlannedFields.Said;
import grastel.core.media.Paper;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a student's hand does again and again, told from pages that were read. */
@Service
@Transactional(readOnly = true)
public class Hands {
    private static final int MOST_REMEMBERED = 300;
    private static final int MOST_EXAMPLES = 4;

    private final Returns returns;
    private final PageRows rows;
    private final RedoSheets sheets;
    private final Cache<Of, PlannedFields> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Hands(Returns returns, PageRows rows, RedoSheets sheets) {
        this.returns = returns;
        this.rows = rows;
        this.sheets = sheets;
    }

    private record Of(UUID version, int exercise, Paper paper) {}

    /** A field beside what the habit would make of it. @param drawn colour as read; @param explained colour predicted for the habit; @param asked for the recipe */
    public record HandExampleView(
            @NotNull UUID page,
            @NotNull Instant read,
            @NotNull String field,
            @NotNull String drawn,
            @NotNull String explained,
            @NotNull String asked) {}

    /** @param deed null where nothing can be said; @param fields that were looked at */
    public record HandView(
            @Nullable MistakeKind deed,
            @NotNull int fields,
            @NotNull List<HandExampleView> examples) {}

    private record OnPage(UUID page, UUID student, Instant read, Said said) {}

    /** What each student does again and again on pages; who is silent or draws as asked is left out. */
    public Map<UUID, MistakeKind> habits(Collection<UUID> ofPages) {
        Map<UUID, MistakeKind> habits = new HashMap<>();
        said(ofPages).stream()
                .collect(Collectors.groupingBy(OnPage::student))
                .forEach((student, said) ->
                        habit(said).filter(d -> d != MistakeKind.AS_ASKED).ifPresent(d -> habits.put(student, d)));
        return habits;
    }

    private static Optional<MistakeKind> habit(List<OnPage> said) {
        return Habit.of(said.stream().map(p -> p.said().likelihoods()).toList());
    }

    /** What the fields of pages say together; nothing where they are few or say no one thing. */
    public HandView of(Collection<UUID> ofPages) {
        List<OnPage> all = said(ofPages);
        Optional<MistakeKind> deed = habit(all);
        return new HandView(
                deed.orElse(null),
                all.size(),
                deed.filter(d -> d != MistakeKind.AS_ASKED)
                        .map(d -> all.stream()
                                .limit(MOST_EXAMPLES)
                                .map(p -> example(p, d))
                                .toList())
                        .orElse(List.of()));
    }

    private List<OnPage> said(Collection<UUID> ofPages) {
        List<PageLine> lines =
                rows.linesOf(ofPages).stream().filter(PageLine::isRead).toList();
        Map<UUID, PageReading> readings =
                returns.readings(lines.stream().map(PageLine::id).toList());
        Map<UUID, Map<UUID, Given>> given =
                sheets.given(lines.stream().map(PageLine::run).collect(Collectors.toSet()));
        return lines.stream()
                .flatMap(p -> Optional.ofNullable(
                                given.getOrDefault(p.student(), Map.of()).get(p.run()))
                        .map(g -> said(p, Require.key(readings, p.id()), g))
                        .orElse(Stream.of()))
                .toList();
    }

    private Stream<OnPage> said(PageLine page, PageReading reading, Given given) {
        List<OnPage> said = new ArrayList<>();
        List<ExercisePlan> exercises = given.plan().exercises();
        for (FieldReading field : reading.fields()) {
            for (int e = 0; e < exercises.size(); e++) {
                ExercisePlan plan = exercises.get(e);
                known.get(new Of(given.version(), e, given.paper()), of -> new PlannedFields(plan, of.paper()))
                        .of(field)
                        .ifPresent(s -> said.add(new OnPage(page.id(), page.student(), page.readAt(), s)));
            }
        }
        return said.stream();
    }

    private static HandExampleView example(OnPage p, MistakeKind deed) {
        return new HandExampleView(
                p.page(),
                p.read(),
                p.said().field(),
                Srgb.of(p.said().seen().colour()).hex(),
                Srgb.of(p.said().nearest(deed).colour()).hex(),
                Srgb.of(p.said().asked().colour()).hex());
    }
}
