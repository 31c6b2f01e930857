package grastel.app;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;

/** Does things at the same moment. */
public final class Together {
    private Together() {}

    /** Each in a thread of its own, let go together. @param task by its number, from 0 */
    public static <T> List<T> run(int tasks, IntFunction<T> task) throws Exception {
        CyclicBarrier start = new CyclicBarrier(tasks);
        ExecutorService threads = Executors.newFixedThreadPool(tasks);
        try {
            List<Future<T>> begun = new ArrayList<>();
            for (int i = 0; i < tasks; i++) {
                int number = i;
                begun.add(threads.submit(() -> {
                    start.await();
                    return task.apply(number);
                }));
            }
            List<T> done = new ArrayList<>();
            for (Future<T> one : begun) {
                done.add(one.get());
            }
            return done;
        } finally {
            threads.shutdownNow();
        }
    }
}
