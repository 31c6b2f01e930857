package grastel.core.media.colourfile;

import de.siegmar.fastcsv.writer.CsvWriter;
import grastel.core.colour.Illuminant;
import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import grastel.core.colour.Srgb;
import grastel.core.media.Pencil;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Writes the masstones of pencils for other programs. */
public final class ColourFileWriter {
    private ColourFileWriter() {}

    /** CGATS.17: spectra 380–730 nm as factors and L*a*b* under D50, 2°, as print exchange has it. */
    public static String cgats(List<Pencil> pencils) {
        StringBuilder out = new StringBuilder();
        out.append("CGATS.17\nORIGINATOR \"Grastel\"\nWEIGHTING_FUNCTION \"ILLUMINANT, D50\"\n");
        out.append("WEIGHTING_FUNCTION \"OBSERVER, 2 degree\"\n");
        List<String> columns = new ArrayList<>(List.of("SAMPLE_ID", "SAMPLE_NAME", "LAB_L", "LAB_A", "LAB_B"));
        columns.addAll(bands("SPECTRAL_NM_"));
        out.append("NUMBER_OF_FIELDS ").append(columns.size()).append("\nBEGIN_DATA_FORMAT\n");
        out.append(String.join(" ", columns)).append("\nEND_DATA_FORMAT\n");
        out.append("NUMBER_OF_SETS ").append(pencils.size()).append("\nBEGIN_DATA\n");
        for (Pencil pencil : pencils) {
            Lab lab = pencil.masstone().toLab(Illuminant.D50);
            List<String> cells = new ArrayList<>(List.of(quoted(pencil.code()), quoted(pencil.name())));
            cells.addAll(List.of(three(lab.lightness()), three(lab.a()), three(lab.b())));
            cells.addAll(samples(pencil.masstone()));
            out.append(String.join(" ", cells)).append('\n');
        }
        return out.append("END_DATA\n").toString();
    }

    /** CSV: code, name, L*, a*, b* under D65, reflectance factors by wavelength. */
    public static String csv(List<Pencil> pencils) {
        StringWriter out = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(out)) {
            csv(pencils, csv);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static void csv(List<Pencil> pencils, CsvWriter csv) {
        List<String> head = new ArrayList<>(List.of("code", "name", "L", "a", "b"));
        head.addAll(bands(""));
        csv.writeRecord(head);
        for (Pencil pencil : pencils) {
            Lab lab = pencil.masstone().toLab();
            List<String> cells =
                    new ArrayList<>(List.of(CsvCell.harmless(pencil.code()), CsvCell.harmless(pencil.name())));
            cells.addAll(List.of(three(lab.lightness()), three(lab.a()), three(lab.b())));
            cells.addAll(samples(pencil.masstone()));
            csv.writeRecord(cells);
        }
    }

    /** A palette as drawing programs read it: sRGB codes and names. */
    public static String palette(String name, List<Pencil> pencils) {
        StringBuilder out = new StringBuilder("GIMP Palette\nName: " + name + "\nColumns: 6\n#\n");
        for (Pencil pencil : pencils) {
            Srgb c = Srgb.of(pencil.masstone().toLab());
            out.append(String.format(
                    Locale.ROOT, "%3d %3d %3d\t%s %s\n", c.red(), c.green(), c.blue(), pencil.code(), pencil.name()));
        }
        return out.toString();
    }

    private static List<String> bands(String prefix) {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            names.add(prefix + (Spectrum.FIRST_NM + Spectrum.STEP_NM * i));
        }
        return names;
    }

    private static List<String> samples(Spectrum spectrum) {
        List<String> cells = new ArrayList<>();
        for (double r : spectrum.toArray()) {
            cells.add(String.format(Locale.ROOT, "%.5f", r));
        }
        return cells;
    }

    private static String three(double value) {
        // Adding zero makes a negative zero one.
        return String.format(Locale.ROOT, "%.3f", Math.rint(value * 1000) / 1000 + 0.0);
    }

    private static String quoted(String word) {
        return '"' + word.replace('"', '\'') + '"';
    }
}
