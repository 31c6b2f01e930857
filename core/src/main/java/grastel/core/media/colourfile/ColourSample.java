package grastel.core.media.colourfile;

import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import java.util.Optional;

/**
 * One measured colour.
 *
 * @param code short name of the sample
 * @param name its colour name; the code where the file has none
 * @param spectrum reflectance, where it was measured
 * @param colour CIELAB under D65
 */
public record ColourSample(String code, String name, Optional<Spectrum> spectrum, Lab colour) {}
