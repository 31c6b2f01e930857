package grastel.core.reading;

import grastel.core.checks.Require;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.keys.KeyReport;
import java.util.List;
import java.util.Map;

/**
 * What was read on a page.
 *
 * @param fields in the order of the sheet
 * @param dpi pixels per inch at the middle of the page
 * @param flatnessMm how far the sheet is from flat: root mean square of the marker corners, or the largest shift of a printed
 *     line, mm
 * @param lightSpread relative spread of the bare paper about the fitted light
 * @param markers how many of the four markers were found
 * @param flags what to know before trusting every figure
 * @param keys what the key boxes told
 */
public record PageReading(
        List<FieldReading> fields,
        double dpi,
        double flatnessMm,
        double lightSpread,
        int markers,
        List<PageFlag> flags,
        KeyReport keys) {
    /** Readings kept before there were flags and key boxes have neither. */
    public PageReading {
        fields = List.copyOf(fields);
        flags = flags == null ? List.of() : List.copyOf(flags);
        keys = keys == null ? KeyReport.NONE : keys;
    }

    /** The same with other names of fields; those that have none are left out. @param names by the names they have */
    public PageReading named(Map<String, String> names) {
        return new PageReading(
                fields.stream()
                        .filter(f -> names.containsKey(f.field()))
                        .map(f -> f.named(Require.key(names, f.field())))
                        .toList(),
                dpi,
                flatnessMm,
                lightSpread,
                markers,
                flags,
                keys);
    }

    public boolean has(PageFlag flag) {
        return flags.contains(flag);
    }
}
