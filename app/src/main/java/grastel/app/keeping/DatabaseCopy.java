package grastel.app.keeping;

import java.io.IOException;
import java.nio.file.Path;

/** Writes all data as they are at one moment, while the program is used. */
interface DatabaseCopy {
    /** @param to a file that is not there yet; whatever is there after an exception is the caller's to remove */
    void write(Path to) throws IOException;

    /** At most, while it is written and afterwards. */
    long expectedBytes() throws IOException;
}
