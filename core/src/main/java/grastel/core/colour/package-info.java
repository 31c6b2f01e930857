/**
 * Colour: spectra, the standard observer, CIELAB, colour difference, sRGB and Munsell value. Start at {@link
 * grastel.core.colour.Lab} and {@link grastel.core.colour.Spectrum}. Everything is for illuminant D65 and the CIE 1931
 * 2° observer.
 */
package grastel.core.colour;
