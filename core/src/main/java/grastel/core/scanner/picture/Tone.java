package grastel.core.scanner.picture;

import java.util.function.DoubleUnaryOperator;

/** What a device does to the 8-bit codes of a picture: blue, green, red by turns. */
public interface Tone {
    void on(byte[] codes);

    /** Nothing: sRGB as the standard has it. */
    record Plain() implements Tone {
        @Override
        public void on(byte[] codes) {
            // as they are
        }
    }

    /** Another exponent than the standard's. @param exponent on codes of 0…1, over 1 darkens middles */
    record Gamma(double exponent) implements Tone {
        @Override
        public void on(byte[] codes) {
            map(codes, v -> Math.pow(v, exponent));
        }
    }

    /** Middles pulled apart, ends pressed together, as phones like it. @param strength 0 none … 1 */
    record Contrast(double strength) implements Tone {
        @Override
        public void on(byte[] codes) {
            map(codes, v -> v - strength * Math.sin(2 * Math.PI * v) / (2 * Math.PI));
        }
    }

    /** Codes spread until the darkest and the lightest are at the ends. @param clipped share that is pushed over either end */
    record Levels(double clipped) implements Tone {
        @Override
        public void on(byte[] codes) {
            int[] counts = new int[256];
            for (byte code : codes) {
                counts[code & 0xff]++;
            }
            int low = 0;
            for (long sum = counts[0]; sum < clipped * codes.length; sum += counts[++low]) {
                // to the first code that is kept
            }
            int high = 255;
            for (long sum = counts[255]; sum < clipped * codes.length; sum += counts[--high]) {
                // likewise from above
            }
            double dark = low / 255.0;
            double span = Math.max(0.1, (high - low) / 255.0);
            map(codes, v -> (v - dark) / span);
        }
    }

    /** Too much light: what is over white is lost. @param times the codes */
    record Bright(double times) implements Tone {
        @Override
        public void on(byte[] codes) {
            map(codes, v -> times * v);
        }
    }

    /** A copy without colour. @param green true where it is taken from one channel alone, else from luma */
    record Grey(boolean green) implements Tone {
        @Override
        public void on(byte[] codes) {
            for (int i = 0; i < codes.length; i += 3) {
                double luma = 0.114 * (codes[i] & 0xff) + 0.587 * (codes[i + 1] & 0xff) + 0.299 * (codes[i + 2] & 0xff);
                byte grey = green ? codes[i + 1] : (byte) Math.round(luma);
                codes[i] = grey;
                codes[i + 1] = grey;
                codes[i + 2] = grey;
            }
        }
    }

    /** A scanner's mode for text: black or white. @param threshold 0…1 */
    record TwoLevels(double threshold) implements Tone {
        @Override
        public void on(byte[] codes) {
            for (int i = 0; i < codes.length; i += 3) {
                byte code = (byte) ((codes[i + 1] & 0xff) > 255 * threshold ? 255 : 0);
                codes[i] = code;
                codes[i + 1] = code;
                codes[i + 2] = code;
            }
        }
    }

    private static void map(byte[] codes, DoubleUnaryOperator curve) {
        byte[] table = new byte[256];
        for (int i = 0; i < 256; i++) {
            table[i] = (byte) Math.round(255 * Math.min(1, Math.max(0, curve.applyAsDouble(i / 255.0))));
        }
        for (int i = 0; i < codes.length; i++) {
            codes[i] = table[codes[i] & 0xff];
        }
    }
}
