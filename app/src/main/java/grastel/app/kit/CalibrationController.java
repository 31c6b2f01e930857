package grastel.app.kit;

import static grastel.core.words.Words.say;

import grastel.app.kit.Kit.KitPaper;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.kit.KitViews.LabView;
import grastel.app.platform.ApiProblem;
import grastel.core.colour.Srgb;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.calibration.Calibration;
import grastel.core.layering.calibration.Calibration.Measured;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Readings of the colour meter, and what is learned from them about a pencil or a paper. */
@RestController
@RequestMapping("/api/kit")
class CalibrationController {
    private final Kit kit;
    private final ChartedKit charted;
    private final ColourMeter meter;
    private final Random noise = new Random();

    CalibrationController(Kit kit, ChartedKit charted, ColourMeter meter) {
        this.kit = kit;
        this.charted = charted;
        this.meter = meter;
    }

    /** A swatch as drawn and measured. */
    record MeasuredSwatch(
            @NotNull PressureGrade grade,
            @NotNull @Min(1) @Max(8) int passes,
            @NotNull @Valid LabView lab,
            String colour) {
        static MeasuredSwatch of(Measured m) {
            return new MeasuredSwatch(
                    PressureGrade.nearest(m.drawn().pass().pressure()),
                    m.drawn().passes(),
                    LabView.of(m.colour()),
                    Srgb.of(m.colour()).hex());
        }

        Measured measured(Pencil pencil) {
            return new Measured(new Layer.Colour(Pass.of(pencil, grade), passes), lab.toLab());
        }
    }

    record CalibrationRequest(
            @NotNull UUID paper,
            @NotNull @Size(min = 2, max = 20) List<@NotNull @Valid MeasuredSwatch> swatches,
            @NotNull boolean keep) {}

    /** @param before mean ΔE00 of the swatches with the values so far; @param after with the fitted ones */
    record CalibrationView(
            @NotNull LabView lab,
            @NotNull String colour,
            @NotNull double hiding,
            @NotNull double softness,
            @NotNull double before,
            @NotNull double after,
            @NotNull boolean kept) {}

    record LooseReading(@NotNull LabView lab, @NotNull String colour) {}

    /** The meter on the three swatches of a pencil that was drawn on a paper. */
    @PostMapping("/pencils/{id}/readings")
    List<MeasuredSwatch> read(@PathVariable UUID id, @RequestParam UUID paper) {
        KitPencil pencil = requireColour(kit.pencil(id));
        KitPaper on = kit.paper(paper);
        return meter.swatches(id, pencil.pencil(), on.paper(), noise).stream()
                .map(MeasuredSwatch::of)
                .toList();
    }

    /** The meter on a pencil from the box of loose ones. @param place 0…11 in the box */
    @PostMapping("/meter")
    LooseReading readLoose(@RequestParam @Min(0) @Max(11) int place) {
        var lab = meter.loosePencil(place, noise);
        return new LooseReading(LabView.of(lab), Srgb.of(lab).hex());
    }

    /** Fits a pencil to measured swatches; kept only if asked. */
    @PostMapping("/pencils/{id}/calibration")
    CalibrationView calibrate(@PathVariable UUID id, @Valid @RequestBody CalibrationRequest request) {
        Pencil pencil = requireColour(kit.pencil(id)).pencil();
        KitPaper paper = kit.paper(request.paper());
        Calibration.Fit<Pencil> fit = Calibration.pencil(
                pencil,
                paper.paper(),
                request.swatches().stream().map(s -> s.measured(pencil)).toList());
        if (request.keep()) {
            charted.calibrate(id, fit.found());
        }
        var lab = fit.found().masstone().toLab();
        return new CalibrationView(
                LabView.of(lab),
                Srgb.of(lab).hex(),
                fit.found().hiding(),
                fit.found().softness(),
                fit.before(),
                fit.after(),
                request.keep());
    }

    /** The meter on the three swatches of a pencil whose values are right, on a paper whose tooth is looked for. */
    @PostMapping("/papers/{id}/readings")
    List<MeasuredSwatch> readOn(@PathVariable UUID id, @RequestParam UUID pencil) {
        KitPaper on = kit.paper(id);
        return meter
                .swatchesOn(id, on.paper(), requireColour(kit.pencil(pencil)).pencil(), noise)
                .stream()
                .map(MeasuredSwatch::of)
                .toList();
    }

    record DepthRequest(
            @NotNull UUID pencil,
            @NotNull @Size(min = 2, max = 20) List<@NotNull @Valid MeasuredSwatch> swatches) {}

    /** @param tooth depth as fitted; @param before and after mean ΔE00 of the swatches with the depth so far and as fitted */
    record DepthView(
            @NotNull double tooth,
            @NotNull double before,
            @NotNull double after) {}

    /** Fits a paper's depth to measured swatches. Nothing is kept: the teacher keeps the paper. */
    @PostMapping("/papers/{id}/calibration")
    DepthView depth(@PathVariable UUID id, @Valid @RequestBody DepthRequest request) {
        KitPaper paper = kit.paper(id);
        Pencil pencil = requireColour(kit.pencil(request.pencil())).pencil();
        Calibration.Fit<Paper> fit = Calibration.paper(
                paper.paper(),
                request.swatches().stream().map(s -> s.measured(pencil)).toList());
        return new DepthView(fit.found().tooth().depth(), fit.before(), fit.after());
    }

    private static KitPencil requireColour(KitPencil pencil) {
        if (pencil.pencil().colourless()) {
            throw ApiProblem.conflict("COLOURLESS", say("problem.a-blender-has-no"));
        }
        return pencil;
    }
}
