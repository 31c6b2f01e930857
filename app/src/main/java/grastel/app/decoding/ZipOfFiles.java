package grastel.app.decoding;

import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/**
 * The files in a ZIP, as learning platforms hand out what a class has sent in. Gone through twice, never held whole: nothing is
 * given out of one that hurts.
 */
public final class ZipOfFiles {
    private static final int MOST_FILES = 400;
    /** As large as a file that comes by itself may be. */
    private static final int MOST_BYTES = 60 << 20;
    /** As much as may come in one go. */
    private static final long MOST_IN_ALL = 400L << 20;

    private static final int BUFFER = 1 << 16;
    private static final byte[] SIGNATURE = {'P', 'K', 3, 4};

    private final Bytes content;

    private ZipOfFiles(Bytes content) {
        this.content = content;
    }

    /** A file that can be read more than once. */
    @FunctionalInterface
    public interface Bytes {
        InputStream open() throws IOException;
    }

    /**
     * A file by itself.
     *
     * @throws UnreadablePage where it is larger than is taken
     */
    public static byte[] whole(Bytes content) throws IOException, UnreadablePage {
        try (InputStream in = content.open()) {
            byte[] bytes = in.readNBytes(MOST_BYTES + 1);
            if (bytes.length > MOST_BYTES) {
                throw new UnreadablePage(Problem.TOO_HEAVY);
            }
            return bytes;
        }
    }

    public static boolean is(Bytes content) throws IOException {
        try (InputStream in = content.open()) {
            return Arrays.equals(in.readNBytes(SIGNATURE.length), SIGNATURE);
        }
    }

    /**
     * @param taker gets the name of each file, of one in a folder with the folder's, and its bytes; files that systems hide are
     *     left out
     * @throws UnreadablePage where the ZIP is damaged, locked, or holds more than is taken: then nothing was given
     */
    public static void each(Bytes content, BiConsumer<String, byte[]> taker) throws UnreadablePage {
        ZipOfFiles zip = new ZipOfFiles(content);
        zip.look();
        zip.give(taker);
    }

    private void look() throws UnreadablePage {
        byte[] buffer = new byte[BUFFER];
        long all = 0;
        int files = 0;
        try (ZipInputStream in = open()) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files += isSeen(entry) ? 1 : 0;
                if (files > MOST_FILES) {
                    throw new UnreadablePage(Problem.TOO_MANY_PAGES, files);
                }
                long size = 0;
                for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                    size += read;
                    all += read;
                    if (size > MOST_BYTES || all > MOST_IN_ALL) {
                        throw new UnreadablePage(Problem.TOO_HEAVY);
                    }
                }
            }
        } catch (ZipException e) {
            boolean locked = String.valueOf(e.getMessage()).contains("encrypted");
            throw new UnreadablePage(locked ? Problem.PASSWORD : Problem.DAMAGED);
        } catch (IOException | IllegalArgumentException e) {
            throw new UnreadablePage(Problem.DAMAGED);
        }
        if (files == 0) {
            throw new UnreadablePage(Problem.NOT_A_PICTURE);
        }
    }

    private void give(BiConsumer<String, byte[]> taker) throws UnreadablePage {
        try (ZipInputStream in = open()) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (isSeen(entry)) {
                    taker.accept(entry.getName().replaceAll("[/\\\\]+", " – "), in.readAllBytes());
                }
            }
        } catch (IOException e) {
            throw new UnreadablePage(Problem.DAMAGED);
        }
    }

    private ZipInputStream open() throws IOException {
        return new ZipInputStream(content.open(), StandardCharsets.UTF_8);
    }

    private static boolean isSeen(ZipEntry entry) {
        String name = entry.getName();
        String last = name.substring(name.lastIndexOf('/') + 1);
        return !entry.isDirectory()
                && !last.startsWith(".")
                && !name.startsWith("__MACOSX/")
                && !last.toLowerCase(Locale.ROOT).equals("thumbs.db");
    }
}
