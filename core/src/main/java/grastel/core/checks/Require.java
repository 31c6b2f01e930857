package grastel.core.checks;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What must be there by what was done before. That it is not is a fault of ours, told where it is found out. */
public final class Require {
    private Require() {}

    /**
     * The value of a key that a map must have.
     *
     * @throws IllegalStateException naming the key where it has none
     */
    public static <K, V> V key(Map<K, V> map, @Nullable K key) {
        V value = map.get(key);
        if (value == null) {
            throw new IllegalStateException("nothing for " + key + " among " + map.keySet());
        }
        return value;
    }

    /**
     * What is left out of others, and not of this.
     *
     * @throws IllegalStateException naming it where it is left out
     */
    public static <T> T present(@Nullable T value, String what) {
        if (value == null) {
            throw new IllegalStateException(what + " is missing");
        }
        return value;
    }
}
