package grastel.app.returns.work;

import grastel.app.platform.Ownership;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** How many pages wait and how long one takes, for whoever watches over an installation. */
@Component
class ReadingMetrics {
    private final Timer pages;

    ReadingMetrics(MeterRegistry registry, PageStore store) {
        pages = Timer.builder("grastel.reading.pages")
                .description("Pages read, whatever came of it, and how long each took")
                .register(registry);
        Gauge.builder("grastel.reading.waiting", () -> Ownership.asSystem(store::waiting))
                .description("Pages that wait to be read, of all teachers")
                .register(registry);
    }

    <T> T timed(Supplier<T> reading) {
        return pages.record(reading);
    }
}
