package grastel.app.sheets.rows;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.platform.ApiProblem;
import grastel.core.checks.Require;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Versions of sheets as they were planned. What was printed never changes, so it is parsed once. */
@Service
@Transactional
public class StoredSheets {
    private static final int MOST_REMEMBERED = 200;

    private final SheetVersions versions;
    private final SheetJson json;
    private final Cache<UUID, StoredSheetVersion> printed =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    StoredSheets(SheetVersions versions, SheetJson json) {
        this.versions = versions;
        this.json = json;
    }

    public SheetVersion latest(UUID sheet) {
        return versions.latest(sheet).orElseThrow(() -> ApiProblem.notFound(say("thing.sheet")));
    }

    /** Of a printed version. */
    public StoredSheetVersion settled(UUID version) {
        return Require.key(settled(Set.of(version)), version);
    }

    /** Of printed versions; what is not remembered is asked for at once. */
    public Map<UUID, StoredSheetVersion> settled(Set<UUID> ids) {
        return printed.getAll(
                ids,
                missing -> versions.findAllById(List.copyOf(missing)).stream()
                        .collect(Collectors.toMap(SheetVersion::id, this::settledOrDraft)));
    }

    public StoredSheetVersion settledOrDraft(SheetVersion version) {
        return new StoredSheetVersion(
                json.plan(version.plan()), json.pages(version.layout()), json.firstTries(version.firstTries()));
    }
}
