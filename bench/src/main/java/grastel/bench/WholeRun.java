package grastel.bench;

import grastel.app.platform.SignedIn;
import grastel.bench.RunningGrastel.Pile;
import grastel.bench.RunningGrastel.Singles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.locks.LockSupport;

/** Pressure scales: one page from upload to stored readings against djpeg, thirty pages, sixty queued, two hundred of two teachers. */
final class WholeRun {
    private static final int STUDENTS = 60;
    private static final int SINGLES = 30;
    /** Different pages of each of the two teachers, and how often each page is laid in. */
    private static final int DIFFERENT = 20;

    private static final int TIMES = 5;

    private final RunningGrastel grastel;

    WholeRun(RunningGrastel grastel) {
        this.grastel = grastel;
    }

    void piles() throws IOException, InterruptedException {
        System.out.println("drawing 150 pages of 300 dpi ...");
        draw("warm", 30);
        draw("single", SINGLES);
        draw("thirty", 30);
        draw("sixty", STUDENTS);

        grastel.pile(grastel.teacher, "warm", 30);
        Pile thirty = grastel.pile(grastel.teacher, "thirty", 30);
        System.out.printf(
                "30 pages: %.1f s, %.1f pages/s with %d processors%n",
                thirty.seconds(), 30 / thirty.seconds(), Runtime.getRuntime().availableProcessors());
        Runtime.getRuntime().gc();
        Pile sixty = grastel.pile(grastel.teacher, "sixty", STUDENTS);
        System.out.printf(
                "60 at once with a heap of %d MB at most: %.1f s, largest heap seen %d MB%n",
                Runtime.getRuntime().maxMemory() >> 20, sixty.seconds(), sixty.heapMb());
        // Last, when the JVM has compiled what it will.
        Singles one = grastel.singles("single", SINGLES);
        System.out.printf(
                "one 300 dpi A4 page (%d kB), upload to stored readings: median %.0f ms; djpeg %.0f ms; ratio %.2f;"
                        + " to stored pictures: median %.0f ms%n",
                Files.size(grastel.page("single", 1)) / 1000, one.readings(), one.djpeg(), one.ratio(), one.pictures());
    }

    /** Two teachers lay a hundred pages each into their folders, by turns. */
    void twoTeachers() throws IOException {
        SignedIn first = grastel.teacher;
        SignedIn second = grastel.join("bench.colleague");
        grastel.draw(first, grastel.printScale(first, DIFFERENT), first.name(), DIFFERENT);
        List<byte[]> ofFirst = pile(first.name());
        grastel.draw(second, grastel.printScale(second, DIFFERENT), second.name(), DIFFERENT);
        List<byte[]> ofSecond = pile(second.name());
        Runtime.getRuntime().gc();
        int ofFirstBefore = grastel.readOf(first);
        int before = grastel.done();
        int missedBefore = before - grastel.read();
        long start = System.nanoTime();
        for (int i = 0; i < DIFFERENT * TIMES; i++) {
            layIn(first, ofFirst.get(i), i);
            layIn(second, ofSecond.get(i), i);
        }
        long heap = 0;
        int lead = 0;
        while (grastel.done() < before + 2 * DIFFERENT * TIMES) {
            heap = Math.max(heap, RunningGrastel.heapMb());
            lead = Math.max(lead, Math.abs(grastel.readOf(first) - ofFirstBefore - grastel.readOf(second)));
            LockSupport.parkNanos(20_000_000);
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        System.out.printf(
                "200 pages of two teachers: %.1f s, %.1f pages/s, %d not read, largest heap seen %d MB; neither more than %d"
                        + " pages ahead%n",
                seconds, 2 * DIFFERENT * TIMES / seconds, grastel.done() - grastel.read() - missedBefore, heap, lead);
    }

    /** Each drawn page several times over, made a file of its own by a byte after its end. */
    private List<byte[]> pile(String name) throws IOException {
        List<byte[]> pile = new ArrayList<>();
        for (int i = 1; i <= DIFFERENT; i++) {
            byte[] page = Files.readAllBytes(grastel.page(name, i));
            for (int k = 0; k < TIMES; k++) {
                byte[] another = Arrays.copyOf(page, page.length + 1);
                another[page.length] = (byte) k;
                pile.add(another);
            }
        }
        return pile;
    }

    private void layIn(SignedIn to, byte[] file, int number) throws IOException {
        Path inbox = grastel.inbox(to);
        Path beside = inbox.resolveSibling(to.name() + "-" + number + ".part");
        Files.write(beside, file);
        Files.move(beside, inbox.resolve("pile" + number + ".jpg"));
    }

    private void draw(String name, int count) {
        grastel.draw(grastel.teacher, grastel.printScale(grastel.teacher, STUDENTS), name, count);
    }
}
