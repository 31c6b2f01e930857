package grastel.app.chart;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.kit.Kit;
import grastel.app.platform.SignedIn;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import org.springframework.beans.factory.annotation.Autowired;

/** Charts printed, filled by a hand, sent in and fitted. */
abstract class ChartTestBase extends ApplicationTest {
    @Autowired
    Charts charts;

    /** A set of six of the shipped pencils. */
    UUID six(SignedIn teacher) {
        List<UUID> pencils = as(
                teacher,
                () -> kit.pencils().stream()
                        .filter(p -> List.of("S01", "S04", "S07", "S16", "S22", "S31")
                                .contains(p.pencil().code()))
                        .map(Kit.KitPencil::id)
                        .toList());
        return created(teacher, "/api/kit/sets", Map.of("name", "Six", "pencils", pencils, "users", List.of()));
    }

    Map<String, Object> request(SignedIn teacher, UUID set, int copies) {
        return Map.of("set", set, "paper", cartridge(teacher), "pageSize", "A4", "copies", copies);
    }

    Map<String, Object> described(SignedIn teacher, String name, String lines) {
        Map<String, Object> set = new HashMap<>(Map.of("name", name, "binder", "WAX", "lines", lines));
        set.put("dark", 1);
        return Map.of("newSet", set, "paper", cartridge(teacher), "pageSize", "A4", "copies", 1);
    }

    /** A filled page as a file. */
    byte[] filled(SignedIn teacher, UUID chart, int number, long seed) {
        return as(teacher, () -> ChartPen.filled(charts, chart, number, seed));
    }

    /** Sends a filled page in and waits until it was read. */
    UUID sendIn(SignedIn teacher, UUID chart, int number) {
        return sendIn(teacher, chart, number, number);
    }

    /** @param seed of another scan */
    UUID sendIn(SignedIn teacher, UUID chart, int number, long seed) {
        UUID page = upload(teacher, "chart-" + number + ".jpg", filled(teacher, chart, number, seed))
                .get(0);
        assertThat((String) JsonPath.read(awaitRead(teacher, page), "$.row.state"))
                .isEqualTo("CHART");
        return page;
    }

    /** Waits until the chart is fitted, or found to be empty; gives it. */
    String fitted(SignedIn teacher, UUID chart) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (System.nanoTime() < end) {
            String view = content(get(teacher, "/api/charts/{id}", chart));
            if (!JsonPath.read(view, "$.state").equals("FITTING")) {
                return view;
            }
            LockSupport.parkNanos(50_000_000);
        }
        throw new AssertionError("The chart was not fitted in a minute");
    }
}
