package dorada.core.antenna;

import dorada.core.wire.Point;
import dorada.core.wire.Wire;
import java.util.List;

/**
 * A rectangle of sheet metal or mesh, as a grid of wires. For a closed sheet the wires have as much surface as the sheet:
 * radius = spacing/2π. Source: A. C. Ludwig, Wire grid modeling of surfaces, IEEE Trans. AP 35 (1987) 1045; from memory.
 *
 * @param lengthM along x, in metres
 * @param widthM along y
 * @param spacingM wanted distance of the wires; at most a tenth of a wavelength stands for a closed sheet
 * @param wireRadiusM of a mesh that is one; 0 for a sheet
 */
public record Plate(double lengthM, double widthM, double spacingM, double wireRadiusM) {

    public Plate {
        if (!(lengthM > 0) || !(widthM > 0) || !(spacingM > 0) || !(wireRadiusM >= 0)) {
            throw new IllegalArgumentException("A plate needs a length, a width and a spacing above 0 m.");
        }
    }

    /** Sheet metal. */
    public static Plate sheet(double lengthM, double widthM, double spacingM) {
        return new Plate(lengthM, widthM, spacingM, 0);
    }

    /**
     * Adds the grid at height {@code z}; one of its lines runs through {@code x} (and {@code y}), so that an antenna can
     * stand exactly where it is wanted; on either side of it the lines are even. The centre is 0, 0.
     *
     * @return the crossing at {@code x}, {@code y}
     */
    Point addTo(List<Wire> wires, double x, double y, double z) {
        double[] along = lines(lengthM, x);
        double[] across = lines(widthM, y);
        double radius = wireRadiusM > 0
                ? wireRadiusM
                : (lengthM / (along.length - 1) + widthM / (across.length - 1)) / 2 / (2 * Math.PI);
        for (int i = 0; i < along.length; i++) {
            for (int j = 0; j < across.length; j++) {
                Point here = new Point(along[i], across[j], z);
                if (i + 1 < along.length) {
                    wires.add(new Wire(here, new Point(along[i + 1], across[j], z), radius));
                }
                if (j + 1 < across.length) {
                    wires.add(new Wire(here, new Point(along[i], across[j + 1], z), radius));
                }
            }
        }
        return new Point(x, y, z);
    }

    /** The crossing of the grid that {@link #addTo} makes through {@code x}, {@code y} at height 0, nearest to a place. */
    public Point crossingNearest(double x, double y, double placeX, double placeY) {
        return new Point(nearest(lines(lengthM, x), placeX), nearest(lines(widthM, y), placeY), 0);
    }

    private static double nearest(double[] lines, double place) {
        double best = lines[0];
        for (double l : lines) {
            best = Math.abs(l - place) < Math.abs(best - place) ? l : best;
        }
        return best;
    }

    private double[] lines(double size, double through) {
        if (Math.abs(through) > size / 2) {
            throw new IllegalArgumentException("The antenna stands beside its plate.");
        }
        double below = through + size / 2;
        double above = size / 2 - through;
        int first = pieces(below);
        int second = pieces(above);
        double[] at = new double[first + second + 1];
        for (int i = 0; i <= first; i++) {
            at[i] = i == first ? through : -size / 2 + below * i / first;
        }
        for (int i = 1; i <= second; i++) {
            at[first + i] = through + above * i / second;
        }
        return at;
    }

    private int pieces(double part) {
        return part == 0 ? 0 : Math.max(1, (int) Math.round(part / spacingM));
    }
}
