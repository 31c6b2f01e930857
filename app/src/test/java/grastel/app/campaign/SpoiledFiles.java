package grastel.app.campaign;

import grastel.app.decoding.Hostile;
import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Files of several kinds with bytes turned, taken out, doubled or put in by chance, and some that are only made to hurt. */
final class SpoiledFiles {
    /** First bytes that tell a kind. */
    private static final List<byte[]> BEGINNINGS = List.of(
            new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe0},
            new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10},
            new byte[] {'I', 'I', 42, 0, 8, 0, 0, 0},
            new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8},
            new byte[] {'%', 'P', 'D', 'F', '-', '1', '.', '7', '\n'},
            new byte[] {'P', 'K', 3, 4, 20, 0, 0, 0, 8, 0},
            new byte[] {'B', 'M'},
            new byte[] {'G', 'I', 'F', '8', '9', 'a'});

    private static final int HEAD = 600;

    private final List<byte[]> whole;
    private final Random chance;
    private int number;

    /** @param name says what was done */
    record Spoiled(String name, byte[] content) {
        Spoiled {
            content = content.clone();
        }
    }

    SpoiledFiles(List<byte[]> whole, Random chance) {
        this.whole = whole;
        this.chance = chance;
    }

    Spoiled next() {
        byte[] of = whole.get(chance.nextInt(whole.size())).clone();
        int kind = chance.nextInt(9);
        return new Spoiled(
                ++number + "-" + NAMES.get(kind),
                switch (kind) {
                    case 0 -> Arrays.copyOf(of, chance.nextInt(of.length));
                    case 1 -> turned(of, 1 + chance.nextInt(20), of.length);
                    case 2 -> turned(of, 1 + chance.nextInt(8), Math.min(HEAD, of.length));
                    case 3 -> filled(of, (byte) 0);
                    case 4 -> filled(of, (byte) 0xff);
                    case 5 -> without(of);
                    case 6 -> joined(of, whole.get(chance.nextInt(whole.size())));
                    case 7 -> rubbish();
                    default -> chance.nextInt(4) == 0 ? Hostile.formsThatCallOneAnother() : huge(of);
                });
    }

    private static final List<String> NAMES =
            List.of("cut", "turned", "head", "zeros", "ones", "gap", "joined", "rubbish", "hurting");

    private byte[] turned(byte[] of, int bytes, int within) {
        for (int i = 0; i < bytes; i++) {
            of[chance.nextInt(within)] = (byte) chance.nextInt(256);
        }
        return of;
    }

    private byte[] filled(byte[] of, byte with) {
        int from = chance.nextInt(of.length);
        Arrays.fill(of, from, Math.min(of.length, from + 1 + chance.nextInt(5_000)), with);
        return of;
    }

    private byte[] without(byte[] of) {
        int from = chance.nextInt(of.length);
        int to = Math.min(of.length, from + 1 + chance.nextInt(20_000));
        return joined(Arrays.copyOf(of, from), Arrays.copyOfRange(of, to, of.length));
    }

    private static byte[] joined(byte[] one, byte[] other) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(one);
        out.writeBytes(other);
        return out.toByteArray();
    }

    /** Bytes of no meaning behind a beginning that has one. */
    private byte[] rubbish() {
        byte[] rest = new byte[chance.nextInt(100_000)];
        chance.nextBytes(rest);
        return joined(BEGINNINGS.get(chance.nextInt(BEGINNINGS.size())), rest);
    }

    /** Numbers in the head, sizes and counts among them, become as large as they can be. */
    private byte[] huge(byte[] of) {
        int at = chance.nextInt(Math.min(HEAD, of.length - 4));
        for (int i = 0; i < 4; i++) {
            of[at + i] = i % 2 == 0 ? (byte) 0x7f : (byte) 0xff;
        }
        return of;
    }
}
