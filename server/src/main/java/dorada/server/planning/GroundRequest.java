package dorada.server.planning;

import dorada.core.antenna.AirbandWhip.Radial;
import dorada.core.planning.GroundPlanner.Element;
import dorada.core.planning.GroundPlanner.Ground;
import dorada.core.planning.GroundPlanner.Mesh;
import dorada.core.planning.GroundPlanner.Metal;
import dorada.core.planning.GroundPlanner.RadialGround;
import dorada.core.planning.GroundPlanner.Sheet;
import dorada.core.planning.GroundPlanner.Tab;
import dorada.server.problem.UserProblem;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A whip on one kind of ground, over a band.
 *
 * @param whipM its length
 * @param slopeDeg from the vertical toward azimuth 0
 * @param whipRadiusM its radius
 * @param trim true to trim the whip until its dip lies in mid band
 * @param kind of the ground
 * @param radials of RADIALS
 * @param lengthM of MESH and SHEET, along azimuth 0
 * @param widthM of MESH and SHEET
 * @param openingM of MESH
 * @param wireRadiusM of MESH
 * @param thicknessM of SHEET
 * @param metal of the ground
 */
record GroundRequest(
        @NotNull double lowHz,
        @NotNull double highHz,
        @NotNull double limitSwr,
        @NotNull double whipM,
        @NotNull double slopeDeg,
        @NotNull double whipRadiusM,
        @NotNull boolean trim,
        @NotNull Kind kind,

        @NotNull @Size(max = 200, message = "{wrong.MANY}") List<RadialRequest> radials,

        @NotNull double lengthM,
        @NotNull double widthM,
        @NotNull double openingM,
        @NotNull double wireRadiusM,
        @NotNull double thicknessM,
        @NotNull Metal metal) {

    /** What the ground is. */
    enum Kind {
        TAB,
        RADIALS,
        MESH,
        SHEET
    }

    /** @param azimuthDeg from where the whip leans, counter-clockwise seen from above */
    record RadialRequest(
            @NotNull double azimuthDeg,
            @NotNull double lengthM,
            @NotNull double droopDeg,
            @NotNull double radiusM) {}

    Element element() {
        try {
            return new Element(whipM, slopeDeg, whipRadiusM);
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("whipM", e);
        }
    }

    Ground ground() {
        try {
            return switch (kind) {
                case TAB -> new Tab();
                case RADIALS ->
                    new RadialGround(
                            radials.stream()
                                    .map(r -> new Radial(r.azimuthDeg, r.lengthM, r.droopDeg, r.radiusM))
                                    .toList(),
                            metal);
                case MESH -> new Mesh(lengthM, widthM, openingM, wireRadiusM, metal);
                case SHEET -> new Sheet(lengthM, widthM, thicknessM, metal);
            };
        } catch (IllegalArgumentException e) {
            throw UserProblem.atField("radials", e);
        }
    }
}
