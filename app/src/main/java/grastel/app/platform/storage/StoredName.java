package grastel.app.platform.storage;

import java.nio.file.Path;
import java.util.regex.Pattern;

/** Where a stored file lies: under the SHA-256 of what it holds. The launcher uses it too, with nothing else on its path. */
public final class StoredName {
    /** Below the data folder, and in a backup. */
    public static final String FOLDER = "pictures";

    private static final Pattern NAME = Pattern.compile("[0-9a-f]{64}");
    /** Folders by the first letters of names, so that none holds too many. */
    private static final int LETTERS = 2;

    private StoredName() {}

    public static boolean is(String name) {
        return NAME.matcher(name).matches();
    }

    /** The folder of a name within a folder of stored files. @throws IllegalArgumentException if it is no such name */
    public static Path folder(Path within, String name) {
        if (!is(name)) {
            throw new IllegalArgumentException("No name of a stored file: " + name);
        }
        return within.resolve(name.substring(0, LETTERS));
    }

    /** @throws IllegalArgumentException if it is no such name */
    public static Path file(Path within, String name) {
        return folder(within, name).resolve(name);
    }
}
