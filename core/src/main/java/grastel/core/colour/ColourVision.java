package grastel.core.colour;

import java.util.Arrays;

/**
 * How colours look to eyes in which one kind of cone differs or is missing: Machado, Oliveira & Fernandes, “A
 * Physiologically-based Model for Simulation of Color Vision Deficiency”, IEEE Transactions on Visualization and Computer
 * Graphics 15 (6), 2009, table 1. The matrices act on linear light in the primaries of sRGB; every row sums to 1 within the
 * table's last digit, so that greys stay as they are.
 */
public enum ColourVision {
    PROTAN(1, 0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998),
    PROTAN_PARTLY(0.6, 0.385450, 0.769005, -0.154455, 0.100526, 0.829802, 0.069673, -0.007442, -0.022190, 1.029632),
    DEUTAN(1, 0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881),
    DEUTAN_PARTLY(0.6, 0.498864, 0.674741, -0.173604, 0.205199, 0.754872, 0.039929, -0.011131, 0.030969, 0.980162),
    TRITAN(1, 1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.303900),
    TRITAN_PARTLY(0.6, 1.104996, -0.046633, -0.058363, -0.032137, 0.971635, 0.060503, 0.001336, 0.317922, 0.680742);

    private final double severity;
    private final double[] rows;

    ColourVision(double severity, double... rows) {
        this.severity = severity;
        this.rows = rows;
    }

    /** 0 usual … 1 the cone is missing. */
    public double severity() {
        return severity;
    }

    /** Row by row: red, green, blue seen of red, green, blue. */
    public double[] matrix() {
        return Arrays.copyOf(rows, rows.length);
    }

    /** What usual eyes would have to see to see the same. Lights outside 0…1 are cut there, as a screen would. */
    public Lab seen(Lab colour) {
        LinearRgb light = Srgb.lightOf(colour);
        return Lab.of(new LinearRgb(row(0, light), row(3, light), row(6, light)).toXyz());
    }

    private double row(int at, LinearRgb light) {
        double seen = rows[at] * light.red() + rows[at + 1] * light.green() + rows[at + 2] * light.blue();
        return Math.min(1, Math.max(0, seen));
    }
}
