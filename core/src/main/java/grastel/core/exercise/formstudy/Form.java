package grastel.core.exercise.formstudy;

import static grastel.core.words.Words.say;

/**
 * A form as it is seen from the front, in a square that reaches from −1 to 1 across and down. Normals point at the viewer
 * (z over 0), y downwards.
 */
enum Form {
    SPHERE(say("form-study.sphere"), true) {
        @Override
        boolean inside(double x, double y) {
            return square(x) + square(y + LIFT) <= square(BALL);
        }

        @Override
        double[] normal(double x, double y) {
            double u = x / BALL;
            double v = (y + LIFT) / BALL;
            return new double[] {u, v, Math.sqrt(Math.max(0, 1 - u * u - v * v))};
        }

        @Override
        double base() {
            return BALL - LIFT;
        }
    },
    CYLINDER(say("form-study.cylinder"), true) {
        @Override
        boolean inside(double x, double y) {
            return Math.abs(x) <= PIPE && y >= -0.85 && y <= 0.6;
        }

        @Override
        double[] normal(double x, double y) {
            double u = x / PIPE;
            return new double[] {u, 0, Math.sqrt(Math.max(0, 1 - u * u))};
        }

        @Override
        double base() {
            return 0.6;
        }
    },
    FOLDED_BAND(say("form-study.folded-band"), false) {
        @Override
        boolean inside(double x, double y) {
            return Math.abs(x) <= 0.95 && Math.abs(y - 0.12 * Math.sin(FOLDS * x)) <= 0.5;
        }

        @Override
        double[] normal(double x, double y) {
            return unit(0.9 * Math.cos(FOLDS * x), 0, 1);
        }
    },
    CUPPED_PETAL(say("form-study.cupped-petal"), false) {
        @Override
        boolean inside(double x, double y) {
            return inPetal(x, y);
        }

        @Override
        double[] normal(double x, double y) {
            return unit(-1.6 * x, -1.1 * y, 1);
        }
    },
    BULGING_PETAL(say("form-study.bulging-petal"), false) {
        @Override
        boolean inside(double x, double y) {
            return inPetal(x, y);
        }

        @Override
        double[] normal(double x, double y) {
            return unit(1.6 * x, 1.1 * y, 1);
        }
    },
    ROLLED_PETAL(say("form-study.petal-with-a-rolled"), false) {
        @Override
        boolean inside(double x, double y) {
            return inPetal(x, y);
        }

        @Override
        double[] normal(double x, double y) {
            double rolled = Math.max(0, x / petalHalfWidth(y) - 0.25);
            return unit(3.2 * rolled, 0.25 * y, 1);
        }
    };

    private static final double BALL = 0.72;
    private static final double LIFT = 0.14;
    private static final double PIPE = 0.46;
    private static final double FOLDS = 2 * Math.PI / 0.95;

    private final String words;
    private final boolean castsShadow;

    Form(String words, boolean castsShadow) {
        this.words = words;
        this.castsShadow = castsShadow;
    }

    String words() {
        return words;
    }

    /** True for forms that stand on the table. */
    boolean castsShadow() {
        return castsShadow;
    }

    abstract boolean inside(double x, double y);

    /** The surface's unit normal at a place inside. */
    abstract double[] normal(double x, double y);

    /** Where a standing form touches the table, y. */
    double base() {
        return 1;
    }

    /** A drop: pointed at the bottom, round at the top. */
    private static boolean inPetal(double x, double y) {
        return y > -0.92 && y < 0.92 && Math.abs(x) <= petalHalfWidth(y);
    }

    private static double petalHalfWidth(double y) {
        double t = (0.92 - y) / 1.84;
        return Math.max(0.02, 1.5 * Math.sqrt(Math.max(0, t * (1 - t))) * (0.45 + 0.55 * t));
    }

    private static double[] unit(double x, double y, double z) {
        double length = Math.sqrt(x * x + y * y + z * z);
        return new double[] {x / length, y / length, z / length};
    }

    private static double square(double x) {
        return x * x;
    }
}
