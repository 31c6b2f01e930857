package grastel.core.reading;

import grastel.core.colour.LinearRgb;

/** Linear light of 8-bit sRGB codes, by table. */
final class Light {
    private static final float[] OF_CODE = new float[256];

    static {
        for (int code = 0; code < 256; code++) {
            OF_CODE[code] = (float) LinearRgb.decode(code / 255.0);
        }
    }

    private static final byte[] CODE_OF = new byte[1 << 12];

    static {
        for (int i = 0; i < CODE_OF.length; i++) {
            CODE_OF[i] = (byte) Math.round(255 * LinearRgb.encode((i + 0.5) / CODE_OF.length));
        }
    }

    private Light() {}

    /** 8-bit sRGB code of a light, clamped to 0…1. */
    static byte code(float light) {
        return CODE_OF[Math.min(CODE_OF.length - 1, Math.max(0, (int) (light * CODE_OF.length)))];
    }

    /** Red, green, blue light between pixels, bilinear; places off the picture take its nearest pixel. */
    static void sample(Picture picture, double x, double y, float[] into) {
        double px = Math.min(picture.width - 1.001, Math.max(0, x - 0.5));
        double py = Math.min(picture.height - 1.001, Math.max(0, y - 0.5));
        int ix = (int) px;
        int iy = (int) py;
        float fx = (float) (px - ix);
        float fy = (float) (py - iy);
        int i = (iy * picture.width + ix) * 3;
        int j = i + picture.width * 3;
        byte[] p = picture.rgb;
        for (int c = 0; c < 3; c++) {
            float top = OF_CODE[p[i + c] & 0xff] * (1 - fx) + OF_CODE[p[i + 3 + c] & 0xff] * fx;
            float bottom = OF_CODE[p[j + c] & 0xff] * (1 - fx) + OF_CODE[p[j + 3 + c] & 0xff] * fx;
            into[c] = top * (1 - fy) + bottom * fy;
        }
    }
}
