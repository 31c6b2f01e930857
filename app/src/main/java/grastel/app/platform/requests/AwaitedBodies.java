package grastel.app.platform.requests;

import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;

/** How many bodies of senders who are not known are awaited now, in all and by address. A body that is here counts nowhere. */
final class AwaitedBodies {
    /** Of 200 threads. */
    static final int MOST = 60;

    /** A school's computers may share one address. */
    static final int MOST_OF_ONE_ADDRESS = 20;

    /** An honest body comes with its head or a moment later. */
    private static final int LOOKS = 10;

    private static final long LOOK_EVERY_NS = 10_000_000;

    private final Map<String, Integer> byAddress = new HashMap<>();
    private int all;

    boolean isHereSoon(LimitedBody body) {
        for (int look = 0; look < LOOKS; look++) {
            if (body.isHere()) {
                return true;
            }
            LockSupport.parkNanos(LOOK_EVERY_NS);
        }
        return false;
    }

    synchronized boolean enter(String address) {
        int own = byAddress.getOrDefault(address, 0);
        if (all >= MOST || own >= MOST_OF_ONE_ADDRESS) {
            return false;
        }
        all++;
        byAddress.put(address, own + 1);
        return true;
    }

    synchronized void leave(String address) {
        all--;
        byAddress.computeIfPresent(address, (a, own) -> own == 1 ? null : own - 1);
    }
}
