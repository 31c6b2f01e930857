package grastel.core.reading;

import java.util.List;

/**
 * What was read on a page.
 *
 * @param fields in the order of the sheet
 * @param dpi pixels per inch at the middle of the page
 * @param flatnessMm root mean square distance of the marker corners from a flat sheet, mm
 * @param lightSpread relative spread of the bare paper about the fitted light
 * @param markers how many of the four markers were found
 */
public record PageReading(List<FieldReading> fields, double dpi, double flatnessMm, double lightSpread, int markers) {
    public PageReading {
        fields = List.copyOf(fields);
    }
}
