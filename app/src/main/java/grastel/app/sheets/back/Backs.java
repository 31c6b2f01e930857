package grastel.app.sheets.back;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.core.exemplar.Exemplars;
import grastel.core.exemplar.Exemplars.Exemplar;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.page.PageLayout;
import grastel.core.reading.PageReader;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Makes the backs of sheets. What levels look like takes seconds to find and is found once. */
@Component
public class Backs {
    private static final int REMEMBERED = 4;

    private final StoredExemplars stored;
    private final Cache<Asked, List<List<Exemplar>>> exemplars =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    Backs(StoredExemplars stored) {
        this.stored = stored;
    }

    /** A paper that was set right in the kit shows otherwise. */
    private record Asked(UUID version, GradeBand band, Paper paper) {
        String key() {
            return Swatch.MODEL_VERSION + "|" + PageReader.VERSION + "|" + version + "|" + band + "|" + paper.name()
                    + "|" + paper.ground().toLab() + "|" + paper.tooth();
        }
    }

    /** One for each page of a sheet. @param version of the sheet, which never changes once printed */
    public List<BackPage> of(UUID version, SheetPlan plan, List<PageLayout> pages, Paper paper, GradeBand band) {
        List<List<Exemplar>> found = exemplars.get(new Asked(version, band, paper), asked -> found(asked, plan, pages));
        return IntStream.range(0, pages.size())
                .mapToObj(i -> new BackPage(pages.get(i), plan.exercises(), found))
                .toList();
    }

    private List<List<Exemplar>> found(Asked asked, SheetPlan plan, List<PageLayout> pages) {
        return stored.find(asked.key(), plan.exercises().size()).orElseGet(() -> {
            List<List<Exemplar>> drawn = Exemplars.of(plan, pages, asked.paper(), asked.band());
            stored.store(asked.key(), drawn);
            return drawn;
        });
    }
}
