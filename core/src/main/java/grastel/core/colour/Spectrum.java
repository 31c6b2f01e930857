package grastel.core.colour;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/** A reflectance factor curve: 36 samples, 380–730 nm by 10 nm, each 0…1. Immutable. */
public final class Spectrum {
    public static final int SAMPLES = 36;
    public static final int FIRST_NM = 380;
    public static final int STEP_NM = 10;

    private final double[] reflectance;
    /** 0 until asked for; computing it twice does no harm. */
    private int hash;

    private Spectrum(double[] reflectance) {
        this.reflectance = reflectance;
    }

    /**
     * @param reflectance 36 factors, 0…1
     * @throws IllegalArgumentException naming the wavelength of the first value that is not in 0…1
     */
    public static Spectrum of(double... reflectance) {
        if (reflectance.length != SAMPLES) {
            throw new IllegalArgumentException("A spectrum has 36 samples, 380–730 nm; given " + reflectance.length);
        }
        for (int i = 0; i < SAMPLES; i++) {
            if (!(reflectance[i] >= 0 && reflectance[i] <= 1)) {
                throw new IllegalArgumentException(
                        "Reflectance at " + (FIRST_NM + STEP_NM * i) + " nm must be 0…1, was " + reflectance[i]);
            }
        }
        return new Spectrum(reflectance.clone());
    }

    /** The same reflectance at every wavelength. */
    public static Spectrum flat(double reflectance) {
        double[] samples = new double[SAMPLES];
        Arrays.fill(samples, reflectance);
        return of(samples);
    }

    /** Reflectance of sample {@code i}, at 380 + 10·i nm. */
    public double at(int i) {
        return reflectance[i];
    }

    public Spectrum map(DoubleUnaryOperator change) {
        return of(Arrays.stream(reflectance).map(change).toArray());
    }

    public double[] toArray() {
        return reflectance.clone();
    }

    public Xyz toXyz() {
        return Observer.D65.xyzOf(reflectance);
    }

    public Lab toLab() {
        return Lab.of(toXyz());
    }

    /** The colour under another light. */
    public Lab toLab(Illuminant light) {
        return Lab.of(Observer.of(light).xyzOf(reflectance), light.white());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Spectrum s && Arrays.equals(reflectance, s.reflectance);
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            hash = Arrays.hashCode(reflectance);
        }
        return hash;
    }

    @Override
    public String toString() {
        return "Spectrum" + Arrays.toString(reflectance);
    }
}
