package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.paper.PdfAnswer;
import grastel.app.projects.ProjectColours.With;
import grastel.app.projects.Projects.ProjectInfo;
import grastel.core.colour.Srgb;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import grastel.core.page.PageSize;
import grastel.core.project.ZoneColours;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.project.ZoneColours.Part;
import grastel.core.reference.Outlines.Area;
import grastel.core.reference.Zones;
import grastel.core.reference.Zones.Join;
import grastel.core.reference.Zones.Zone;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Areas of one colour each, and what the pencils at hand make of them. */
@RestController
@RequestMapping("/api/projects/{id}/zones")
class ZonesController {
    private final Projects projects;
    private final ProjectPictures pictures;
    private final ProjectColours colours;

    ZonesController(Projects projects, ProjectPictures pictures, ProjectColours colours) {
        this.projects = projects;
        this.pictures = pictures;
        this.colours = colours;
    }

    /**
     * @param number from 1, in reading order; @param value Munsell, 0…10; @param outline an SVG path in mm
     * @param name given to it; empty for none
     * @param x and y a place inside it, shares of the frame
     * @param splits those of the settings that it came from, from 0
     * @param joins those of the settings that made it, from 0
     */
    record ZoneView(
            @NotNull int number,
            @NotNull String own,
            @NotNull String light,
            @NotNull String shadow,
            @NotNull double value,
            @NotNull double areaMm2,
            @NotNull String outline,
            @NotNull String name,
            @NotNull double x,
            @NotNull double y,
            @NotNull List<Integer> splits,
            @NotNull List<Integer> joins) {}

    record ZoneLayerView(
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @NotNull PressureGrade grade,
            @NotNull int passes) {}

    /**
     * @param wanted as the picture has it; @param colour predicted; @param error ΔE00 between both
     * @param valueOff how much lighter than wanted, Munsell value
     * @param layers first layer first; none where the paper stays bare
     * @param minutes for 4 cm²
     */
    record ZoneColourView(
            @NotNull Part part,
            @NotNull String wanted,
            @NotNull String colour,
            @NotNull double error,
            @NotNull double valueOff,
            @NotNull double minutes,
            @NotNull List<ZoneLayerView> layers) {}

    /** @param zones that would carry it, from 1; @param worst how much further off a colour comes by it, ΔE00 */
    record GlazeView(
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @NotNull PressureGrade grade,
            @NotNull List<Integer> zones,
            @NotNull double worst) {
        static final GlazeView NONE = new GlazeView("", "", "", PressureGrade.WHISPER, List.of(), 0);
    }

    @GetMapping
    List<ZoneView> all(@PathVariable UUID id, @Valid @ParameterObject ProjectData settings) {
        Zones zones = pictures.zones(id, settings);
        List<Area> areas = zones.outlines(settings.followMm()).areas();
        return IntStream.range(0, zones.zones().size())
                .mapToObj(z -> view(z, zones, settings, areas))
                .toList();
    }

    private static ZoneView view(int zone, Zones zones, ProjectData settings, List<Area> areas) {
        Zone of = zones.zones().get(zone);
        double[] inside = zones.inside(zone);
        List<Join> joins = settings.joinsByHand();
        return new ZoneView(
                zone + 1,
                Srgb.of(of.own()).hex(),
                Srgb.of(of.light()).hex(),
                Srgb.of(of.shadow()).hex(),
                of.own().value(),
                of.areaMm2(),
                areas.stream().filter(a -> a.step() == zone).map(SvgPath::of).collect(Collectors.joining()),
                settings.name(zones, zone),
                inside[0],
                inside[1],
                zones.splitsOf(zone),
                IntStream.range(0, joins.size())
                        .filter(j -> zones.at(joins.get(j).x(), joins.get(j).y()) == zone)
                        .boxed()
                        .toList());
    }

    /** By the method of the class that draws it. @param number of the zone, from 1 */
    @GetMapping("/{number}/colours")
    List<ZoneColourView> colours(
            @PathVariable UUID id, @PathVariable int number, @Valid @ParameterObject ProjectData settings) {
        List<Zone> zones = pictures.zones(id, settings).zones();
        if (number < 1 || number > zones.size()) {
            throw ApiProblem.notFound(say("thing.zone"));
        }
        With with = colours.with(id, projects.one(id).schoolClass(), settings);
        // One zone is found sooner than all; a glaze depends on all of them.
        List<Mixed> mixed = settings.glazed()
                ? colours.of(id, settings, with).get(number - 1)
                : ZoneColours.of(zones.get(number - 1), with.paper(), with.pencils(), with.method());
        return mixed.stream().map(ZonesController::view).toList();
    }

    /** The thin glaze that would tie most of the picture together; with no zones where none does. */
    @GetMapping("/glaze")
    GlazeView glaze(@PathVariable UUID id, @Valid @ParameterObject ProjectData settings) {
        With with = colours.with(id, projects.one(id).schoolClass(), settings);
        return colours.tint(id, settings, with)
                .map(t -> new GlazeView(
                        t.pencil().code(),
                        t.pencil().name(),
                        Srgb.of(t.pencil().masstone().toLab()).hex(),
                        t.grade(),
                        t.zones().stream().map(zone -> zone + 1).toList(),
                        t.worst()))
                .orElse(GlazeView.NONE);
    }

    /** The colours of every zone as they are kept, layer by layer, with boxes to try them in. */
    @GetMapping(path = "/plan.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> plan(@PathVariable UUID id, @RequestParam PageSize paper) {
        ProjectInfo of = projects.one(id);
        With with = colours.with(id, of.schoolClass(), of.settings());
        List<List<Mixed>> all = colours.of(id, of.settings(), with);
        String materials = with.set() + " on " + with.paper().name();
        Zones zones = pictures.zones(id, of.settings());
        List<String> names = IntStream.range(0, all.size())
                .mapToObj(z -> of.settings().name(zones, z))
                .toList();
        return PdfAnswer.of(ColourPlan.pdf(of.title(), paper, materials, names, all), of.title() + ", colours.pdf");
    }

    private static ZoneColourView view(Mixed m) {
        return new ZoneColourView(
                m.part(),
                Srgb.of(m.wanted()).hex(),
                Srgb.of(m.colour()).hex(),
                m.error(),
                m.valueOff(),
                m.minutes(),
                m.layers().stream().map(l -> view((Layer.Colour) l)).toList());
    }

    private static ZoneLayerView view(Layer.Colour layer) {
        Pencil pencil = layer.pass().pencil();
        return new ZoneLayerView(
                pencil.code(),
                pencil.name(),
                Srgb.of(pencil.masstone().toLab()).hex(),
                PressureGrade.nearest(layer.pass().pressure()),
                layer.passes());
    }
}
