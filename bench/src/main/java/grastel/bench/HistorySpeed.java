package grastel.bench;

import grastel.app.History;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.core.exercise.pressurescale.PressureScale;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What a teacher waits for after a year: five classes of thirty, thirty sheets each, 4,500 pages read and confirmed. */
final class HistorySpeed {
    private static final int CLASSES = 5;
    private static final int STUDENTS = 30;
    private static final int SHEETS = 30;
    private static final int WARM_UP = 5;
    private static final int MEASURED = 21;

    private HistorySpeed() {}

    /** @param teachers as many, each with five such classes */
    static void measure(RunningGrastel grastel, int teachers) throws IOException, InterruptedException {
        for (int i = 1; i < teachers; i++) {
            year(grastel, grastel.join("colleague." + i));
        }
        UUID run = year(grastel, grastel.teacher);
        UUID page = grastel.newestOf(run);
        Map<String, String> asked = new LinkedHashMap<>();
        asked.put("Today", "/api/today");
        asked.put("courses", "/api/courses");
        asked.put("Agreement", "/api/returns/agreement");
        asked.put("student", "/api/wall/students/" + grastel.studentOf(page));
        asked.put("a run's list", "/api/returns/runs/" + run + "/pages");
        asked.put("a page", "/api/returns/pages/" + page);
        asked.put("wall of a run", "/api/wall/runs/" + run);
        String ofClass = "/api/progress/classes/" + grastel.classOf(run);
        asked.put("wall over time", ofClass);
        asked.put("first, latest", ofClass + "/first-and-latest");
        asked.put("its pressures", ofClass + "/pressures");
        asked.put("marks", ofClass + "/marks");
        asked.put("report words", ofClass + "/reports");
        asked.put("a student's progress", "/api/progress/students/" + grastel.studentOf(page));
        asked.put("a student's hand", "/api/progress/students/" + grastel.studentOf(page) + "/hand");
        asked.put("sheets", "/api/sheets");
        asked.put("runs", "/api/sheets/runs");
        asked.put("classes", "/api/classes");
        Uploader client = grastel.client();
        System.out.printf("%d pages in a database of %.0f MB%n", grastel.read(), grastel.databaseMb());
        for (Map.Entry<String, String> one : asked.entrySet()) {
            print(one.getKey(), times(() -> client.get(one.getValue())));
        }
        grastel.moreStudents(30 * 30);
        print("find, 1,050", times(() -> client.get("/api/find?q=pup")));
        print(
                "a decision",
                times(() -> client.post(
                        "/api/returns/pages/" + page + "/confirmation",
                        "{\"changed\":[],\"seen\":\"" + seen(client.get("/api/returns/pages/" + page)) + "\"}")));
    }

    /** The state of a page that a decision is made on. */
    private static String seen(String page) {
        return page.replaceAll("(?s).*\"seen\":\"([^\"]*)\".*", "$1");
    }

    /** @return the run of the last class, made its oldest */
    private static UUID year(RunningGrastel grastel, SignedIn teacher) throws IOException {
        UUID paper = grastel.papers(teacher).get(1).id();
        UUID run = null;
        for (int i = 0; i < CLASSES; i++) {
            String name = teacher.name() + i + "-";
            UUID first = grastel.print(teacher, paper, new ExerciseData(PressureScale.ID, Map.of()), STUDENTS);
            grastel.draw(teacher, first, name, 1);
            grastel.pile(teacher, name, 1);
            grastel.confirmAll(teacher, first);
            new History(grastel.jdbc()).copy(first, grastel.classOf(first), SHEETS);
            run = grastel.makeOldest(first);
            grastel.course(teacher, grastel.classOf(first), i);
        }
        return run;
    }

    private interface Request {
        void send() throws IOException, InterruptedException;
    }

    private static List<Double> times(Request request) throws IOException, InterruptedException {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < WARM_UP + MEASURED; i++) {
            long start = System.nanoTime();
            request.send();
            if (i >= WARM_UP) {
                times.add((System.nanoTime() - start) / 1e6);
            }
        }
        Collections.sort(times);
        return times;
    }

    private static void print(String what, List<Double> times) {
        System.out.printf(
                "%-20s median %5.0f ms, 95th percentile %5.0f ms%n",
                what, times.get(times.size() / 2), times.get((int) Math.ceil(0.95 * times.size()) - 1));
    }
}
