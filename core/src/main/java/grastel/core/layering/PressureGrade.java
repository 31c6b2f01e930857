package grastel.core.layering;

/** The five pressures a class is taught, as a share of full force. */
public enum PressureGrade {
    WHISPER(0.08),
    LIGHT(0.2),
    MEDIUM(0.4),
    FIRM(0.65),
    FULL(1.0);

    private final double pressure;

    PressureGrade(double pressure) {
        this.pressure = pressure;
    }

    /** The grade whose pressure, as it is taught, is nearest. @param pressure 0…1 */
    public static PressureGrade nearest(double pressure) {
        return Pressures.TAUGHT.nearest(pressure);
    }

    /** 0 none … 1 full force. */
    public double pressure() {
        return pressure;
    }
}
