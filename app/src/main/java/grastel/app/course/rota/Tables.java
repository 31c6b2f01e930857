package grastel.app.course.rota;

import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** The tables of a class, and the pencils dealt out to them. */
final class Tables {
    private static final int USUAL_SEATS = 4;

    private Tables() {}

    /**
     * @param numbers from 1, of all tables that are alike
     * @param copies on each of them of every pencil that is asked for, 0 too; those there are enough of are left out
     */
    record Alike(List<Integer> numbers, int seats, Map<Pencil, Integer> copies) {}

    /**
     * Copies are dealt in proportion to seats; what does not come out even goes to those that got least for their seats, the
     * first first.
     *
     * @param seats at each table as the teacher has them, empty for tables of four
     * @param owned copies of every pencil that is asked for
     */
    static List<Alike> of(int students, List<Integer> seats, Map<Pencil, Integer> owned) {
        List<Integer> taken = taken(students, seats);
        List<Map<Pencil, Integer>> dealt = taken.stream()
                .map(s -> (Map<Pencil, Integer>) new HashMap<Pencil, Integer>())
                .toList();
        owned.forEach((pencil, copies) -> {
            if (copies < students) {
                int[] parts = dealt(copies, taken, students);
                IntStream.range(0, parts.length).forEach(t -> dealt.get(t).put(pencil, parts[t]));
            }
        });
        Map<Alike, List<Integer>> alike = new LinkedHashMap<>();
        for (int t = 0; t < taken.size(); t++) {
            alike.computeIfAbsent(new Alike(List.of(), taken.get(t), dealt.get(t)), a -> new ArrayList<>())
                    .add(t + 1);
        }
        return alike.entrySet().stream()
                .map(e -> new Alike(
                        List.copyOf(e.getValue()),
                        e.getKey().seats(),
                        e.getKey().copies()))
                .toList();
    }

    /** Seats that are taken at each table; who finds none sits at one more table. */
    private static List<Integer> taken(int students, List<Integer> seats) {
        List<Integer> taken = new ArrayList<>();
        int left = students;
        for (int i = 0; left > 0; i++) {
            int here = Math.min(left, i < seats.size() ? seats.get(i) : USUAL_SEATS);
            taken.add(here);
            left -= here;
        }
        return taken;
    }

    private static int[] dealt(int copies, List<Integer> seats, int students) {
        int[] parts = seats.stream().mapToInt(s -> copies * s / students).toArray();
        int over = copies - IntStream.of(parts).sum();
        IntStream.range(0, parts.length)
                .boxed()
                .sorted(Comparator.comparingInt((Integer t) -> -(copies * seats.get(t) % students)))
                .limit(over)
                .forEach(t -> parts[t]++);
        return parts;
    }
}
