package grastel.core.reading.picture;

import grastel.core.colour.LinearRgb;

/** Linear light of 8-bit codes, by table. */
public final class PixelLight {
    /** As sRGB has it; read only. */
    static final float[] OF_CODE = new float[256];

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

    private PixelLight() {}

    /** 8-bit sRGB code of a light, clamped to 0…1. */
    public static byte code(float light) {
        return CODE_OF[Math.min(CODE_OF.length - 1, Math.max(0, (int) (light * CODE_OF.length)))];
    }

    /** Red, green, blue light between pixels, bilinear; places off the picture take its nearest pixel. */
    public static void sample(Picture picture, double x, double y, float[] into) {
        float px = within((float) (x - 0.5), picture.width - 1.001f);
        float py = within((float) (y - 0.5), picture.height - 1.001f);
        int ix = (int) px;
        int iy = (int) py;
        float fx = px - ix;
        float fy = py - iy;
        int i = (iy * picture.width + ix) * 3;
        int j = i + picture.width * 3;
        byte[] p = picture.rgb;
        float[] light = picture.light;
        into[0] = between(light, p[i], p[i + 3], p[j], p[j + 3], fx, fy);
        into[1] = between(light, p[i + 1], p[i + 4], p[j + 1], p[j + 4], fx, fy);
        into[2] = between(light, p[i + 2], p[i + 5], p[j + 2], p[j + 5], fx, fy);
    }

    /** Green light between pixels, as {@link #sample} gives it. */
    public static float green(Picture picture, double x, double y) {
        float px = within((float) (x - 0.5), picture.width - 1.001f);
        float py = within((float) (y - 0.5), picture.height - 1.001f);
        int i = (((int) py) * picture.width + (int) px) * 3 + 1;
        int j = i + picture.width * 3;
        byte[] p = picture.rgb;
        return between(picture.light, p[i], p[i + 3], p[j], p[j + 3], px - (int) px, py - (int) py);
    }

    private static float within(float at, float most) {
        return at < 0 ? 0 : at > most ? most : at;
    }

    private static float between(
            float[] light, byte topLeft, byte topRight, byte left, byte right, float fx, float fy) {
        float top = light[topLeft & 0xff];
        top += (light[topRight & 0xff] - top) * fx;
        float bottom = light[left & 0xff];
        bottom += (light[right & 0xff] - bottom) * fx;
        return top + (bottom - top) * fy;
    }
}
