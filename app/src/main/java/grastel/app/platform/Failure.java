package grastel.app.platform;

import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A failure as the log may hold it: what was thrown and where, cause by cause, without messages. Messages of databases and
 * parsers quote what was typed, and a name must never stand in a log.
 */
public final class Failure {
    private static final int FRAMES = 30;

    private Failure() {}

    public static String of(Throwable failure) {
        StringBuilder words = new StringBuilder();
        Set<Throwable> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        for (Throwable t = failure; t != null && seen.add(t); t = t.getCause()) {
            words.append(words.isEmpty() ? "" : "\ncaused by ")
                    .append(t.getClass().getName());
            words.append(Arrays.stream(t.getStackTrace())
                    .limit(FRAMES)
                    .map(frame -> "\n  at " + frame)
                    .collect(Collectors.joining()));
        }
        return words.toString();
    }
}
