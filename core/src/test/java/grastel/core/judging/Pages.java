package grastel.core.judging;

import grastel.core.reading.PageFlag;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import java.util.List;

/** Readings made up for tests of judging. */
final class Pages {
    private Pages() {}

    static PageReading of(List<FieldReading> fields, PageFlag... flags) {
        return new PageReading(fields, 300, 0.1, 0.01, 4, List.of(flags), null);
    }
}
