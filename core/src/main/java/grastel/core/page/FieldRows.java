package grastel.core.page;

import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;

/**
 * How fields of a section stand side by side, and how much room that takes.
 *
 * @param room from margin to margin, mm
 */
record FieldRows(double room, WordSizes sizes) {
    private static final double LEAST_GAP_MM = 7;
    private static final double MOST_GAP_MM = 16;
    /** From the top of a row to its boxes, where the label stands. */
    static final double LABEL_MM = 7.6;
    /** Nothing under a field that has nothing to say reaches further, mm. */
    private static final double UNDER_ROW_MM = 3.5;

    double heightOf(List<FieldSpec> specs) {
        double height = 0;
        for (List<FieldSpec> group : groups(specs)) {
            if (group.get(0).isShape()) {
                height += formHeight(group);
            } else {
                height += group.get(0).group().isEmpty() ? 0 : sizes.groupLead();
                height += arranged(group).stream().mapToDouble(this::rowHeight).sum();
            }
        }
        return height;
    }

    double heightOfFirst(List<FieldSpec> specs) {
        List<FieldSpec> group = groups(specs).get(0);
        return group.get(0).isShape()
                ? formHeight(group)
                : rowHeight(arranged(group).get(0));
    }

    /** Neighbours of the same group. */
    static List<List<FieldSpec>> groups(List<FieldSpec> specs) {
        List<List<FieldSpec>> groups = new ArrayList<>();
        for (FieldSpec spec : specs) {
            boolean same = !groups.isEmpty()
                    && groups.get(groups.size() - 1).get(0).group().equals(spec.group());
            if (!same) {
                groups.add(new ArrayList<>());
            }
            groups.get(groups.size() - 1).add(spec);
        }
        return groups;
    }

    /** Fields side by side. @param pitch from one's left edge to the next's, mm; @param width that all of them have */
    record Row(List<FieldSpec> fields, double pitch, double width) {
        /** For the words of one of them, up to the next or to the margin. */
        double room(int place) {
            return Math.min(pitch - 2, width - place * pitch);
        }
    }

    /** Fields of one group in rows of nearly equal length. */
    List<Row> arranged(List<FieldSpec> specs) {
        double width = specs.stream().mapToDouble(FieldSpec::widthMm).max().orElseThrow();
        int columns = Math.max(1, (int) Math.floor((room + LEAST_GAP_MM) / (width + LEAST_GAP_MM)));
        int rowCount = (specs.size() + columns - 1) / columns;
        int perRow = (specs.size() + rowCount - 1) / rowCount;
        double gap = perRow == 1 ? 0 : Math.min(MOST_GAP_MM, (room - perRow * width) / (perRow - 1));
        List<Row> rows = new ArrayList<>();
        for (int start = 0; start < specs.size(); start += perRow) {
            List<FieldSpec> fields = specs.subList(start, Math.min(specs.size(), start + perRow));
            rows.add(new Row(fields, perRow == 1 ? room + 2 : width + gap, room));
        }
        return rows;
    }

    double rowHeight(Row row) {
        double tallest = 0;
        for (int i = 0; i < row.fields().size(); i++) {
            FieldSpec spec = row.fields().get(i);
            double recipe = SheetComposer.CLEAR_MM
                    + sizes.recipeLead() * recipe(spec, row.room(i)).size();
            tallest = Math.max(tallest, LABEL_MM + spec.heightMm() + recipe + UNDER_ROW_MM);
        }
        return tallest;
    }

    List<String> recipe(FieldSpec spec, double room) {
        return spec.recipe().stream()
                .flatMap(line -> FittedLine.wrapped(line, Weight.REGULAR, sizes.recipe(), room).stream())
                .toList();
    }

    double formHeight(List<FieldSpec> zones) {
        return Math.max(zones.get(0).heightMm() + 8, sizes.zoneLead() * zones.size() + 6);
    }
}
