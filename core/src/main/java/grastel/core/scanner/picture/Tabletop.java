package grastel.core.scanner.picture;

import grastel.core.colour.LinearRgb;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;

/** Several sheets on a table in one picture, each as it was photographed, side by side in rows. */
public final class Tabletop {
    private Tabletop() {}

    /** @param gap of table between sheets, pixels */
    public static BufferedImage of(List<BufferedImage> sheets, int columns, int gap) {
        int width = sheets.stream().mapToInt(BufferedImage::getWidth).max().orElseThrow();
        int height = sheets.stream().mapToInt(BufferedImage::getHeight).max().orElseThrow();
        int rows = (sheets.size() + columns - 1) / columns;
        BufferedImage table = new BufferedImage(
                columns * (width + gap) + gap, rows * (height + gap) + gap, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = table.createGraphics();
        float light = (float) LinearRgb.encode(Exposure.DESK_LIGHT);
        graphics.setColor(new Color(light, light, light));
        graphics.fillRect(0, 0, table.getWidth(), table.getHeight());
        for (int i = 0; i < sheets.size(); i++) {
            int x = gap + i % columns * (width + gap);
            int y = gap + i / columns * (height + gap);
            graphics.drawImage(sheets.get(i), x, y, null);
        }
        graphics.dispose();
        return table;
    }
}
