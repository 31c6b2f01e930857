package grastel.core.media.colourfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Illuminant;
import grastel.core.colour.Lab;
import grastel.core.colour.ReferenceWhite;
import grastel.core.colour.Spectrum;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.media.colourfile.ColourFileProblem.Code;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourFileTest {
    private static final String CGATS = """
            CGATS.17
            ORIGINATOR "Test"
            BEGIN_DATA_FORMAT
            SAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B
            END_DATA_FORMAT
            BEGIN_DATA
            A1 "Two words" 50 20 -10
            A2 Plain 70.5 0 0
            END_DATA
            """;

    @Test
    void cgatsIsUnderD50UnlessItSaysOtherwise() {
        ColourFile file = read(CGATS);

        assertThat(file.problems()).isEmpty();
        assertThat(file.samples()).extracting(ColourSample::name).containsExactly("Two words", "Plain");
        ColourSample grey = file.samples().get(1);
        assertThat(grey.colour().white()).isEqualTo(ReferenceWhite.D65);
        assertThat(grey.colour().lightness()).isCloseTo(70.5, within(0.01));
        assertThat(grey.colour().chroma())
                .as("a grey under D50 is a grey under D65")
                .isLessThan(0.05);

        ColourFile d65 = read(CGATS.replace("ORIGINATOR \"Test\"", "WEIGHTING_FUNCTION \"ILLUMINANT, D65\""));
        assertThat(d65.samples().get(0).colour().b()).isCloseTo(-10, within(1e-9));
    }

    @Test
    void everyFormatWrittenCanBeReadAgain() {
        List<Pencil> pencils = ShippedKit.pencils().stream()
                .filter(p -> !p.colourless())
                .map(ShippedKit.RangePencil::toPencil)
                .toList();
        for (String text : List.of(ColourFileWriter.cgats(pencils), ColourFileWriter.csv(pencils))) {
            ColourFile back = read(text);
            assertThat(back.problems()).isEmpty();
            assertThat(back.samples()).hasSameSizeAs(pencils);
            for (int i = 0; i < pencils.size(); i++) {
                Spectrum spectrum = back.samples().get(i).spectrum().orElseThrow();
                assertThat(spectrum.toArray())
                        .containsExactly(pencils.get(i).masstone().toArray(), within(1e-5));
            }
        }
    }

    @Test
    void exportedLabIsTheSpectrumsUnderD50() {
        Pencil rust = ShippedKit.pencils().get(27).toPencil();
        String line = ColourFileWriter.cgats(List.of(rust))
                .lines()
                .filter(l -> l.startsWith("\"S28\""))
                .findFirst()
                .orElseThrow();

        double written = Double.parseDouble(line.split(" ")[2]);

        assertThat(line).contains("\"Rust\"");
        assertThat(written).isCloseTo(rust.masstone().toLab(Illuminant.D50).lightness(), within(6e-4));
    }

    @Test
    void paletteHasOneLineAPencil() {
        String palette = ColourFileWriter.palette(
                "Kit", List.of(ShippedKit.pencils().get(6).toPencil()));

        assertThat(palette).startsWith("GIMP Palette\nName: Kit\n").endsWith("\tS07 Buoy Red\n");
    }

    @Test
    void spectraInPerCentAndCoarserStepsAreUnderstood() {
        StringBuilder head = new StringBuilder("code;name");
        StringBuilder row = new StringBuilder("G1;Grey");
        for (int nm = 400; nm <= 700; nm += 20) {
            head.append(";nm").append(nm);
            row.append(";").append(nm == 400 ? "20,0" : "40");
        }

        ColourFile file = read(head + "\n" + row + "\n");

        Spectrum spectrum = file.samples().get(0).spectrum().orElseThrow();
        assertThat(spectrum.at(0)).as("level beyond the first band").isCloseTo(0.2, within(1e-9));
        assertThat(spectrum.at(3)).as("half way from 400 to 420 nm").isCloseTo(0.3, within(1e-9));
        assertThat(spectrum.at(35)).isCloseTo(0.4, within(1e-9));
    }

    private static String grey(String prefix, String reflectance, String lab) {
        StringBuilder head = new StringBuilder("code;name" + (lab.isEmpty() ? "" : ";L;a;b"));
        StringBuilder row = new StringBuilder("G1;Grey" + lab);
        for (int nm = 380; nm <= 730; nm += 10) {
            head.append(";").append(prefix).append(nm);
            row.append(";").append(reflectance);
        }
        return head + "\n" + row + "\n";
    }

    private static double first(ColourFile file) {
        return file.samples().get(0).spectrum().orElseThrow().at(0);
    }

    @ParameterizedTest
    @CsvSource({"'40,5', 0.405", "'1,9', 0.019", "'0,8', 0.8", "'1.15', 1"})
    void perCentIsToldFromFactorsWithCommasToo(String written, double factor) {
        assertThat(first(read(grey("SPEC_", written, "")))).isCloseTo(factor, within(1e-9));
    }

    @Test
    void lightnessTellsPerCentOfABlackFromFactorsOfAWhite() {
        assertThat(first(read(grey("SPEC_", "0.9", ";96;0;0")))).isCloseTo(0.9, within(1e-9));
        assertThat(first(read(grey("SPEC_", "0.9", ";8;0;0")))).isCloseTo(0.009, within(1e-9));
    }

    @Test
    void xyzAloneIsEnough() {
        ColourFile file = read(CGATS.replace("LAB_L LAB_A LAB_B", "XYZ_X XYZ_Y XYZ_Z")
                .replace("50 20 -10", "48.21 50 41.26")
                .replace("70.5 0 0", "20 18.42 15"));

        assertThat(file.problems()).isEmpty();
        Lab grey = file.samples().get(0).colour();
        assertThat(grey.lightness()).isCloseTo(Lab.lightnessOf(0.5), within(0.01));
        assertThat(grey.chroma()).as("half of D50 is a grey").isLessThan(0.1);
        assertThat(file.samples().get(1).colour().lightness()).isCloseTo(50, within(0.2));
    }

    @ParameterizedTest
    @CsvSource({
        "'ILLUMINANT \"D65\"', -10",
        "'WEIGHTING_FUNCTION \"ILLUMINANT, D65\"', -10",
        "'WEIGHTING_FUNCTION \"OBSERVER, 2 degree\"', -10.06"
    })
    void lightAndObserverAreHonoured(String said, double b) {
        ColourFile file = read(CGATS.replace("ORIGINATOR \"Test\"", said));

        assertThat(file.problems()).isEmpty();
        assertThat(file.samples().get(0).colour().b()).isCloseTo(b, within(1.5));
    }

    @ParameterizedTest
    @CsvSource({
        "'ILLUMINANT \"F11\"', OTHER_LIGHT, F11",
        "'WEIGHTING_FUNCTION \"ILLUMINANT, C\"', OTHER_LIGHT, C",
        "'WEIGHTING_FUNCTION \"OBSERVER, 10 degree\"', OTHER_OBSERVER, 10",
        "NUMBER_OF_SETS 3, OTHER_COUNT, 2 / 3"
    })
    void whatIsNotKnownIsRefusedByName(String said, Code code, String detail) {
        ColourFile file = read(CGATS.replace("ORIGINATOR \"Test\"", said));

        assertThat(file.samples()).isEmpty();
        assertThat(file.problems()).singleElement().satisfies(p -> {
            assertThat(p.code()).isEqualTo(code);
            assertThat(p.detail()).isEqualTo(detail);
        });
        assertThat(read(CGATS.replace("ORIGINATOR \"Test\"", "NUMBER_OF_SETS 2"))
                        .samples())
                .hasSize(2);
    }

    @Test
    void spreadsheetsOfOldAreRead() {
        byte[] file = "sep=;\r\ncode;name;L;a;b\r\nV1;Gr\u00fcn;40,5;-14;20\r\nV2;Gelb;hell;0;0\r\n"
                .getBytes(java.nio.charset.Charset.forName("windows-1252"));

        assertThat(ColourFile.read(file).problems())
                .containsExactly(new ColourFileProblem(4, Code.NOT_A_NUMBER, "hell"));
        byte[] right = new String(file, java.nio.charset.Charset.forName("windows-1252"))
                .replace("hell", "80")
                .getBytes(java.nio.charset.Charset.forName("windows-1252"));
        assertThat(ColourFile.read(right).samples())
                .extracting(ColourSample::name)
                .containsExactly("Gr\u00fcn", "Gelb");
    }

    @Test
    void aPaletteIsReadAgain() {
        List<Pencil> pencils = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .limit(36)
                .toList();
        ColourFile back = read(ColourFileWriter.palette("Kit", pencils));

        assertThat(back.problems()).isEmpty();
        assertThat(back.samples()).hasSize(36);
        ColourSample red = back.samples().get(6);
        assertThat(red.code() + " " + red.name()).isEqualTo(pencils.get(6).title());
        assertThat(ColourDifference.ciede2000(
                        red.colour(), pencils.get(6).masstone().toLab()))
                .isLessThan(0.6);
        assertThat(read("GIMP Palette\n#\n300 0 0 X Y\nred\n").problems())
                .extracting(ColourFileProblem::code)
                .containsExactly(Code.OUT_OF_RANGE, Code.NOT_A_NUMBER);
    }

    @Test
    void csvIsUnderD65() {
        ColourFile file = read("name,L,a,b\nKelpish,40,-14,20\n");

        assertThat(ColourDifference.ciede2000(file.samples().get(0).colour(), new grastel.core.colour.Lab(40, -14, 20)))
                .isLessThan(1e-9);
        assertThat(file.samples().get(0).code()).isEqualTo("Kelpish");
    }

    @Test
    void everyWrongLineIsSaidAndNothingCounts() {
        ColourFile file = read(CGATS.replace("50 20", "fifty 20").replace("70.5 0 0", "170.5 0 0"));

        assertThat(file.samples()).isEmpty();
        assertThat(file.problems())
                .containsExactly(
                        new ColourFileProblem(7, Code.NOT_A_NUMBER, "fifty"),
                        new ColourFileProblem(8, Code.OUT_OF_RANGE, "170.5"));
    }

    @ParameterizedTest
    @CsvSource({
        "'name,red,green\nA,1,2\n', NO_COLOUR_COLUMNS",
        "'name,L,a,b\n', NO_DATA",
        "'name,L,a,b\nA,1,2,3\nA,1,2,3\n', NAME_TWICE",
        "'code,name,L,a,b\nA,,1,2,3\n', NAME_MISSING",
        "'name,L,a,b\n\"A,1,2,3\n', UNKNOWN_FORMAT",
        "'', NO_DATA"
    })
    void whatIsWrongIsSaid(String text, Code code) {
        assertThat(read(text).problems()).extracting(ColourFileProblem::code).containsExactly(code);
    }

    @Test
    void aTableThatDoesNotEndIsRefused() {
        assertThat(read(CGATS.replace("END_DATA\n", "").replace("END_DATA_FORMAT", "END_DATA_FORMAT"))
                        .problems())
                .extracting(ColourFileProblem::code)
                .containsExactly(Code.NO_DATA);
    }

    @Test
    void aNameThatASpreadsheetWouldRunIsKeptWordsAndComesBackAsItWas() {
        Pencil sly = Pencil.of("-1", "=2+5", Pencil.Binder.WAX, new Lab(50, 10, -0.0001), 0.5, 1);
        String csv = ColourFileWriter.csv(List.of(sly));

        assertThat(csv).contains("\n'-1,'=2+5,").doesNotContain(",-0.000,");
        assertThat(read(csv).samples()).singleElement().satisfies(back -> {
            assertThat(back.code()).isEqualTo("-1");
            assertThat(back.name()).isEqualTo("=2+5");
        });
    }

    @Test
    void tooMuchIsRefusedUnread() {
        assertThat(ColourFile.read(new byte[ColourFile.MOST_BYTES + 1]).problems())
                .extracting(ColourFileProblem::code)
                .containsExactly(Code.TOO_LARGE);
        assertThat(ColourFile.read(new byte[] {(byte) 0xff, 1, 2}).problems())
                .extracting(ColourFileProblem::code)
                .containsExactly(Code.NOT_TEXT);
    }

    private static ColourFile read(String text) {
        return ColourFile.read(text.getBytes(StandardCharsets.UTF_8));
    }
}
