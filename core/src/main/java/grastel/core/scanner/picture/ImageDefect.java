package grastel.core.scanner.picture;

import grastel.core.colour.LinearRgb;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.scanner.sheet.FlatPage;

/** Something that goes wrong between the student's table and the file: on the page, in the light or in the camera. */
public sealed interface ImageDefect {
    /** Changes the page as it lies on the desk. */
    default void on(FlatPage page, PageSize size) {}

    /**
     * The shadow of a hand or a phone.
     *
     * @param loss share of the light lost in it, 0…1
     * @param from where its edge crosses the middle of the page, as a share of the width; it slants
     * @param softMm width of the edge
     */
    record Shadow(double loss, double from, double softMm) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((x, y, light) -> {
                double behind = x - from * size.widthMm() + 0.3 * (y - size.heightMm() / 2);
                double shade = 1 - loss / (1 + Math.exp(-4 * behind / softMm));
                for (int c = 0; c < 3; c++) {
                    light[c] *= shade;
                }
            });
        }
    }

    /** A lamp mirrored in polished wax around a place, mm. */
    record Glare(double x, double y, double radiusMm) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((px, py, light) -> {
                double r = Math.hypot(px - x, py - y) / radiusMm;
                double added = 1.1 * Math.exp(-Math.pow(r, 6));
                for (int c = 0; c < 3; c++) {
                    light[c] += added;
                }
            });
        }
    }

    /** The ring of a cup. */
    record Stain(double x, double y, double radiusMm) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((px, py, light) -> {
                double r = Math.hypot(px - x, py - y) - radiusMm;
                double tea = (r < 0 ? 0.12 : 0) + 0.35 * Math.exp(-r * r / 3);
                light[0] *= 1 - 0.5 * tea;
                light[1] *= 1 - tea;
                light[2] *= 1 - 1.4 * tea;
            });
        }
    }

    /**
     * A sleeve or a hand dragged over fresh colour.
     *
     * @param fromX and the other three: its two ends, mm
     * @param wideMm how wide it is at half its strength
     * @param strength share of light it takes where it takes most, by channel: alike for graphite, not for colours
     */
    record Smear(double fromX, double fromY, double toX, double toY, double wideMm, LinearRgb strength)
            implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            double wayX = toX - fromX;
            double wayY = toY - fromY;
            page.change((x, y, light) -> {
                double along = ((x - fromX) * wayX + (y - fromY) * wayY) / (wayX * wayX + wayY * wayY);
                double nearest = Math.min(1, Math.max(0, along));
                double away = Math.hypot(x - fromX - nearest * wayX, y - fromY - nearest * wayY) / (wideMm / 2);
                double thinning = 1 - 0.6 * nearest;
                double there = thinning * Math.exp(-Math.log(2) * away * away);
                light[0] *= 1 - there * strength.red();
                light[1] *= 1 - there * strength.green();
                light[2] *= 1 - there * strength.blue();
            });
        }
    }

    /** A slip of the pencil. @param reflectance of what it left, 0…1 */
    record Stroke(Rect rect, double reflectance) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((x, y, light) -> {
                if (rect.contains(x, y)) {
                    for (int c = 0; c < 3; c++) {
                        light[c] = reflectance;
                    }
                }
            });
        }
    }

    /** Pencil rubbed over a corner's marker. @param strength share of light it takes, 0…1 */
    record Rubbed(int corner, double strength) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            Rect marker = PageFurniture.marker(size, corner).inset(-3);
            page.change((x, y, light) -> {
                if (marker.contains(x, y)) {
                    double grain = 0.6 + 0.4 * Math.sin(5 * x + 3 * y);
                    for (int c = 0; c < 3; c++) {
                        light[c] *= 1 - strength * grain;
                    }
                }
            });
        }
    }

    /** A corner torn off or out of the picture. @param mm length of the cut along either edge */
    record Cropped(int corner, double mm) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((x, y, light) -> {
                double dx = corner == 0 || corner == 3 ? x : size.widthMm() - x;
                double dy = corner < 2 ? y : size.heightMm() - y;
                if (dx + dy < mm) {
                    light[0] = Exposure.DESK_LIGHT;
                    light[1] = Exposure.DESK_LIGHT;
                    light[2] = Exposure.DESK_LIGHT;
                }
            });
        }
    }

    /** Out of focus. @param sigmaMm standard deviation of the blur on the page */
    record Defocus(double sigmaMm) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.blur(sigmaMm, sigmaMm);
        }
    }

    /** Moved while it was taken. @param sigmaMm standard deviation of the blur along the rows */
    record Motion(double sigmaMm) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.blur(sigmaMm, 0);
        }
    }

    /** Colour filters that overlap: a share of each channel leaks into the others. @param share 0…0.3 */
    record Crosstalk(double share) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((x, y, light) -> {
                double red = light[0];
                double green = light[1];
                double blue = light[2];
                light[0] = (1 - share) * red + share * green;
                light[1] = (1 - share) * green + share * (0.3 * red + 0.7 * blue);
                light[2] = (1 - share) * blue + share * green;
            });
        }
    }

    /** A copier without colour. */
    record Grey() implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((x, y, light) -> {
                double grey = LinearRgb.luminance(light[0], light[1], light[2]);
                light[0] = grey;
                light[1] = grey;
                light[2] = grey;
            });
        }
    }

    /** A second lamp of another colour from the right. @param share of the light at the right edge */
    record SecondLamp(double share) implements ImageDefect {
        @Override
        public void on(FlatPage page, PageSize size) {
            page.change((x, y, light) -> {
                double part = share * x / size.widthMm();
                light[0] *= 1 - part + part;
                light[1] *= 1 - part + 0.8 * part;
                light[2] *= 1 - part + 0.55 * part;
            });
        }
    }

    /**
     * The sheet bulges.
     *
     * @param mm how far its middle seems moved
     * @param down true where it bulges from side to side and seems moved down; else from top to bottom, and to the right
     */
    record Bent(double mm, boolean down) implements ImageDefect {
        public Bent(double mm) {
            this(mm, true);
        }
    }

    /** Another sheet lies under it and looks out on the right. */
    record SheetUnder() implements ImageDefect {}
}
