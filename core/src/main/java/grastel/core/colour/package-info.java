/**
 * Colour: spectra, the standard observer, CIELAB, colour difference, sRGB, Munsell value and the
 * painter's wheel. Start at {@link
 * grastel.core.colour.Lab} and {@link grastel.core.colour.Spectrum}. Everything is for the CIE 1931
 * 2° observer and, where nothing else is said, illuminant D65.
 */
package grastel.core.colour;
