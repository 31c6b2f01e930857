package grastel.core.reading;

import grastel.core.colour.Lab;

/**
 * What was read in one box.
 *
 * @param field the box's id
 * @param colour mean colour, averaged in linear light, 1 mm inside the edge
 * @param lightness its L*
 * @param value its Munsell value, 0…10
 * @param specks share of the area nearer bare paper than the box's own tone, seen through a spot of 0.18 mm, %
 * @param unevenness standard deviation of L* over 2 mm, less what the paper's grain alone gives
 * @param outside share of the clear paper around the box that carries colour, %
 * @param blank true if nothing was drawn in it
 */
public record FieldReading(
        String field,
        Lab colour,
        Measured lightness,
        double value,
        Measured specks,
        Measured unevenness,
        Measured outside,
        boolean blank) {}
