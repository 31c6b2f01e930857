package grastel.app.returns.intake;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Path;

/**
 * Whether a file that somebody may still be writing has its end. JPEG (ISO/IEC 10918-1, annex B): the markers are followed to the
 * start of the picture, so that the end of a preview picture within is not taken for it. PNG (ISO/IEC 15948): the last chunk is
 * IEND. Other formats may be continued behind what looks like an end.
 */
final class WholeFile {
    enum State {
        WHOLE,
        CUT_OFF,
        UNKNOWN
    }

    private static final int JPEG = 0xffd8;
    private static final int END_OF_IMAGE = 0xffd9;
    private static final int START_OF_SCAN = 0xffda;
    private static final long PNG = 0x89504e470d0a1a0aL;
    private static final int IEND_CHUNK_BYTES = 12;
    private static final int IEND = 0x49454e44;
    private static final int PNG_HEAD_BYTES = 8;
    /** A scanner may fill its last block. */
    private static final int PADDING_BYTES = 4096;

    private WholeFile() {}

    static State of(Path path) throws IOException {
        try (RandomAccessFile file = new RandomAccessFile(path.toFile(), "r")) {
            if (file.length() < PNG_HEAD_BYTES) {
                return State.UNKNOWN;
            }
            long head = file.readLong();
            if (head == PNG) {
                return png(file) ? State.WHOLE : State.CUT_OFF;
            }
            if (head >>> 48 == JPEG) {
                return jpeg(file) ? State.WHOLE : State.CUT_OFF;
            }
            return State.UNKNOWN;
        }
    }

    private static boolean png(RandomAccessFile file) throws IOException {
        if (file.length() < PNG_HEAD_BYTES + IEND_CHUNK_BYTES) {
            return false;
        }
        file.seek(file.length() - IEND_CHUNK_BYTES + Integer.BYTES);
        return file.readInt() == IEND;
    }

    private static boolean jpeg(RandomAccessFile file) throws IOException {
        long at = Short.BYTES;
        while (at + 2 * Short.BYTES <= file.length()) {
            file.seek(at);
            int marker = file.readUnsignedShort();
            if (marker >>> 8 != 0xff) {
                // damaged: whoever decodes it says so
                return true;
            }
            if (marker == 0xffff) {
                at++;
                continue;
            }
            if (marker == START_OF_SCAN) {
                return endsBehind(file, at);
            }
            at += Short.BYTES + file.readUnsignedShort();
        }
        return false;
    }

    private static boolean endsBehind(RandomAccessFile file, long scan) throws IOException {
        long from = Math.max(scan, file.length() - PADDING_BYTES);
        byte[] tail = new byte[(int) (file.length() - from)];
        file.seek(from);
        file.readFully(tail);
        for (int i = tail.length - 2; i >= 0; i--) {
            if ((tail[i] & 0xff) << 8 == (END_OF_IMAGE & 0xff00) && (tail[i + 1] & 0xff) == (END_OF_IMAGE & 0xff)) {
                return true;
            }
        }
        return false;
    }
}
