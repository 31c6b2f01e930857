package grastel.app.campaign;

/** What a campaign found, for its table. Tests in the usual run print nothing. */
public final class Campaign {
    private static final boolean IS_RUNNING = Boolean.getBoolean("grastel.campaign");

    private Campaign() {}

    /** A row with the columns parted by {@code |}. */
    public static void print(String format, Object... values) {
        if (IS_RUNNING) {
            System.out.printf(format, values);
        }
    }
}
